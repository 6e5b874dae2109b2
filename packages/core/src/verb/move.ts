import { TURNED_OVER } from '../cup/outlets';
import { FIELD_KINDS, type Fields, referencesIn, type ValuesOf } from '../field/kind';
import type { Reference } from '../field/define';
import { has, registry } from '../registry';
import type { CareCode } from './care';
import { activate } from './activate';
import { blow } from './blow';
import { clear } from './clear';
import { coat } from './coat';
import { comb } from './comb';
import type { MoveBase, VerbDefinition } from './define';
import { dip } from './dip';
import { dot } from './dot';
import { drip } from './drip';
import { dry } from './dry';
import { edge } from './edge';
import { extend } from './extend';
import { flip } from './flip';
import { lay } from './lay';
import { pop } from './pop';
import { pour } from './pour';
import { press } from './press';
import { rest } from './rest';
import { scrape } from './scrape';
import { shelter } from './shelter';
import { slide } from './slide';
import { spin } from './spin';
import { string } from './string';
import { swipe } from './swipe';
import { tend } from './tend';
import { tilt } from './tilt';
import { torch } from './torch';
import { trail } from './trail';
import { wipe } from './wipe';

const ALL = [
  tend,
  edge,
  lay,
  extend,
  activate,
  flip,
  pour,
  trail,
  slide,
  drip,
  dot,
  tilt,
  swipe,
  blow,
  spin,
  comb,
  string,
  press,
  dip,
  clear,
  scrape,
  torch,
  rest,
  dry,
  wipe,
  coat,
  pop,
  shelter,
] as const;
type Known = (typeof ALL)[number];

export type VerbId = Known['id'];

type MoveOf<V extends Known> = MoveBase & { verb: V['id'] } & ValuesOf<V['fields']>;

/** One line of the list that drives run sheet, timers, paint taken and schedule. */
export type Move = { [V in VerbId]: MoveOf<Extract<Known, { id: V }>> }[VerbId];

/** A verb's definition with its functions open to any move of it. */
export type Verb = VerbDefinition<VerbId, Fields, Move>;

/** Every verb by its name. */
export const VERBS = registry<Verb>()('verb', ALL, ({ id, title, fields }) => {
  const strange = Object.entries(fields).find(([, f]) => !has(FIELD_KINDS, f.kind));
  if (strange) return `has a field "${strange[0]}" of no kind there is`;
  return title === '' || id.length > 24 ? 'needs a title and a short name' : undefined;
});

/** The definition behind a move. */
export const verbOf = (move: Move): Verb => VERBS[move.verb];

/** What a move names in its plan, each with the pointer to where, from the move. */
export const referencesOf = (move: Move): readonly Reference[] =>
  referencesIn(verbOf(move).fields, move);

/** Whether it turns its cups upside down, as against pouring them. */
export const turnsOver = (move: Move): boolean =>
  verbOf(move).empties?.('rim', move).outlet === TURNED_OVER;

/** The cups a move uses, in order. */
export const cupsOf = (move: Move): readonly string[] =>
  referencesOf(move).flatMap(({ to, id }) => (to === 'cup' ? [id] : []));

/** What to take care of in a move, in words' codes; see `CARE`. */
export const careOf = (move: Move): readonly CareCode[] => verbOf(move).care?.(move) ?? [];

/** How long a move takes, seconds; 0 where it is not timed. */
export const secondsOf = (move: Move): number => move.s ?? verbOf(move).usualS ?? 0;
