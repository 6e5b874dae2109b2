import type { Neighbours } from '../optics/neighbour';
import { type Evidence, type Finding, nameOf, type PatchOp, type Severity } from './evidence';
import { separate, type Touching, touchingPairs } from './touching';

/** Findings about touching colours that share one shape: which pairs, how grave, in what words. */
export function pairFindings(
  evidence: Evidence,
  severity: Severity,
  applies: (judged: Neighbours) => boolean,
  message: (a: string, b: string, judged: Neighbours) => string,
  /** What else may be done where no colour lies between. */
  otherwise?: (
    pair: Touching,
  ) => { readonly advice: string; readonly fix: NonNullable<Finding['fix']> } | undefined,
): Finding[] {
  const wanted = evidence.plan.order?.wanted ?? [];
  return touchingPairs(evidence)
    .filter(
      ({ a, b, judged }) =>
        applies(judged) && !wanted.some((w) => [w.a, w.b].sort().join() === [a, b].sort().join()),
    )
    .map((pair): Finding => {
      const [a, b] = [nameOf(evidence, pair.a), nameOf(evidence, pair.b)];
      const between = separate(evidence, pair);
      const other = between ? undefined : otherwise?.(pair);
      const first = pair.places[0];
      return {
        severity,
        about: `/cups/${first?.cup ?? 0}/layers/${first?.layer ?? 0}`,
        message: message(a, b, pair.judged),
        advice: between
          ? `They touch in ${pair.places.length === 1 ? 'one place' : `${pair.places.length} places`}; a thin layer of ${nameOf(evidence, between.mix)} keeps them apart.`
          : (other?.advice ??
            'No colour of this plan keeps them apart: add a pale or dark one, or change the order.'),
        numbers: { deltaE: pair.judged.deltaE, mud: pair.judged.mud, places: pair.places.length },
        ...(between
          ? { fix: { label: `Put ${nameOf(evidence, between.mix)} between`, patch: between.patch } }
          : other
            ? { fix: other.fix }
            : {}),
        meant: { label: 'This blend is wanted', patch: [wantedToo(evidence, pair)] },
      };
    });
}

/** The pair among those whose blend is wanted. */
function wantedToo({ plan: { order } }: Evidence, { a, b }: Touching): PatchOp {
  const pair = { a, b };
  if (!order) return { op: 'add', path: '/order', value: { school: 'contrast', wanted: [pair] } };
  return order.wanted
    ? { op: 'add', path: `/order/wanted/${order.wanted.length}`, value: pair }
    : { op: 'add', path: '/order/wanted', value: [pair] };
}
