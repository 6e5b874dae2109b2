import { brief, newPlan } from '@potter/core/plan';
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

test('asks for what the plan needs, and for nothing it does not', () => {
  const ids = (cover: boolean) => readyCheck(plan(cover), brief(plan(cover))).map((i) => i.id);
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
