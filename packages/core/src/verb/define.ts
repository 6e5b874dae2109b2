import type { Sheets, TwoPart } from '../coat';
import type { Cup } from '../cup/schema';
import type { Outlet, Stratum } from '../cup/withdraw';
import type { Fields, ValuesOf } from '../field/kind';
import type { Factors } from '../factor';
import type { Act } from '../flow/act';
import type { Dot } from '../flow/dots';
import type { Strip } from '../surface/outline/strip';
import type { Point } from '../surface/path';
import type { CareCode } from './care';
import type { Mark } from './mark';
import type { Tool } from './tools';

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
  readonly densityOf: (mix: string) => number;
  /** How a cup empties where it is poured and not turned over; how wide its mouth is. */
  readonly outletOf: (cup: string) => Cup['outlet'];
  readonly mouthMm: (cup: string) => number;
  /** Parts a cup is divided into; 1 for most. */
  readonly lobesOf: (cup: string) => number;
  /** Face and covered edges of one piece, cm². */
  readonly areaCm2: number;
  readonly edgeCm2: number;
  /** Outline of one piece, mm. */
  readonly outlineMm: number;
  readonly pieces: number;
  /** Its edges are open, and the face has corners: what there is to wet and to name. */
  readonly openRim: boolean;
  readonly corners: boolean;
  /** Oil in a mix: it comes up, and has to come off before a coat. */
  readonly oily: boolean;
  /** What the sheets of its top coats say. */
  readonly sheets: Sheets;
  /** The part of the face between two shares of its extent along a direction. */
  readonly stripOf: (deg: number, from: number, to: number) => Strip;
  /** Size in mm, for words such as "centre" or "upper right". */
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Paint a move uses up: from a cup, from a pot by use and mix, or a finishing product. For one piece. */
export interface Take {
  readonly cup?: string;
  readonly use?: PotDrawn | 'coat';
  readonly mix?: string;
  readonly product?: string;
  readonly ml: number;
  readonly g: number;
  /** What of it each layer of the cup gives, first in first; every layer its share where nothing is said. */
  readonly layersMl?: readonly number[];
}

/** Uses of the pots moves lay paint from. */
type PotDrawn = 'base' | 'activator' | 'edge' | 'extender' | 'dots';

/** What one loading of a cup holds, layer by layer, first in first. */
export interface InCup {
  readonly strata: readonly (Stratum & { readonly mix: string })[];
  readonly stir: number;
  /** All leave together, side by side from the left of the pouring side to its right. */
  readonly beside?: true;
  /** Which side of it one pours from; see `Cup`. */
  readonly pourSideDeg?: number;
  readonly ml: number;
  readonly g: number;
}

/** The table as a move finds it: the plan, and what stands in cups and pots by now. */
export interface Desk extends Scene {
  /** Undefined where there is no such cup; one that has been emptied holds 0 mL. */
  readonly inCup: (id: string) => InCup | undefined;
  /** Kinematic viscosity of a mix, and the mean of all that stands on the table, m²/s. */
  readonly nuOf: (mix: string) => number;
  readonly meanNu: () => number;
  readonly factors: Factors;
  /** What the pot of a use and mix still holds for one piece, mL. */
  readonly inPot: (use: PotDrawn, mix: string) => number;
}

/** What a move does to one piece: to its film, in the flow's own terms, and to what stands on the table. */
export interface Done {
  readonly acts?: readonly Act[];
  readonly takes?: readonly Take[];
}

/** How a verb lets a cup go: which way it empties, and what becomes of the first and the last that leave it. */
export interface Empties {
  readonly outlet: Outlet;
  readonly first: string;
  readonly last: string;
  /** What becomes of a heavy last layer that sank through the others. */
  readonly sunk: string;
  /** How what leaves comes to lie: ring in ring, the last in the middle; or side by side along its way. */
  readonly lies: 'rings' | 'bands';
}

/** An arrow of a move. */
interface Aim<M> {
  readonly label: string;
  /** Undefined where the move has none. */
  readonly of: (
    move: M,
    face: { readonly widthMm: number; readonly heightMm: number },
  ) => { readonly fromMm: Point; readonly deg: number; readonly mm: number } | undefined;
  /** The move with its arrow turned, and as long, where that is its own to say. */
  readonly to: (move: M, deg: number, mm: number) => Partial<M>;
}

/** A rim of a move. */
interface Reach<M> {
  readonly label: string;
  /** Which way from the middle its handle stands, degrees. */
  readonly of: (
    move: M,
  ) => { readonly aboutMm: Point; readonly mm: number; readonly deg: number } | undefined;
  readonly to: (move: M, mm: number) => Partial<M>;
}

/**
 * One verb: its fields as data, its words, what it does. A new one is one such file, named in `move.ts`.
 * `M` is what its functions are handed: the values of its own fields, or any move once it is found through one.
 */
