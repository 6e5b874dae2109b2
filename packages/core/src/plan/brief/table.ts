import type { Amounts } from '../../budget/budget';
import { sheetsWith } from '../../coat';
import type { LoadedCup } from '../../cup/load';
import { strataOf } from '../../cup/strata';
import type { Factors } from '../../factor';
import { stripOf } from '../../surface/outline/strip';
import { measureSurface, shapeOf, type SurfaceMeasure } from '../../surface/measure';
import type { InCup, Scene, Table } from '../../verb';
import { type OpenPlan, openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** What verbs may ask about a plan. */
function sceneOf(open: OpenPlan, measure: SurfaceMeasure): Scene {
  const { surface } = open.plan;
  return {
    mixName: open.mixName,
    cupName: open.cupName,
    densityOf: open.densityOf,
    outletOf: (id) => open.cup(id)?.outlet,
    mouthMm: (id) => open.cup(id)?.vessel.topMm ?? 0,
    lobesOf: (id) => open.cup(id)?.vessel.compartments ?? 1,
    areaCm2: measure.areaCm2 / measure.pieces,
    edgeCm2: measure.edgeCm2 / measure.pieces,
    outlineMm: measure.outlineMm,
    pieces: measure.pieces,
    oily: open.oily,
    sheets: sheetsWith(open.plan.sheets),
    openRim: surface.rim.kind === 'open',
    corners: shapeOf(surface.shape).reachName.one === 'corner',
    stripOf: (deg, from, to) =>
      stripOf(
        shapeOf(surface.shape).rings(surface.shape),
        (measure.areaCm2 / measure.pieces) * 100,
        deg,
        from,
        to,
      ),
    ...shapeOf(surface.shape).bounds(surface.shape),
  };
}

/** What verbs may ask about a plan that has no brief yet. */
export const verbScene = (plan: Plan): Scene =>
  sceneOf(openPlan(plan), measureSurface(plan.surface));

/** Cups loaded and pots set aside: what stands on the table before the first move. */
export function tableOf(
  open: OpenPlan,
  measure: SurfaceMeasure,
  { pots }: Amounts,
  cups: readonly LoadedCup[],
  factors: Factors,
): Table {
  return {
    scene: sceneOf(open, measure),
    cups: new Map(cups.map((cup) => [cup.id, inCup(cup)])),
    pots: pots.filter((p) => p.use !== 'colour'),
    factors,
    viscosityOf: (mix) => open.recipe(mix).viscosityPaS,
  };
}

const inCup = (cup: LoadedCup): InCup => ({
  ...strataOf(cup),
  ...(cup.pourSideDeg === undefined ? {} : { pourSideDeg: cup.pourSideDeg }),
  ml: cup.filledMl,
  g: cup.layers.reduce((sum, l) => sum + l.g, 0),
});
