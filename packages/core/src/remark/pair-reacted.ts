import { REACTED, reactionOf } from '../paint/reaction';
import type { Reaction } from '../paint/reaction-schema';
import { type Evidence, type Finding, nameOf, type RemarkDefinition } from './evidence';
import { separate, touchingPairs } from './touching';

/** Paints that did not get on when they met before: in one mix, or lying on each other in a cup. */
export const pairReacted: RemarkDefinition = {
  id: 'pair-reacted',
  see: (evidence) =>
    evidence.reactions.length === 0 ? [] : [...inMixes(evidence), ...inCups(evidence)],
};

const says = (evidence: Evidence, a: string, b: string, { what, on }: Reaction): string =>
  `${evidence.paintOf(a).name} and ${evidence.paintOf(b).name} ${REACTED[what]} on ${on}.`;

const noted = ({ note }: Reaction): string =>
  note ? `You noted: ${note.replace(/\.?$/, '.')} ` : '';

function inMixes(evidence: Evidence): Finding[] {
  const { plan, reactions, makers } = evidence;
  return plan.mixes.flatMap((mix, index) =>
    mix.paints.flatMap(({ paint: b }, j) =>
      mix.paints.slice(0, j).flatMap(({ paint: a }): Finding[] => {
        const reaction = reactionOf(reactions, makers, a, b);
        return reaction
          ? [
              {
                severity: 'may',
                about: `/mixes/${index}`,
                message: says(evidence, a, b, reaction),
                advice: `${noted(reaction)}Both are in ${mix.name}: stir a spoonful of the two first and let it stand.`,
                numbers: {},
              },
            ]
          : [];
      }),
    ),
  );
}

function inCups(evidence: Evidence): Finding[] {
  const { plan, reactions, makers } = evidence;
  const paintsOf = (mix: string) =>
    plan.mixes.find((m) => m.id === mix)?.paints.map((p) => p.paint) ?? [];
  return touchingPairs(evidence).flatMap((pair): Finding[] => {
    for (const a of paintsOf(pair.a))
      for (const b of paintsOf(pair.b)) {
        const reaction = reactionOf(reactions, makers, a, b);
        if (!reaction) continue;
        const between = separate(evidence, pair);
        const first = pair.places[0];
        return [
          {
            severity: 'may',
            about: `/cups/${first?.cup ?? 0}/layers/${first?.layer ?? 0}`,
            message: says(evidence, a, b, reaction),
            advice: `${noted(reaction)}${nameOf(evidence, pair.a)} and ${nameOf(evidence, pair.b)} lie on each other: pour a mini first, or keep them apart.`,
            numbers: { places: pair.places.length },
            ...(between
              ? {
                  fix: {
                    label: `Put ${nameOf(evidence, between.mix)} between`,
                    patch: between.patch,
                  },
                }
              : {}),
          },
        ];
      }
    return [];
  });
}
