import { lightening } from '../mix/lighten';
import { type Evidence, nameOf, type RemarkDefinition } from './evidence';
import { pairFindings } from './pair-remark';
import type { Touching } from './touching';

export const neighboursMerge: RemarkDefinition = {
  id: 'neighbours-merge',
  see: (evidence) =>
    pairFindings(
      evidence,
      'may',
      (n) => n.verdict === 'merge',
      (a, b) => `${a} and ${b} will merge: they are too alike to tell apart.`,
      (pair) => lighten(evidence, pair),
    ),
};

/** One of them with some of the plan's lightest paint in it. */
function lighten(evidence: Evidence, { a, b }: Touching) {
  const { plan, mixes, paintOf } = evidence;
  const [first, second] = [a, b].map((id) => plan.mixes.find((m) => m.id === id));
  if (!first || !second) return undefined;
  const inPlan = [...new Set(plan.mixes.flatMap((m) => m.paints.map((p) => p.paint)))].map(paintOf);
  const offer = lightening(
    [first, second],
    (id) => mixes.get(id)?.masstoneHex ?? '#808080',
    paintOf,
    inPlan,
    evidence.factors,
  );
  if (!offer) return undefined;
  const says = `Lighten ${nameOf(evidence, offer.mix)} with ${offer.paint.name}`;
  return {
    advice: `No colour of this plan lies between them: ${offer.parts} parts of ${offer.paint.name} to one of ${nameOf(evidence, offer.mix)} set the two apart.`,
    fix: {
      label: says,
      patch: [
        {
          op: 'replace' as const,
          path: `/mixes/${plan.mixes.findIndex((m) => m.id === offer.mix)}/paints`,
          value: offer.paints,
        },
      ],
    },
  };
}
