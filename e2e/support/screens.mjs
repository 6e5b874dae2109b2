/** The address of every screen, of a studio with the demo in it. */
export async function screensOf(studio) {
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  const { runs } = await (await fetch(`${studio.url}/api/runs`)).json();
  const stations = ['surface', 'colours', 'mixes', 'cups', 'moves', 'preview', 'pour', 'finish'];
  return [
    '/bench',
    '/bench/rack',
    '/plans',
    '/plans/new',
    ...stations.map((s) => `/plans/${plans[0].id}/${s}`),
    ...[
      'compare',
      'template',
      'weigh',
      'strip',
      'coach',
      'load',
      'loading',
      'order',
      'chip',
      'ways',
      'choose',
      'level',
      'run-sheet',
      'card',
    ].map((s) => `/plans/${plans[0].id}/${s}`),
    // Letters: an outline of their own, a cup for each stroke.
    `/plans/${plans.find((p) => p.title === 'Number 27').id}/surface`,
    `/plans/${plans.find((p) => p.title === 'Beetroot Bloom').id}/draw?move=14`,
    `/shopping?plans=${plans[0].id},${plans[1].id}`,
    `/batch?plans=${plans[0].id},${plans[1].id}`,
    '/shelf',
    '/shelf?kind=vessel',
    '/shelf/starter',
    '/shelf/paint/damson',
    '/shelf/material/new',
    '/shelf?kind=medium',
    '/shelf/medium/new',
    '/shelf/make/studio-blend',
    '/shelf/vessel/new',
    '/shelf/surface/new',
    '/shelf/finish/new',
    '/shelf/jar/new',
    '/trials',
    '/journal',
    '/journal/new',
    '/journal/piece-tray-one',
    '/journal/piece-tray-one/page',
    `/journal/${runs[0].id}`,
    '/settings',
    '/nowhere',
  ];
}
