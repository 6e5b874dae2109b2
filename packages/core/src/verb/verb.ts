import type { Outlet, Stratum } from '../cup/withdraw';
import type { Fields, ValuesOf } from '../field/kind';
import type { Primitive } from '../flow/primitive';
import type { Vessel } from '../vessel/schema';
import type { CareCode } from './care';

/** Fields every move has. `s` is how long it takes, seconds. */
export interface MoveBase {
  id: string;
  s?: number;
  /** Starts together with that move instead of after the one before. */
  with?: string;
  /** Only for this piece of a set, counted from 1. */
  piece?: number;
  /** Edited by hand: a change of technique settings leaves it alone. */
  own?: boolean;
  note?: string;
}

/** What a verb may ask about the plan it stands in. */
export interface Scene {
  readonly mixName: (id: string) => string;
  readonly cupName: (id: string) => string;
  /** What one loading of a cup holds. */
  readonly cup: (id: string) => { readonly ml: number; readonly g: number };
  readonly densityOf: (mix: string) => number;
  /** Face and covered edges of one piece, cm². */
  readonly areaCm2: number;
  readonly edgeCm2: number;
  /** Outline of one piece, mm. */
  readonly outlineMm: number;
  readonly pieces: number;
  /** Size in mm, for words such as "centre" or "upper right". */
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Paint a move uses up: from a cup, from a pot by use and mix, or a finishing product. For one piece. */
export interface Take {
  readonly cup?: string;
  readonly use?: 'base' | 'activator' | 'edge' | 'coat';
  readonly mix?: string;
  readonly ml: number;
  readonly g: number;
}

/** What a verb may ask when it says how paint flows. */
export interface FlowScene {
  /** One loading of a cup: where its layers stand, first in first; undefined where there is no such cup. */
  readonly cup: (id: string) => LoadedForFlow | undefined;
  /** Kinematic viscosity of the pour, m²/s. */
  readonly nu: number;
}

export interface LoadedForFlow {
  readonly vessel: Vessel;
  readonly stir: number;
  /** How it empties where it is poured and not turned over. */
  readonly outlet: Outlet;
  readonly layers: readonly (Stratum & { readonly mix: string })[];
}

/** One verb: its fields as data, its words, what it takes. A new verb is one such file, named in `move.ts`. */
export interface VerbDefinition<V extends string = string, F extends Fields = Fields> {
  readonly verb: V;
  readonly title: string;
  readonly fields: F;
  /** Seconds where a move does not say. */
  readonly usualS: number;
  /** Done once for each piece of a set, or once for all. */
  readonly each: boolean;
  readonly care: readonly CareCode[];
  readonly says: (move: ValuesOf<F>, scene: Scene) => string;
  /** Its title, where that hangs on the move's values. */
  readonly named?: (move: ValuesOf<F>) => string;
  /** Care beside `care` that hangs on the move's values. */
  readonly minding?: (move: ValuesOf<F>) => readonly CareCode[];
  /** Done before or after the pour, not in it: it is ticked off, not timed. */
  readonly aside?: boolean;
  readonly takes?: (move: ValuesOf<F>, scene: Scene) => readonly Take[];
  /** What it does to the film, in the flow's own terms; absent where it does nothing to it. */
  readonly flows?: (
    move: ValuesOf<F> & { readonly s: number },
    scene: FlowScene,
  ) => readonly Primitive[];
  /** The film sets with it: what follows is another day's. */
  readonly setsFilm?: boolean;
}

export const defineVerb = <const V extends string, const F extends Fields>(
  verb: VerbDefinition<V, F>,
): VerbDefinition<V, F> => verb;
