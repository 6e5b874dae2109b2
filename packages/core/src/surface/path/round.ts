import { Type } from '@sinclair/typebox';
import { apart, type Carry, type PathNumber, type Point } from './define';
import { tenth, turnsAbout } from './drawn';

/** How a way goes round a place: how often, clockwise, below 0 the other way; and in which direction it begins, clockwise from the right. */
export interface Round {
  turns: number;
  fromDeg?: number;
}

/** A way that goes round a middle. */
type About = Round & { centreMm: Point };

export const ROUND_SCHEMA = {
  turns: Type.Number({ minimum: -100, maximum: 100 }),
  fromDeg: Type.Optional(Type.Number({ minimum: -360, maximum: 360 })),
};

export const ROUND_NUMBERS = {
  turns: { label: 'Turns, below 0 anticlockwise', min: -100, max: 100 },
  fromDeg: { label: 'Begins at', min: -360, max: 360, unit: 'deg', usual: 0 },
} as const satisfies Record<string, PathNumber>;

/** Where it is a share of the way along it, 0 to 1, so far from its middle. */
export function roundAt({ centreMm: [x, y], fromDeg = 0, turns }: About, share: number, r: number) {
  const a = (Math.PI * fromDeg) / 180 + 2 * Math.PI * turns * share;
  return [x + r * Math.cos(a), y + r * Math.sin(a)] as const;
}

/** Chords it is told in, where a whole turn takes so many. */
export const chordsOf = (ofTurn: number, { turns }: Round): number =>
  Math.max(1, Math.ceil(ofTurn * Math.abs(turns)));

/** In which direction a place lies from another, degrees clockwise from the right. */
const degOf = ([cx, cy]: Point, [x, y]: Point): number =>
  tenth((Math.atan2(y - cy, x - cx) * 180) / Math.PI);

/** From one direction to another by the shorter way, degrees. */
const shorter = (from: number, to: number): number =>
  ((((to - from + 180) % 360) + 360) % 360) - 180;

/** To the right is where it begins if nothing is said. */
const beginning = <P extends Round>({ fromDeg: _, ...path }: P, deg: number): P =>
  ({ ...path, ...(deg === 0 ? {} : { fromDeg: deg }) }) as P;

/** Nearer its middle than this a place has no direction to speak of, mm. */
const AMID_MM = 1;

/** The same begun in the direction of a place, as often round. */
export const begunAt = <P extends About>(path: P, to: Point): P =>
  apart(path.centreMm, to) < AMID_MM ? path : beginning(path, degOf(path.centreMm, to));

/** The same ended in the direction of a place, by the shorter way from where it ended. */
export function endedAt<P extends About>(path: P, to: Point): P {
  if (apart(path.centreMm, to) < AMID_MM) return path;
  const by = shorter((path.fromDeg ?? 0) + 360 * path.turns, degOf(path.centreMm, to));
  const turns = Number((path.turns + by / 360).toFixed(4));
  return Math.abs(turns) > 100 ? path : { ...path, turns };
}

/** Long enough for places told to a tenth of a mm to tell a direction, mm. */
const ARM_MM = 1000;

/** The same round on another face: turned as that is, and the other way round where that is mirrored. */
export function carriedRound<P extends About>(path: P, { place }: Carry): P {
  const [x, y] = path.centreMm;
  const centreMm = place(path.centreMm);
  const carried = (deg: number) => {
    const a = (deg * Math.PI) / 180;
    return degOf(centreMm, place([x + ARM_MM * Math.cos(a), y + ARM_MM * Math.sin(a)]));
  };
  const fromDeg = path.fromDeg ?? 0;
  const begins = carried(fromDeg);
  const mirrored = shorter(begins, carried(fromDeg + 90)) < 0;
  return beginning({ ...path, centreMm, turns: mirrored ? -path.turns : path.turns }, begins);
}

/** How what was drawn goes round a place. */
export const roundOf = (centreMm: Point, drawn: readonly Point[]): Round =>
  beginning({ turns: Number(turnsAbout(centreMm, drawn).toFixed(4)) }, degOf(centreMm, drawn[0]!));

export const roundWords = ({ turns }: Round): string => (turns < 0 ? ', anticlockwise' : '');
