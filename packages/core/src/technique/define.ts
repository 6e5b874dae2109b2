import type { Pot, PotUse } from '../budget/schema';
import type { Cup } from '../cup/schema';
import type { Fields, ValuesOf } from '../field/kind';
import type { Consistency } from '../mix/schema';
import type { Move } from '../verb';

/** A colour by its part in the picture: the background, the palest, or the one that differs most from the background. */
export type Pin = 'background' | 'palest' | 'contrast';

/** How much is set aside: a film on the face, a volume for one piece, or a share of the colours. */
type PotAmount = Pick<Pot, 'filmMm' | 'ml' | 'share'>;

/** What one may want to see, in words. */
export const SIGHTS = {
  cells: 'Cells',
  petals: 'Petals',
  rings: 'Rings',
  ribbons: 'Ribbons',
  lace: 'Lace',
  fields: 'Broad fields',
  calm: 'Calm ground',
} as const;
export type Sight = keyof typeof SIGHTS;

/** A mix a technique asks to have set aside. */
export interface UseNeed {
  readonly use: PotUse;
  /** Which colour of the plan it is made of, where its school brings no paint of its own; the background where nothing is said. */
  readonly of?: 'background' | 'palest' | 'darkest';
  /** Id of the school of mixes it is made by, as a mix of its own; see `MIX_SCHOOLS`. Without one the colour's own mix is set aside. */
  readonly school?: string;
  /** How much where colours are reckoned over a base coat; absent where none is wanted then. */
  readonly overBase?: PotAmount;
  /** How much where the school's figure holds all that is laid; absent where none is wanted then. */
  readonly inAll?: PotAmount;
  /** What far too much and far too little of it do, a sentence each. */
  readonly off?: { readonly much: string; readonly little: string };
}

/** What a technique wants of a plan, as data; `plan/beginning/needs.ts` sees to it. */
export interface Needs {
  readonly consistency: Consistency;
  readonly uses: readonly UseNeed[];
  /** Part of the school's figure for colours it lays: all of it where it says nothing. */
  readonly part?: number;
  /** How cups are loaded, and how many it can do with. */
  readonly loading: NonNullable<Cup['loading']>;
  readonly cups: { readonly least: number; readonly most?: number };
  /** Id of what they are, where that is no cup; see `VESSELS`. */
  readonly vessel?: string;
  /** How they let their paint out, where that is not as the vessel does. */
  readonly outlet?: NonNullable<Cup['outlet']>;
  /** The second is loaded as the first, the other way round. */
  readonly opposite?: true;
  /** What must lie at hand, in words for the ready check. */
  readonly tools: readonly string[];
}

/** What a technique may look at when it writes its moves. */
export interface Stage {
  readonly cups: readonly string[];
  /** Mixes that share the picture, in the plan's order. */
  readonly colours: readonly string[];
  /** What is set aside for a use; undefined where the plan has none of it. */
  readonly pot: (use: PotUse) => Pot | undefined;
  /** Base coats that lie side by side, each with its share of them all. */
  readonly bases: readonly { readonly mix: string; readonly share: number }[];
  /** Paint cannot leave over the rim. */
  readonly raisedRim: boolean;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Whether a place lies on the face. */
  readonly onFace: (xMm: number, yMm: number) => boolean;
  /** The middle of the face; where that is a hole, a place on it. */
  readonly middle: readonly [number, number];
  /** Where each cup is best emptied, in their order. */
  readonly spots: readonly (readonly [number, number])[];
  /** The stroke of a letter each cup is made for; undefined where there is none. */
  readonly strokes: readonly (readonly (readonly [number, number])[] | undefined)[];
  /** The cup that holds the background alone. */
  readonly backgroundCup?: string;
  /** Points a tilt must carry paint to, in turn. */
  readonly reaches: readonly (readonly [number, number])[];
}

/**
 * One technique: its needs as data, its settings as fields, the moves it writes. A new one is one such file, named in `index.ts`.
 * `S` is what its functions are handed: the values of its own settings, or any once it is found through a plan.
 */
export interface Technique<I extends string = string, F extends Fields = Fields, S = ValuesOf<F>> {
  readonly id: I;
  readonly name: string;
  readonly says: string;
  /** What its pictures look like, for one who has to choose. */
  readonly shows: string;
  /** What of these it shows, the plainest first. */
  readonly sights: readonly Sight[];
  /** What goes wrong with it and when to stop, a sentence each (common practice, no published source, where nothing else is said). */
  readonly minds: readonly string[];
  readonly needs: Needs;
  /** What goes in first and last where the artist takes the technique's word for it, and why. */
  readonly pins: { readonly first: Pin; readonly last: Pin; readonly why: string };
  readonly settings: F;
  readonly defaults: S;
  readonly moves: (stage: Stage, settings: S) => Move[];
}

export const defineTechnique = <const I extends string, const F extends Fields>(
  technique: Technique<I, F>,
): Technique<I, F> => technique;
