import type { PotUse } from '../budget/schema';
import { type Field, FIELD_KINDS, type Fields, type FieldValue } from '../field/kind';
import { carriedMove, carryTo, type Move, referencesOf, spellsOf, verbOf } from '../verb';
import type { Stage } from './define';
import type { Sequence } from './sequence-schema';

/** Pots a mix may be named by. */
const BY_USE: readonly PotUse[] = ['base', 'activator', 'edge'];

/** What could be a setting: one field of a move, or of several done in one go that hold the same in it. */
interface Settable {
  readonly name: string;
  readonly moves: readonly string[];
  readonly of: string;
  readonly field: Field;
}

/** A setting by a name of its own. */
const nameOf = ([first]: readonly string[], field: string): string => `${first}.${field}`;

/** What of some moves could be a setting, each by its name; moves done in one go are set together. */
export function settableOf(moves: readonly Move[]): readonly Settable[] {
  const spells = spellsOf(moves);
  const title = (at: number) => verbOf(moves[spells[at]!.from]!).title;
  return spells.flatMap(({ from, count }, at) => {
    const go = moves.slice(from, from + count);
    const alike = spells.map((_, k) => k).filter((k) => title(k) === title(at));
    const which = alike.length > 1 ? ` ${alike.indexOf(at) + 1}` : '';
    return Object.entries(verbOf(go[0]!).fields).flatMap(([of, field]): Settable[] => {
      const ids = mostAlike(go, of).map((m) => m.id);
      if (!FIELD_KINDS[field.kind].misfit || ids.length === 0 || 2 * ids.length < count) return [];
      const label = `${title(at)}${which}: ${field.label}`;
      return [{ name: nameOf(ids, of), moves: ids, of, field: { ...field, label } }];
    });
  });
}

/** Of moves done in one go the most that hold the same in a field: the others differ for a reason. */
function mostAlike(go: readonly Move[], field: string): readonly Move[] {
  const told = go.filter((m) => m.verb === go[0]!.verb && valueOf(m, field) !== undefined);
  const alike = (move: Move) => told.filter((m) => valueOf(m, field) === valueOf(move, field));
  return told
    .map(alike)
    .reduce<readonly Move[]>((most, group) => (group.length > most.length ? group : most), []);
}

/** What a move holds in one of its fields. */
export const valueOf = (move: Move, field: string): FieldValue | undefined =>
  (move as unknown as Readonly<Record<string, FieldValue>>)[field];

const sameSetting = (s: Settable, { moves, field }: Sequence['settings'][number]): boolean =>
  s.of === field && s.moves.join() === moves.join();

/** The settings of a sequence as fields. */
export const settingsOf = ({ moves, settings }: Pick<Sequence, 'moves' | 'settings'>): Fields =>
  Object.fromEntries(
    settableOf(moves)
      .filter((s) => settings.some((setting) => sameSetting(s, setting)))
      .map(({ name, field }) => [name, field]),
  );

/**
 * The moves of a sequence on a plan's face, from its cups and pots; those that would need what the plan has not are left out.
 * @param set settings told for this plan, by name; the others are the sequence's own, carried to the face
 */
export function sequenceMoves(
  sequence: Sequence,
  stage: Stage,
  set: Readonly<Record<string, unknown>>,
): Move[] {
  const carry = carryTo(sequence, stage);
  return sequence.moves.flatMap((move) => {
    const there = renamed(carriedMove(move, carry), (id) => meant(id, stage));
    if (!there) return [];
    const told = sequence.settings
      .filter((setting) => setting.moves.includes(move.id))
      .map(({ moves, field }) => [field, set[nameOf(moves, field)]] as const)
      .filter(([, value]) => value !== undefined);
    return [{ ...there, ...Object.fromEntries(told) } as Move];
  });
}

/** What a name by its place stands for in a plan. */
function meant(id: string, { cups, pot, colours }: Stage): string | undefined {
  const [, kind, n] = /^(cup|colour)-(\d+)$/.exec(id) ?? [];
  if (kind === 'cup') return cups[Number(n) - 1];
  if (kind === 'colour') return colours[Number(n) - 1];
  return BY_USE.includes(id as PotUse) ? pot(id as PotUse)?.mix : undefined;
}

/** A move with everything it names named otherwise; nothing where something has no name there. */
export function renamed(move: Move, name: (id: string) => string | undefined): Move | undefined {
  const copy = JSON.parse(JSON.stringify(move)) as Record<string, unknown>;
  for (const { id, at } of referencesOf(move)) {
    const other = name(id);
    if (other === undefined) return undefined;
    const keys = at.split('/').slice(1);
    const last = keys.pop()!;
    const holder = keys.reduce<Record<string, unknown>>(
      (within, key) => within[key] as Record<string, unknown>,
      copy,
    );
    holder[last] = other;
  }
  return copy as unknown as Move;
}

/** What is wrong with settings told for a plan: a name there is no setting of, a value that does not fit it. */
export const setFaults = (
  sequence: Sequence,
  set: Readonly<Record<string, FieldValue>>,
): { readonly path: string; readonly message: string }[] => {
  const fields = settingsOf(sequence);
  return Object.entries(set).flatMap(([name, value]) => {
    const field = fields[name];
    const message = field
      ? FIELD_KINDS[field.kind].misfit?.(value, field)
      : 'is no setting of this technique';
    return message === undefined ? [] : [{ path: `/set/${name}`, message }];
  });
};

/** What a sequence draws from: uses of pots its moves name. */
export const usesOf = ({ moves }: Sequence): readonly PotUse[] =>
  BY_USE.filter((use) =>
    moves.some((move) => referencesOf(move).some(({ to, id }) => to === 'mix' && id === use)),
  );

/** What is wrong with a sequence that its schema does not see: a place that names nothing, a setting of nothing. */
export function sequenceFaults({ moves, cups, settings }: Sequence): {
  readonly path: string;
  readonly message: string;
}[] {
  const known = /^(cup-\d+|colour-\d+|base|activator|edge)$/;
  const settable = settableOf(moves);
  return [
    ...moves.flatMap((move, i) =>
      referencesOf(move).flatMap(({ to, id, at }) =>
        !known.test(id) || (to === 'cup') !== id.startsWith('cup-')
          ? [
              {
                path: `/moves/${i}${at}`,
                message: `"${id}" is no place; cups are cup-1 and on, mixes base, activator, edge, colour-1 and on`,
              },
            ]
          : to === 'cup' && Number(id.slice(4)) > cups
            ? [{ path: `/moves/${i}${at}`, message: `there are ${cups} cups` }]
            : [],
      ),
    ),
    ...settings.flatMap((setting, i) =>
      settable.some((s) => sameSetting(s, setting))
        ? []
        : [
            {
              path: `/settings/${i}`,
              message: `${setting.moves.map((m) => `"${m}"`).join(', ')}: no moves done in one go have a "${setting.field}" that can be set`,
            },
          ],
    ),
  ];
}
