import type { Intent } from '../../budget/schema';
import { hexToLab } from '../../optics/lab';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** Below this lightness a colour takes over (CIE L*, estimate). */
const DARK_L = 32;

/**
 * What each colour seems to be for, as a start: the palest is the background, the most colourful of the others dominates, metals are
 * accents, strong darks stay little.
 */
export function likelyIntents(plan: Plan): ReadonlyMap<string, Intent> {
  const open = openPlan(plan);
  const looks = plan.budget.shares.map(({ mix: id }) => {
    const first = open.hasMix(id) ? open.mix(id).paints[0]?.paint : undefined;
    const finish = first === undefined ? undefined : open.paint(first).finish;
    const [l, a, b] = hexToLab(open.hexOf(id));
    const metal = finish === 'metallic' || finish === 'pearl';
    return { id, l, chroma: Math.hypot(a, b), metal };
  });
  const plain = looks.filter((c) => !c.metal);
  const palest = plain.reduce<(typeof looks)[number] | undefined>(
    (best, c) => (best === undefined || c.l > best.l ? c : best),
    undefined,
  );
  const loudest = plain
    .filter((c) => c !== palest && c.l >= DARK_L)
    .reduce<(typeof looks)[number] | undefined>(
      (best, c) => (best === undefined || c.chroma > best.chroma ? c : best),
      undefined,
    );
  return new Map(
    looks.map((c): [string, Intent] => [
      c.id,
      c.metal
        ? 'accent'
        : c === palest
          ? 'background'
          : c === loudest
            ? 'dominant'
            : c.l < DARK_L
              ? 'dark'
              : 'support',
    ]),
  );
}
