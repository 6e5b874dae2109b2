import { layersOf } from '../../cup/load';
import { type Pace, paceOf } from '../../cup/pace';
import { type Neighbours, neighbours } from '../../optics/neighbour';
import { capital } from '../../quantity/capital';
import { borderLengths } from '../../order/lengths';
import { type Brief, masstoneIn } from '../brief/brief';
import { isPair } from '../edit/order';
import { emptiesOf, liesOf } from './leaves';
import { verdictWords } from './neighbour-table';
import type { Plan } from '../document/schema';

/** Where two different layers touch in a cup. */
export interface Seam {
  /** Position of the upper layer. */
  readonly at: number;
  readonly below: string;
  readonly above: string;
  readonly judged: Neighbours;
  readonly says: string;
  /** The artist wants these two apart. */
  readonly unwanted: boolean;
  readonly weight: SeamWeight;
  /** How long it comes to be on the surface beside the longest there may be, 0..1. */
  readonly length: number;
}

/** What the difference in weight of two layers does. */
interface SeamWeight {
  /** g/mL by which the upper one is heavier; less than nothing where it is lighter. */
  readonly heavierGPerMl: number;
  /** How fast the upper one sinks in the cup. */
  readonly inCup: Pace;
  /** How fast the one that comes to lie above on the surface sinks there, through the other. */
  readonly onSurface: Pace;
}

/** All seams of a cup as it is loaded now, bottom to top. Two layers of one mix on each other are one. */
export function seamsOf(plan: Plan, brief: Brief, cup: number): Seam[] {
  const doc = plan.cups[cup];
  if (!doc) return [];
  const mixOf = (id: string) => brief.mixes.find((m) => m.id === id);
  const hexOf = masstoneIn(brief);
  const density = (id: string) => mixOf(id)?.densityGPerMl ?? 1;
  // What stands lower comes to lie above: a flip turns the stack over, and over a rim what comes later lies on what came before.
  const turned = emptiesOf(plan, doc.id).outlet.from === 'top';
  const layers = layersOf(doc, plan.cups);
  const lengths = borderLengths(layers.length, liesOf(plan, doc.id));
  return layers.slice(1).flatMap((layer, i): Seam[] => {
    const [below, above] = [layers[i]!.mix, layer.mix];
    if (below === above) return [];
    const judged = neighbours(hexOf(below), hexOf(above));
    const heavierGPerMl = density(above) - density(below);
    return [
      {
        at: i + 1,
        below,
        above,
        judged,
        says: verdictWords(judged),
        unwanted: (plan.order?.apart ?? []).some((p) => isPair(p, below, above)),
        weight: {
          heavierGPerMl,
          inCup: paceOf(heavierGPerMl, brief.factors),
          onSurface: paceOf(turned ? -heavierGPerMl : heavierGPerMl, brief.factors),
        },
        length: lengths[i]!,
      },
    ];
  });
}

/** A seam's weights in an artist's words, names as they are given; undefined where both weigh about the same. */
export function weightWords(
  { below, above, weight }: Seam,
  nameOf: (mix: string) => string,
): string | undefined {
  const { heavierGPerMl, inCup, onSurface } = weight;
  const [heavy, light] =
    heavierGPerMl > 0 ? [nameOf(above), nameOf(below)] : [nameOf(below), nameOf(above)];
  const said: string[] = [];
  if (inCup === 'fast') said.push(`${heavy} sinks through ${light} in the cup: pour at once`);
  if (inCup === 'slow') said.push(`${heavy} sinks slowly into ${light} while the cup stands`);
  if (onSurface === 'fast')
    said.push(`on the surface ${heavy} sinks and ${light} comes up through it: cells`);
  if (onSurface === 'slow')
    said.push(`on the surface ${heavy} sinks slowly below ${light}: few, late cells`);
  if (said.length === 0) return undefined;
  const whole = said.join('; ');
  return `${capital(whole)}.`;
}

/** How an order does as a whole: its worst seam and all on average, by the neighbours' own scores and how long their borders are. */
export interface OrderJudged {
  readonly worst?: Seam;
  readonly mean: number;
  /** Seams with mud, with colours that merge, and where pairs touch that should not. */
  readonly bad: number;
  readonly seams: number;
}

/** Judges the order of some seams. */
export function judgeOrder(seams: readonly Seam[]): OrderJudged {
  const [worst] = [...seams].sort(
    (a, b) => Number(b.unwanted) - Number(a.unwanted) || a.judged.score - b.judged.score,
  );
  return {
    ...(worst ? { worst } : {}),
    mean:
      seams.length === 0
        ? 1
        : seams.reduce((sum, s) => sum + s.judged.score * s.length, 0) /
          seams.reduce((sum, s) => sum + s.length, 0),
    bad: seams.filter(
      (s) => s.unwanted || s.judged.verdict === 'mud' || s.judged.verdict === 'merge',
    ).length,
    seams: seams.length,
  };
}
