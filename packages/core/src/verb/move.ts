import type { ValuesOf } from '../field/kind';
import type { CareCode } from './care';
import { coat } from './coat';
import { dry } from './dry';
import { edge } from './edge';
import { flip } from './flip';
import { lay } from './lay';
import { pour } from './pour';
import { rest } from './rest';
import { tend } from './tend';
import { tilt } from './tilt';
import { torch } from './torch';
import type { Primitive } from '../flow/primitive';
import type { FlowScene, MoveBase, Scene, Take, VerbDefinition } from './verb';

/** Every verb by its name. */
export const VERBS = { tend, edge, lay, flip, pour, tilt, torch, rest, dry, coat } as const;

export type VerbId = keyof typeof VERBS;

type MoveOf<V extends VerbId> = MoveBase & { verb: V } & ValuesOf<(typeof VERBS)[V]['fields']>;

/** One line of the list that drives run sheet, timers, paint taken and schedule. */
export type Move = { [V in VerbId]: MoveOf<V> }[VerbId];

/** A verb's definition with its functions open to any move of it. */
type OpenVerb = Omit<VerbDefinition, 'says' | 'named' | 'minding' | 'takes' | 'flows'> & {
  readonly says: (move: Move, scene: Scene) => string;
  readonly named?: (move: Move) => string;
  readonly minding?: (move: Move) => readonly CareCode[];
  readonly takes?: (move: Move, scene: Scene) => readonly Take[];
  readonly flows?: (move: Move & { readonly s: number }, scene: FlowScene) => readonly Primitive[];
};

/** The cups a move uses, in order. */
export const cupsOf = (move: Move): readonly string[] =>
  Object.entries(verbOf(move).fields).flatMap(([name, { kind }]) => {
    const value = (move as unknown as Record<string, string | string[]>)[name];
    return (kind === 'cup' || kind === 'cups') && value !== undefined ? value : [];
  });

/** The definition behind a move. */
export const verbOf = (move: Move): OpenVerb => VERBS[move.verb] as unknown as OpenVerb;