export interface VerbDefinition<V extends string, F extends Fields, M = ValuesOf<F>> {
  readonly id: V;
  readonly title: string;
  readonly fields: F;
  /** Seconds where a move does not say; absent where it is not timed: it is ticked off, or the schedule says when. */
  readonly usualS?: number;
  /** What its time goes with on a larger or smaller piece: how far paint or hand has to go, or how much paint there is; neither where it is absent. */
  readonly paced?: 'length' | 'volume';
  /** Done once for each piece of a set, or once for all. */
  readonly each: boolean;
  readonly says: (move: M, scene: Scene) => string;
  /** A word or two that part it from the others of its kind done in the same go. */
  readonly inShort?: (move: M) => string;
  /** Its title, where that hangs on the move's values. */
  readonly named?: (move: M) => string;
  /** What to take care of, in this move. */
  readonly care?: (move: M) => readonly CareCode[];
  /** Seconds of waiting within it, before its own time begins. */
  readonly standsS?: (move: M) => number;
  /** Done before or after the pour, not in it: it is ticked off. */
  readonly aside?: boolean;
  /** Both hands hold the piece: between two of these nobody can press anything, so the first gives way by itself when its time is up. */
  readonly handsFull?: boolean;
  /** A stroke with a tool that stays in the hand: the next of its kind comes by itself, once there was time to set it down there. */
  readonly stroke?: boolean;
  /** It goes on by itself: its timer runs on when one goes to the next move. */
  readonly waits?: boolean;
  /** The film sets with it: what follows is another day's. */
  readonly setsFilm?: boolean;
  /** How far the film dries with it. */
  readonly dries?: (move: M) => 'touch' | 'clean' | 'coat' | 'cured';
  /** Use of the pot it is laid from: a pot that comes and goes with it. */
  readonly draws?: PotDrawn;
  /** It takes off the oil that came up. */
  readonly takesOilOff?: true;
  /** It lays a top coat. */
  readonly coats?: boolean;
  /** Which way paint is let run off by it, degrees clockwise from +x. */
  readonly sheds?: (move: M) => number;
  readonly does?: (move: M & Pick<MoveBase, 'own'> & { readonly s: number }, desk: Desk) => Done;
  /** How it empties a cup with this outlet; absent where it empties none. */
  readonly empties?: (outlet: Cup['outlet'], move: M) => Empties;
  /** What goes wrong with it as it is told, and the values that mend it; nothing where it is well. */
  readonly amiss?: (move: M) => { readonly says: string; readonly mends: Partial<M> } | undefined;
  /** What goes wrong where it follows such another move of its kind; nothing where it does not. */
  readonly spoils?: (move: M, earlier: M) => string | undefined;
  /** It is drawn over the film, and over too thick a one only pushes. */
  readonly drawnOver?: true;
  /** What it lays sticks nearer to the edge than this, mm. */
  readonly sticksWithinMm?: number;
  /** How thin a film it leaves of one so thick and so runny (mm, m²/s), where it carries paint off. */
  readonly thinsTo?: (move: M & { readonly s: number }, filmMm: number, nu: number) => number;
  /** The same move done so that it leaves a film of so much. */
  readonly gentler?: (
    move: M & { readonly s: number },
    filmMm: number,
    nu: number,
    leavesMm: number,
  ) => Partial<M>;
  /** What goes with a change of one of its values, where that was only what is usual. */
  readonly follows?: (now: M, was: M) => M;
  /** Which way it goes from where, and how far: an arrow whose tip can be drawn elsewhere. */
  readonly aim?: Aim<M>;
  /** How wide it reaches about where: a rim that can be drawn out. */
  readonly reach?: Reach<M>;
  /** It is done on a film that has dried: what a stage of nothing else is called, and how high it lies on that, mm. */
  readonly onDry?: {
    readonly title: string;
    readonly mm: (move: M) => number;
    /** The top coat by whose sheet it dries, where it does not dry as paint does. */
    readonly sheet?: (move: M) => keyof Sheets;
  };
  /** What it is mixed of just before it is put on, and how long that stays open. */
  readonly mixedOf?: (
    move: M,
    scene: Pick<Scene, 'sheets'>,
  ) => { readonly sheet: TwoPart; readonly opensS: number } | undefined;
  /** What it sets on a film that has dried. */
  readonly dots?: (move: M, scene: Scene) => readonly Dot[];
  /** Where it acts on the surface. */
  readonly marks?: (move: M, scene: Scene) => readonly Mark[];
  /** What stands beside its mark on a template. */
  readonly label?: (move: M, scene: Scene) => string;
  /** What the hand holds for it, beside a cup or a pot. */
  readonly holds?: (move: M) => string | undefined;
  /** The sign to stop by, where its words do not say. */
  readonly until?: (move: M, scene: Scene) => string | undefined;
  /** What it wants that not everybody has. */
  readonly wants?: (move: M) => Tool | undefined;
  /** What has to stand ready for it, beside paint and cups. */
  readonly ready?: (move: M, at: { readonly runsOffG: number }) => string | undefined;
}

export const defineVerb = <const V extends string, const F extends Fields>(
  verb: VerbDefinition<V, F>,
): VerbDefinition<V, F> => verb;
