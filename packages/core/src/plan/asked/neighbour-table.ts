import { layersOf } from '../../cup/load';
import { type Neighbours, neighbours } from '../../optics/neighbour';
import { type Brief, masstoneIn } from '../brief/brief';
import type { Plan } from '../document/schema';

/** Two colours of a plan beside each other. */
export interface NeighbourPair {
  readonly a: string;
  readonly b: string;
  readonly hexA: string;
  readonly hexB: string;
  readonly judged: Neighbours;
  /** The verdict in an artist's words. */
  readonly says: string;
  /** How often they lie on each other in the cups as they are loaded now. */
  readonly touches: number;
}

const SAYS: Readonly<Record<Neighbours['verdict'], string>> = {
  merge: 'merge, too alike',
  mud: 'turn to mud',
  dulls: 'dull each other',
  low: 'little contrast',
  clean: 'stay clean',
};

/** A verdict on a pair, after their names. */
export const verdictWords = ({ verdict, makes }: Neighbours): string =>
  SAYS[verdict] + (makes && verdict !== 'merge' ? `, make ${makes}` : '');

/** Every pair of the colours that are poured, worst first: what loses most contrast or turns most to mud. */
export function neighbourTable(plan: Plan, brief: Brief): NeighbourPair[] {
  const poured = plan.budget.shares.filter((s) => s.share > 0).map((s) => s.mix);
  const hexOf = masstoneIn(brief);
  const touching = new Map<string, number>();
  for (const cup of plan.cups) {
    const layers = layersOf(cup, plan.cups);
    layers.slice(1).forEach((layer, i) => {
      const pair = key(layer.mix, layers[i]!.mix);
      touching.set(pair, (touching.get(pair) ?? 0) + 1);
    });
  }
  return poured
    .flatMap((b, j) =>
      poured.slice(0, j).map((a): NeighbourPair => {
        const [hexA, hexB] = [hexOf(a), hexOf(b)];
        const judged = neighbours(hexA, hexB);
        return {
          a,
          b,
          hexA,
          hexB,
          judged,
          says: verdictWords(judged),
          touches: touching.get(key(a, b)) ?? 0,
        };
      }),
    )
    .sort((x, y) => x.judged.score - y.judged.score);
}

const key = (a: string, b: string): string => (a < b ? `${a} ${b}` : `${b} ${a}`);
