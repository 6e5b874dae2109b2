import type { Site } from '../ground';
import type { Spot } from '../disc';
import type { FilmKernel } from '../kernel';
import type { MotionMemory } from '../motion-memory';
import type { Stands } from '../layers';
import type { Margin } from '../margin';
import type { Span } from '../span';
import type { Step } from '../step';
import type { Back } from '../traced';

/** A pour under way, as an act finds it. */
export interface UnderWay {
  readonly kernel: FilmKernel;
  readonly site: Site;
  /** Kinematic viscosity, m²/s: of all, and of a mix. */
  readonly nu: number;
  readonly nuOf: (mix: string) => number;
  /** That of the lower of two films, set by the act that lays it; undefined where all mixes are alike and no ground drinks. */
  lowerNu: number | undefined;
  /** What a bare ground holds fast of whatever comes to stand on it, m: that is the lower film then. 0 once a film lies all over it. */
  drinksM: number;
  /** How much thicker paint gets as it stands: rise of ln ν a second. */
  readonly setsPerS: number;
  /** How paint keeps a shape that is thick enough; absent where none does. */
  readonly stands: Stands | undefined;
  /** How thick the thickest of it is by now, m²/s. */
  thickest: number;
  /** The height at which a front stops on the ground as it was before anything wetted it, m, cell by cell. */
  readonly dryGroundM: Float32Array;
  /** By how much all of it has, as a factor of ν, where that is not carried cell by cell. */
  thickened: number;
  readonly seed: number;
  /** Which of the scene's acts this is: what its births say they came from. */
  readonly source: number;
  /** Where its motions are kept. */
  readonly memory: MotionMemory;
  /** Tells of paint that came on to the surface, m³. */
  readonly laid: (m3: number) => void;
  /** What leaves the face passes it. */
  readonly margin: Margin;
  /** Tells of paint that landed beside the surface: its share by side of so much, where the disc stood. */
  readonly missed: (source: number, shares: readonly number[], m3: number, spot: Spot) => void;
  /** Tells of paint put on the sides, m³. */
  readonly onSides: (m3: number) => void;
  /** Which way the next sweep goes first; it changes with every step of the film. */
  xFirst: boolean;
}

/** How far a hand is off what it meant, for one act. */
export interface Slip {
  /** Steeper by so much, and turned by so much, degrees. */
  readonly angleDeg: number;
  readonly towardDeg: number;
  /** Elsewhere by so much, mm. */
  readonly byMm: readonly [number, number];
  /** Longer by this factor. */
  readonly slower: number;
  /** More of each portion by so much, mL. */
  readonly moreMl: number;
}

/** One piece's face, as far as it decides how much paint an act brings. */
export interface Face {
  readonly areaCm2: number;
  readonly outlineMm: number;
}

export interface Brought {
  readonly mix: string;
  readonly ml: number;
  /** What of it goes on the sides at once and takes no part in what flows. */
  readonly sidesMl?: number;
  /** How much wavier its layers are than those of a stream from close by; see `Portion`. */
  readonly folds?: number;
}

/** Strata of one act along its paint, in bins of `STREAM_BINS`, and across its stream, 0..1; counted from 0 in the order `brings` names mixes. */
export interface StrataAlong {
  readonly stratum: (bin: number, across: number) => number;
  /**
   * Writes down every stratum that begins on a way down through it, in their order, as many as there is room for.
   * @returns how many were met
   */
  readonly along: (way: WayDown, met: Met) => number;
}

/** A way down through an act's paint, straight from each of its `count` points to the next: how deep they lie, at which bin, and where across. */
export interface WayDown {
  count: number;
  readonly depth: Float64Array;
  readonly bin: Float64Array;
  readonly across: Float64Array;
}

/** Strata met on a way down: which, and how deep each begins; as long as there is room. */
export interface Met {
  readonly strata: Uint16Array;
  readonly depth: Float64Array;
}

export const emptyWayDown = (points: number): WayDown => ({
  count: 0,
  depth: new Float64Array(points),
  bin: new Float64Array(points),
  across: new Float64Array(points),
});

export const emptyMet = (most: number): Met => ({
  strata: new Uint16Array(most),
  depth: new Float64Array(most),
});

/** How births of one act find their stratum. */
export interface ActStrata extends StrataAlong {
  /** The wave of its layers where a birth left it, −1..1; smooth, so it may be taken between births that agree. */
  readonly wave: (s: number, xi: number, eta: number) => number;
  /** How far its paint had left, waves and all, in bins of `STREAM_BINS`; 0 where it has no course. */
  readonly bin: (s: number, wave: number) => number;
  /** How far across its stream it was, waves and all, as a share of what falls there, 0..1; 0 where its strata do not lie side by side. */
  readonly across: (s: number, xi: number, wave: number) => number;
}

/** How an act happens: at once, in steps of its own, or over a stretch of time, which others may share with it. */
type Happens<A, D> =
  | {
      /** Carries it out on the kernel's film; yields each step once it is done, with what the way back through it asks for. */
      readonly run: (act: A, under: UnderWay) => Generator<Step<D>, void>;
      /** The way back through a step of its own but frames, from what it did. */
      readonly back: (act: A, did: D, at: BackAt) => Back;
      readonly span?: undefined;
    }
  | {
      /** The stretch of time it takes, with the film as it is when that begins. Its way back is that of frames. */
      readonly span: (act: A, under: UnderWay) => Span;
      readonly run?: undefined;
      readonly back?: undefined;
    };

/** Where an act's way back goes: on which surface, and which of the scene's acts it was. */
interface BackAt {
  readonly site: Site;
  readonly source: number;
  readonly seed: number;
}

/**
 * One thing flow can do. A new one is one such file, named in `index.ts`; nothing else asks what kind an act is. `D`: what it did at once, as plain
 * data, for its way back.
 */
export type ActDefinition<A extends { readonly kind: string }, D = void> = Happens<A, D> & {
  readonly id: A['kind'];
  /** How long it is felt by the progress told, in weighted seconds. */
  readonly weight: (act: A) => number;
  /** The paint it brings on to a face, stratum by stratum; none where it brings none. */
  readonly brings: (act: A, face: Face) => readonly Brought[];
  /** The act without which mix is which: alike for two acts exactly where their births are. */
  readonly key: (act: A) => unknown;
  /** The film only lies there: nothing comes on it, and nothing carries it anywhere. */
  readonly still?: true;
  /** It leaves strands finer than a cell of the film. */
  readonly fine?: true;
  /** How far it coaxes cells open at a place, mm, in passes of a flame straight over it. */
  readonly coaxes?: (act: A, atMm: readonly [number, number]) => number;
  /** The act as a hand does it that strays so; as it is where absent. */
  readonly strays?: (act: A, slip: Slip) => A;
  /** With it paint is not as thick everywhere. */
  readonly varies?: true;
  /** Absent where it brings no paint. `nth` counts acts of its kind before it, for chances that differ. */
  readonly strata?: (act: A, seed: number, nth: number) => ActStrata;
  /** Where its paint first stood, cells: what traces back beside every stream is taken for the nearest one's first paint. */
  readonly began?: (act: A, under: Pick<UnderWay, 'site' | 'seed'>) => readonly [number, number];
};

export const shifted = (
  [x, y]: readonly [number, number],
  [dx, dy]: readonly [number, number],
): readonly [number, number] => [x + dx, y + dy];

/** Places as a hand that strays has them, all by the same. */
export const shiftedAll = (
  places: readonly (readonly [number, number])[],
  byMm: readonly [number, number],
): readonly (readonly [number, number])[] => places.map((place) => shifted(place, byMm));
