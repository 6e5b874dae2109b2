import { trim } from '../quantity/show';
import { type Finding, nameOf, type PatchOp, type RemarkDefinition } from './evidence';

export const colourVanished: RemarkDefinition = {
  id: 'colour-vanished',
  see: (evidence) => {
    const { plan, cups, outcome, factors } = evidence;
    if (!outcome) return [];
    const layers = cups.flatMap((c) => c.layers);
    const whole = layers.reduce((sum, l) => sum + l.ml, 0);
    return [...new Set(layers.map((l) => l.mix))].flatMap((mix): Finding[] => {
      const share = layers.filter((l) => l.mix === mix).reduce((sum, l) => sum + l.ml, 0) / whole;
      const shows = outcome.shows[mix] ?? 0;
      if (
        share < factors['meant-as-trace'] ||
        shows >= Math.min(factors['shows-at-least'], factors['shows-of-its-share'] * share)
      )
        return [];
      const patch = plan.cups.flatMap((cup, c) =>
        (cup.layers ?? []).flatMap((layer, l): PatchOp[] =>
          layer.mix === mix && layer.ml === undefined
            ? [
                {
                  op: 'add',
                  path: `/cups/${c}/layers/${l}/placement`,
                  value: layer.placement === 'wall' ? 'high' : 'wall',
                },
              ]
            : [],
        ),
      );
      const first = plan.cups.findIndex((cup) => cup.layers?.some((l) => l.mix === mix));
      const wasHigh = patch.some((op) => 'value' in op && op.value === 'wall');
      return [
        {
          severity: 'may',
          about: first < 0 ? '/cups' : `/cups/${first}`,
          message:
            shows < 0.005
              ? `${nameOf(evidence, mix)} shows nowhere: it vanished.`
              : `${nameOf(evidence, mix)} shows on ${trim(shows * 100, 0)} % of the surface: it vanished.`,
          advice: `It is ${trim(share * 100, 0)} % of what you pour. Near the beginning or the end of the cup it comes to the top; in the middle others cover it.`,
          numbers: { shows, share },
          ...(patch.length > 0
            ? {
                fix: {
                  label: wasHigh ? 'Pour it down the wall' : 'Pour it in from high',
                  patch,
                },
              }
            : {}),
        },
      ];
    });
  },
};
