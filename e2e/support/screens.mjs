/** The address of every screen, of a studio with the demo in it. */
export async function screensOf(studio) {
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  const { runs } = await (await fetch(`${studio.url}/api/runs`)).json();
  const stations = ['surface', 'colours', 'mixes', 'cups', 'moves', 'preview', 'pour', 'finish'];
  return [
    '/bench',
    '/plans',
    '/plans/new',
    ...stations.map((s) => `/plans/${plans[0].id}/${s}`),
    `/plans/${plans[0].id}/compare`,
    '/shelf',
    '/shelf?kind=vessel',
    '/shelf/paint/damson',
    '/shelf/material/new',
    '/shelf/medium/new',
    '/shelf/vessel/new',
    '/trials',
    '/journal',
    `/journal/${runs[0].id}`,
    '/settings',
  ];
}
