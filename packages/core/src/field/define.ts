import type { TSchema } from '@sinclair/typebox';
import type { Carry, Point } from '../surface/path';

/** What every field says of itself, whatever its kind. */
export interface FieldBase {
  readonly label: string;
  readonly optional?: boolean;
}

/** A place something on the surface may be taken hold of. */
interface Hold {
  readonly label: string;
  readonly atMm: Point;
}

/** Something of the plan that a value names. */
export interface Reference {
  readonly to: 'mix' | 'cup';
  readonly id: string;
  /** Where in the value the name stands, as the end of a JSON pointer: '' or '/2'. */
  readonly at: string;
}

/** What a new value may be chosen by: the surface it lies on, and what the plan has, in its order. */
export interface Surroundings {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly mixes: readonly string[];
  readonly cups: readonly string[];
  /** What each pot is for and what stands in it. */
  readonly pots: readonly { readonly use: string; readonly mix?: string }[];
}

/**
 * A kind of field: the schema of its value, what a new one starts from, what its value names, what is wrong with it that a schema
 * cannot see. A new kind is one such file, named in `kind/index.ts`; its control on screen is one file beside the others there.
 */
export interface FieldKind<F extends FieldBase & { readonly kind: string }, V> {
  readonly id: F['kind'];
  readonly schema: (field: F) => TSchema;
  /** Undefined where the plan has nothing it could start from. */
  readonly start: (field: F, at: Surroundings) => V | undefined;
  readonly refers?: (value: V) => readonly Reference[];
  /** The value with one more of what it names; absent where it names one thing only. */
  readonly joined?: (value: V, id: string) => V;
  /** The value moved on the surface; absent where it lies nowhere. */
  readonly shifted?: (value: V, byMm: readonly [number, number]) => V;
  /** What of it is drawn on the surface; absent where it can only be told. */
  readonly drawn?: 'way' | 'place';
  /** Where it may be taken hold of on the surface, and the value with one of these drawn to another place. */
  readonly handles?: (value: V, field: F) => readonly Hold[];
  readonly held?: (value: V, handle: number, to: [number, number]) => V;
  /** The value on another face, where it lies on one or is a length of one. */
  readonly carried?: (value: V, carry: Carry, field: F) => V;
  /** Why something is no value of this field, in words that follow its name; for kinds that are one plain value, such as a setting can be. */
  readonly misfit?: (value: unknown, field: F) => string | undefined;
  readonly fault?: (value: V, field: F) => string | undefined;
}

/** Enters the value type of a kind beside its field type; the definition itself is what it was. */
export const defineKind = <F extends FieldBase & { readonly kind: string }, V>(
  kind: FieldKind<F, V>,
): FieldKind<F, V> => kind;
