import type { Cup } from '../cup/schema';
import { FIELD_KINDS } from '../field/kind';
import { cupsOf, type Move, turnsOver, verbOf } from '../verb';
import { CUPS, JUGS, vesselOf } from '../vessel/library';
import { capacityMl, fillableMl } from '../vessel/frustum';
import type { Finding, PatchOp, RemarkDefinition } from './evidence';

export const cupTooFull: RemarkDefinition = {
  id: 'cup-too-full',
  see: ({ cups, plan, factors }) =>
    cups.flatMap((cup, index) => {
      const over = cup.filledMl - cup.fillableMl;
      const doc = plan.cups[index];
      if (over <= factors['fill-slack'] || !doc) return [];
      const spills = cup.filledMl > cup.capacityMl;
      const turns = turned(doc.id, plan.moves);
      // Nobody turns over a jug.
      const larger = (turns ? CUPS : [...CUPS, ...JUGS]).find(
        (v) => fillableMl(v) >= cup.filledMl && capacityMl(v) > cup.capacityMl,
      );
      return [
        {
          severity: spills ? ('spoils' as const) : ('may' as const),
          about: `/cups/${index}`,
          message: spills
            ? `Cup ${index + 1} will run over.`
            : `Cup ${index + 1} is too full to ${turns ? 'turn over' : 'carry and pour'} without a spill.`,
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

/** Whether a move turns the cup over; else it is poured over its rim. */
const turned = (cup: string, moves: readonly Move[]): boolean =>
  moves.some((m) => turnsOver(m) && cupsOf(m).includes(cup));

/** How far the twin of a move goes from it, mm: a cup's width and a little. */
const ASIDE_MM = 60;

/** Splits a cup in two loaded alike; the pots then divide over both. What empties the first also empties the second, or a twin of it does, beside it. */
function secondCup(
  count: number,
  index: number,
  doc: Cup,
  moves: readonly Move[],
  enough: boolean,
): { readonly fix?: NonNullable<Finding['fix']> } {
  if (!enough || doc.reverseOf !== undefined) return {};
  const id = `${doc.id}-b`;
  const at = moves.findIndex((m) => cupsOf(m).includes(doc.id));
  return {
    fix: {
      label: 'Divide it between two cups',
      patch: [
        { op: 'add', path: `/cups/${count}`, value: { ...doc, id } },
        ...(at < 0 ? [] : alsoEmpties(moves[at]!, at, doc.id, id)),
      ],
    },
  };
}

function alsoEmpties(move: Move, index: number, cup: string, twin: string): PatchOp[] {
  const values = move as unknown as Readonly<Record<string, unknown>>;
  const second: Record<string, unknown> = { ...values, id: `${move.id}-b` };
  for (const [name, field] of Object.entries(verbOf(move).fields)) {
    const { refers, joined, shifted } = FIELD_KINDS[field.kind];
    const value = values[name];
    if (value === undefined) continue;
    if (refers?.(value).some((r) => r.to === 'cup' && r.id === cup)) {
      if (joined)
        return [{ op: 'replace', path: `/moves/${index}/${name}`, value: joined(value, twin) }];
      second[name] = twin;
    }
    if (shifted) second[name] = shifted(value, [ASIDE_MM, 0]);
  }
  return [{ op: 'add', path: `/moves/${index + 1}`, value: second }];
}
