import { CUPS, vesselOf } from '../vessel/library';
import { capacityMl, fillableMl } from '../vessel/frustum';
import type { RemarkDefinition } from './evidence';

/** Tolerance of a fill by eye, mL: below it nobody sees the difference. */
const SLACK_ML = 0.5;

export const cupTooFull: RemarkDefinition = {
  code: 'cup-too-full',
  see: ({ cups, plan }) =>
    cups.flatMap((cup, index) => {
      const over = cup.filledMl - cup.fillableMl;
      const doc = plan.cups[index];
      if (over <= SLACK_ML || !doc) return [];
      const spills = cup.filledMl > cup.capacityMl;
      const larger = CUPS.find(
        (v) => fillableMl(v) >= cup.filledMl && capacityMl(v) > cup.capacityMl,
      );
      return [
        {
          severity: spills ? ('spoils' as const) : ('may' as const),
          about: `/cups/${index}`,
          message: spills
            ? `Cup ${index + 1} will run over.`
            : `Cup ${index + 1} is too full to turn over without a spill.`,
          advice: `It takes ${Math.round(cup.filledMl)} mL and ${Math.round(cup.fillableMl)} mL is as far as it should be filled.`,
          numbers: {
            filledMl: cup.filledMl,
            fillableMl: cup.fillableMl,
            capacityMl: cup.capacityMl,
          },
          ...(larger
            ? {
                fix: {
                  label: `Take a ${larger.name}`,
                  patch: [
                    {
                      op: 'replace' as const,
                      path: `/cups/${index}/vessel`,
                      value: vesselOf(larger),
                    },
                  ],
                },
              }
            : secondCup(
                plan.cups.length,
                index,
                doc,
                plan.moves,
                cup.filledMl / 2 <= cup.fillableMl,
              )),
        },
      ];
    }),
};

/** Splits a cup in two loaded alike; the pots then divide over both. A flip of the first gets a twin beside it. */
function secondCup(
  count: number,
  index: number,
  doc: { readonly id: string; readonly reverseOf?: string },
  moves: readonly {
    readonly id: string;
    readonly verb: string;
    readonly cup?: string;
    readonly cups?: readonly string[];
    readonly atMm?: readonly [number, number];
  }[],
  enough: boolean,
) {
  if (!enough || doc.reverseOf !== undefined) return {};
  const id = `${doc.id}-b`;
  const at = moves.findIndex((m) => m.verb === 'flip' && m.cup === doc.id);
  const flip = moves[at];
  const shift = flip?.atMm
    ? [
        {
          op: 'add' as const,
          path: `/moves/${at + 1}`,
          value: { ...flip, id: `${flip.id}-b`, cup: id, atMm: [flip.atMm[0] + 60, flip.atMm[1]] },
        },
      ]
    : moves.flatMap((m, i) =>
        m.cups?.includes(doc.id)
          ? [{ op: 'add' as const, path: `/moves/${i}/cups/-`, value: id }]
          : [],
      );
  return {
    fix: {
      label: 'Divide it between two cups',
      patch: [{ op: 'add' as const, path: `/cups/${count}`, value: { ...doc, id } }, ...shift],
    },
  };
}
