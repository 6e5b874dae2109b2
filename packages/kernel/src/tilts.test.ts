import { finish, type Engine, workbench } from '@potter/core/flow';
import { brief, newPlan, previewOf } from '@potter/core/plan';
import { runOffOf } from '@potter/core/remark';
import { CANVAS, OAT, QUINCE, SLATE } from '../../core/src/plan/fixture.test-data';
import { loadEngine } from './index';

const FULL = 'POTTER_FULL' in globalThis;

let engine: Engine;
beforeAll(async () => {
  engine = await loadEngine();
});

// The run-off estimate is science.md's: what is laid less 0.8 mm that stays.
test.each([
  ['rect', 'generous'],
  ['rect', 'lean'],
  ['round', 'generous'],
  ['round', 'lean'],
] as const)(
  'the flip’s own tilts reach every corner and lose at most a third over the estimate: %s, %s',
  (kind, school) => {
    const shape =
      kind === 'rect' ? { kind, widthMm: 500, heightMm: 400 } : { kind, diameterMm: 300 };
    const p = newPlan({
      title: 'Any',
      paints: [OAT, SLATE, QUINCE],
      surface: { ...CANVAS, shape },
      technique: 'flip-cup',
      school,
    });
    const b = brief(p);
    const { scene, palette } = previewOf(p, b);
    const { outcome: came } = finish(workbench(engine, 8192), {
      scene,
      palette,
      pixels: [24],
      cells: FULL ? 184 : 56,
    });
    expect(came.bareMm).toEqual([]);
    expect(came.coveredShare).toBeGreaterThan(0.99);
    const { lostG, expectedG } = runOffOf(b.surface, b.budget, came);
    expect(lostG).toBeLessThan((4 / 3) * expectedG);
    expect(lostG).toBeGreaterThan(0.5 * expectedG);
  },
);
