import { type Engine, finish, layGrid, pourOn, workbench } from '@potter/core/flow';
import { brief, edit, type Plan, previewOf } from '@potter/core/plan';
import { VERBS, type VerbId } from '@potter/core/verb';
import fc from 'fast-check';
import { endOf } from '../../core/src/flow/scene.test-data';
import { anyPlan } from '../../core/src/plan/any-plan.test-data';
import { loadEngine } from './index';

let engine: Engine;
beforeAll(async () => {
  engine = await loadEngine();
});

const FULL = 'POTTER_FULL' in globalThis;
const CELLS = FULL ? 32 : 24;
const flowing = (Object.keys(VERBS) as VerbId[]).filter((id) => VERBS[id].does !== undefined);

/** Any plan with some moves more, of whatever verb, as they come. */
const anyPour = fc
  .tuple(anyPlan, fc.array(fc.constantFrom(...flowing), { maxLength: 4 }))
  .map(([plan, verbs]) =>
    verbs.reduce((p: Plan, verb) => edit.addMove(p, verb, edit.placeForMove(p)), plan),
  );

test('any plan pours: every number is one, and what was laid stands, hangs, ran off or was taken off', () => {
  fc.assert(
    fc.property(anyPour, (plan) => {
      const { scene, palette } = previewOf(plan, brief(plan));
      const site = layGrid(scene, CELLS);
      const kernel = engine.make(site.grid, 4096);
      const pour = endOf(pourOn(kernel, scene, site));
      const stands = pour.h.reduce((sum, h) => sum + h, 0) * site.grid.dx ** 2 * 1e6;
      const off = pour.spiltMl.reduce((sum, ml) => sum + ml, 0);
      expect(Math.min(...pour.h)).toBeGreaterThanOrEqual(0);
      expect(
        Math.abs(stands + off + pour.edgesMl + pour.takenMl - pour.laidMl),
      ).toBeLessThanOrEqual(1e-4 * Math.max(1, pour.laidMl));
      const { outcome } = finish(workbench(engine, 4096), {
        scene,
        palette,
        pixels: [32],
        cells: CELLS,
      });
      for (const n of [
        outcome.coveredShare,
        ...Object.values(outcome.film),
        ...Object.values(outcome.spiltMl),
        ...Object.values(outcome.shows),
      ])
        expect(Number.isFinite(n) && n >= 0).toBe(true);
    }),
    { numRuns: FULL ? 2000 : 6 },
  );
});
