import { blend } from '../optics/blend';
import { reflectanceOf } from '../optics/film';
import { paintOptics } from '../optics/reserve';
import { spectrumToHex } from '../optics/spectrum';
import type { Brief } from '../plan/brief/brief';
import { openPlan } from '../plan/document/open';
import type { Plan } from '../plan/document/schema';

/** What a pour leaves behind, all pieces together. */
export interface LeftOver {
  readonly runOffG: number;
  /** What was kept back and not yet used. */
  readonly keptG: number;
  /** Oil in any colour is in all that ran off. */
  readonly silicone: boolean;
  /** Colour of it all stirred together, thick enough to hide. */
  readonly hex: string;
  /** What the run-off may become, in sentences, for its amount and what is in it. */
  readonly may: readonly string[];
}

/**
 * What is left after a pour and what it may become (handbook 2, common practice).
 * @param runOffMl what the preview says runs off one piece, where it has been computed; else the budget's estimate
 */
export function leftOver(plan: Plan, brief: Brief, runOffMl?: number): LeftOver {
  const { budget, surface } = brief;
  const density = budget.totalMl > 0 ? budget.totalG / budget.totalMl : 1.1;
  const runOffG = runOffMl === undefined ? budget.runOffG : runOffMl * surface.pieces * density;
  const keptG = budget.pots
    .filter((p) => p.use === 'keep' || p.use === 'extender')
    .reduce((sum, p) => sum + p.g, 0);
  const silicone = openPlan(plan).oily;
  return { runOffG, keptG, silicone, hex: stirred(plan, brief), may: mayBecome(runOffG, silicone) };
}

/** All paints of a plan stirred together, each by its volume. */
function stirred(plan: Plan, brief: Brief): string {
  const paints = plan.paints.flatMap((paint) => {
    const volume = brief.mixes
      .flatMap((m) => m.steps)
      .filter((s) => s.material === paint.id)
      .reduce((sum, s) => sum + s.ml, 0);
    return volume > 0 ? [{ optics: paintOptics(paint), volume }] : [];
  });
  return spectrumToHex(blend(paints, 0).q.map(reflectanceOf));
}

/** What so much caught paint is good for. */
export function mayBecome(g: number, silicone: boolean): string[] {
  return [
    ...(g >= 15
      ? ['Let it dry on a sheet for skins: jewellery and inlays are cut from them.']
      : []),
    ...(g >= 40 ? ['Dip or press small tiles in it: about 20 g a 10 cm tile.'] : []),
    ...(g >= 120
      ? [
          silicone
            ? 'Stir it to one mystery colour for a pour with cells; the silicone in it stays in it, so never for a base.'
            : 'Stir it to one mystery colour, for a base or a dirty pour.',
        ]
      : []),
    ...(g < 15 ? ['Too little to keep: let it dry in the tray and bin it.'] : []),
  ];
}
