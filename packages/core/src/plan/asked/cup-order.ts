import type { OrderAsk } from '../../order/answer';
import type { OrderWish } from '../../order/arrange';
import type { CupOrder } from '../../order/schema';
import { type Brief, masstoneIn } from '../brief/brief';
import type { Plan } from '../document/schema';
import { liesOf } from './leaves';
import { facedBy, meetingsOf, outerEnd } from './meetings';

/** What is asked about one cup, and which mixes its positions stand for. */
export interface CupOrderAsk {
  readonly mixes: readonly string[];
  readonly ask: OrderAsk;
}

/**
 * The question of a cup's best order, from its layers and what the plan asks of orders; undefined for a cup without layers of its own, or with one.
 * Wishes that name a mix which is not in the cup ask nothing of it; a separator may come from outside.
 * @param among the cups it is weighed against where they stand beside it
 */
export function cupOrderAsk(
  plan: Plan,
  brief: Brief,
  cup: number,
  wanted: CupOrder = plan.order ?? { school: 'contrast' },
  among: (cup: number) => boolean = () => true,
): CupOrderAsk | undefined {
  const layers = plan.cups[cup]?.layers ?? [];
  const inCup = [...new Set(layers.map((l) => l.mix))];
  if (inCup.length < 2) return undefined;
  const { separator } = wanted;
  const { id } = plan.cups[cup]!;
  const end = outerEnd(plan, id);
  const facing =
    wanted.facing && end
      ? facedBy(
          meetingsOf(plan, brief).filter(({ cups }) => cups.every((c) => c === cup || among(c))),
          cup,
        )
      : [];
  const mixes = [
    ...new Set([...inCup, ...(separator === undefined ? [] : [separator]), ...facing]),
  ];
  const at = (mix: string | undefined): number | undefined => {
    const i = mix === undefined ? -1 : inCup.indexOf(mix);
    return i < 0 ? undefined : i;
  };
  const [first, last] = [at(wanted.first), at(wanted.last)];
  const apart = (wanted.apart ?? []).flatMap(({ a, b }): [number, number][] => {
    const [x, y] = [mixes.indexOf(a), mixes.indexOf(b)];
    return x < 0 || y < 0 ? [] : [[x, y]];
  });
  const wish: OrderWish = {
    school: wanted.school,
    ...(first === undefined ? {} : { first }),
    ...(last === undefined ? {} : { last }),
    ...(wanted.sameEnds ? { sameEnds: true } : {}),
    ...(apart.length > 0 ? { apart } : {}),
    ...(separator === undefined ? {} : { separator: mixes.indexOf(separator) }),
    ...(wanted.spacing === undefined ? {} : { spacing: wanted.spacing }),
    ...(end && facing.length > 0
      ? { facing: { end, colours: facing.map((mix) => mixes.indexOf(mix)) } }
      : {}),
    lies: liesOf(plan, id),
  };
  return {
    mixes,
    ask: {
      hexes: mixes.map(masstoneIn(brief)),
      counts: mixes.map((id) => layers.filter((l) => l.mix === id).length),
      wish,
    },
  };
}
