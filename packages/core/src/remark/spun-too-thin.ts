import { trim } from '../quantity/show';
import { secondsOf, verbOf } from '../verb';
import type { Evidence, Finding, RemarkDefinition } from './evidence';

/** What is mended is left this much thicker than the least. */
const SPARE = 1.5;

/** Paint spun off until what is left no longer covers. */
export const spunTooThin: RemarkDefinition = {
  id: 'spun-too-thin',
  see: (evidence) => {
    const { plan, amounts, factors } = evidence;
    const leastMm = factors['spun-least'];
    const nu = meanNu(evidence);
    let filmMm = amounts.laidMm;
    return plan.moves.flatMap((move, i): Finding[] => {
      const { thinsTo, gentler, title } = verbOf(move);
      if (verbOf(move).sheds) filmMm = Math.min(filmMm, Math.max(amounts.onFaceMm, leastMm));
      if (!thinsTo) return [];
      const timed = { ...move, s: secondsOf(move) };
      const [before, leavesMm] = [filmMm, thinsTo(timed, filmMm, nu)];
      filmMm = leavesMm;
      if (leavesMm >= leastMm || before <= leastMm * SPARE) return [];
      const change = gentler?.(timed, before, nu, leastMm * SPARE) ?? {};
      return [
        {
          severity: 'may',
          about: `/moves/${i}`,
          message: `Move ${i + 1} spins the film down to ${trim(leavesMm, 2)} mm: it goes bare, and the colours are in the basin.`,
          advice: `Slower or shorter: ${trim(leastMm, 1)} mm is the least that covers.`,
          numbers: { move: i + 1, leavesMm, leastMm },
          fix: {
            label: `${title} more gently`,
            patch: [...Object.entries(change), ['own', true] as const].map(([name, value]) => ({
              op: 'add',
              path: `/moves/${i}/${name}`,
              value,
            })),
          },
        },
      ];
    });
  },
};

/** Mean kinematic viscosity of the colours, m²/s, by the rule mixtures follow. */
function meanNu({ amounts, mixes }: Evidence): number {
  const pots = amounts.pots.filter((p) => p.ml > 0 && p.use !== 'keep');
  const ml = pots.reduce((sum, p) => sum + p.ml, 0);
  const ln = pots.reduce((sum, p) => {
    const recipe = mixes.get(p.mix)?.recipe;
    return (
      sum + (recipe ? p.ml * Math.log(recipe.viscosityPaS / (1000 * recipe.densityGPerMl)) : 0)
    );
  }, 0);
  return Math.exp(ln / Math.max(ml, 1e-9));
}
