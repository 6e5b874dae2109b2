import { separatorLayer } from '../cup/separator';
import { type Neighbours, neighbours } from '../optics/neighbour';
import type { Evidence, PatchOp } from './evidence';

/** Two mixes that lie on each other somewhere in the cups. */
export interface Touching {
  readonly a: string;
  readonly b: string;
  readonly judged: Neighbours;
  /** Cup and upper layer of every place, in the document. */
  readonly places: readonly { readonly cup: number; readonly layer: number }[];
}

/** Made colours nobody expects between their parents; orange between red and yellow is not one of them. */
const UNWANTED = ['pink', 'green', 'olive', 'brown', 'grey'];

export const makesUnwanted = (judged: Neighbours): boolean =>
  judged.makes !== undefined && UNWANTED.includes(judged.makes);

/** Every pair of different mixes that touch, each once. Cups that reverse another add no new pair. */
export function touchingPairs({ plan, mixes }: Evidence): Touching[] {
  const pairs = new Map<string, Touching & { places: { cup: number; layer: number }[] }>();
  plan.cups.forEach((cup, c) =>
    (cup.layers ?? []).forEach((layer, i) => {
      const below = cup.layers?.[i - 1];
      if (!below || below.mix === layer.mix) return;
      const [a, b] = [below.mix, layer.mix].sort() as [string, string];
      const known = pairs.get(`${a}|${b}`);
      if (known) known.places.push({ cup: c, layer: i });
      else {
        const judged = neighbours(
          mixes.get(a)?.masstoneHex ?? '#808080',
          mixes.get(b)?.masstoneHex ?? '#808080',
        );
        pairs.set(`${a}|${b}`, { a, b, judged, places: [{ cup: c, layer: i }] });
      }
    }),
  );
  return [...pairs.values()];
}

/**
 * A thin layer of the mix that gets on best with both, put in at every place they touch; none where nothing does.
 * One that makes an unwanted colour with either is the last choice, and none at all where that is what to mend.
 */
export function separate(
  { plan, mixes }: Evidence,
  { a, b, judged, places }: Touching,
): { readonly mix: string; readonly patch: readonly PatchOp[] } | undefined {
  const hex = (id: string) => mixes.get(id)?.masstoneHex ?? '#808080';
  const avoidsUnwanted =
    makesUnwanted(judged) && judged.verdict !== 'mud' && judged.verdict !== 'merge';
  let best: { id: string; score: number } | undefined;
  for (const { id } of plan.mixes) {
    if (id === a || id === b || !plan.budget.shares.some((s) => s.mix === id && s.share > 0))
      continue;
    const both = [neighbours(hex(id), hex(a)), neighbours(hex(id), hex(b))];
    if (both.some((n) => n.verdict === 'mud' || n.verdict === 'merge')) continue;
    const tinted = both.some(makesUnwanted);
    if (tinted && avoidsUnwanted) continue;
    const score = Math.min(...both.map((n) => n.score)) - (tinted ? 1 : 0);
    if (!best || score > best.score) best = { id, score };
  }
  if (!best) return undefined;
  const mix = best.id;
  // From the top down, so that an insertion does not move the places still to come.
  const patch = [...places]
    .sort((p, q) => q.cup - p.cup || q.layer - p.layer)
    .map(({ cup, layer }): PatchOp => ({
      op: 'add',
      path: `/cups/${cup}/layers/${layer}`,
      value: separatorLayer(mix),
    }));
  return { mix, patch };
}
