import { brief, edit, newPlan } from '@potter/core/plan';
import { plainSurface } from '@potter/core/surface';
import { readyCheck } from './ready';

const plan = (coverEdges: boolean) =>
  newPlan({
    title: 'T',
    surface: plainSurface(
      { kind: 'rect', widthMm: 200, heightMm: 200 },
      { edgeDepthMm: 18, coverEdges },
    ),
    paints: [
      {
        id: 'oat',
        name: 'Oat milk',
        hex: '#ece5d6',
        opacity: 'opaque',
        body: 'heavy',
        finish: 'satin',
      },
    ],
    technique: 'flip-cup',
  });

const NOW = '2026-11-28T10:00';

test('asks for what the plan needs, and for nothing it does not', () => {
  const ids = (cover: boolean) => readyCheck(plan(cover), brief(plan(cover)), NOW).map((i) => i.id);
  expect(ids(true)).toEqual([
    'tend-paint-edges',
    'tend-level',
    'tend-raise',
    'tend-tray',
    'mix m-oat',
    'cup c1',
    'ready torch',
    'gloves',
  ]);
  expect(ids(false)).not.toContain('tend-paint-edges');
});

test('what was weighed is ticked, what was weighed in part is not', () => {
  const p = plan(true);
  const { g } = brief(p).mixes[0]!;
  const done = (weighedG: number) => {
    const made = edit.setMade(p, {
      mix: 'm-oat',
      on: NOW,
      of: [{ material: 'oat', g: weighedG }],
    });
    return readyCheck(made, brief(made), NOW).find((i) => i.id === 'mix m-oat')?.done;
  };
  expect(done(g)).toBe(true);
  expect(done(g / 2)).toBe(false);
});

test('shaken mixes are asked to have stood; nobody is asked who did not shake them', () => {
  const item = (shaken: string | undefined) => {
    const p = edit.setShaken(plan(true), shaken);
    return readyCheck(p, brief(p), NOW).find((i) => i.id === 'bubbles');
  };
  expect(item(undefined)).toBeUndefined();
  expect(item('2026-11-28T09:50')).toMatchObject({
    done: false,
    says: expect.stringContaining('20 min more'),
  });
  expect(item('2026-11-28T09:30')).toMatchObject({ done: true });
});
