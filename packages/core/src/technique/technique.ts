import type { PotUse } from '../budget/schema';
import type { Fields, ValuesOf } from '../field/kind';
import type { Consistency } from '../mix/schema';
import type { Move } from '../verb';

/** A colour by its part in the picture: the background, the palest, or the one that differs most from the background. */
export type Pin = 'background' | 'palest' | 'contrast';

/** What a technique wants of a plan, as data; the plan hands it to the budget. */
export interface Needs {
  readonly consistency: Consistency;
  /** Base film in mm, per school; absent where it wants none. */
  readonly baseMm?: { readonly generous?: number; readonly otherwise: number };
  readonly pots: readonly { readonly use: PotUse; readonly share: number }[];
  /** How cups are loaded, and whether the palest colour goes in both first and last. */
  readonly loading: 'layered' | 'single';
  readonly sameFirstAndLast: boolean;
  /** What goes in first and last where the artist takes the technique's word for it, and why. */
  readonly pins: {
    readonly first: Pin;
    readonly last: Pin;
    readonly why: string;
  };
}

/** What a technique may look at when it writes its moves. */
export interface Stage {
  readonly cups: readonly string[];
  readonly baseMix?: string;
  readonly baseMm?: number;
  /** What wets the edges where there is no base and an edge to run over. */
  readonly edgeMix?: string;
  readonly widthMm: number;
  readonly heightMm: number;
  /** So many places for cups, spread evenly over the face. */
  readonly spots: (count: number) => readonly [number, number][];
  /** Points a tilt must carry paint to, in turn. */
  readonly reaches: readonly (readonly [number, number])[];
}

/** One technique: its needs as data, its settings as fields, the moves it writes. A new one is one such file. */
export interface Technique<I extends string = string, F extends Fields = Fields> {
  readonly id: I;
  readonly name: string;
  readonly says: string;
  readonly needs: Needs;
  readonly settings: F;
  readonly defaults: ValuesOf<F>;
  readonly moves: (stage: Stage, settings: ValuesOf<F>) => Move[];
}

export const defineTechnique = <const I extends string, const F extends Fields>(
  technique: Technique<I, F>,
): Technique<I, F> => technique;
