import { outletOf } from '../cup/outlets';
import type { Act } from '../flow/act';
import { along, type Point } from '../surface/path';
import type { Desk, Done, Take } from './define';
import { meanNu } from './thickness';

/** From how high paint is poured, as a field of a move. */
export const HEIGHT = {
  kind: 'number',
  label: 'From a height of',
  min: 5,
  max: 1000,
  unit: 'mm',
  usual: 60,
} as const;

/** How fast the piece turns about its middle meanwhile, clockwise, as a field of a move; absent where it stands still. */
export const TURNS = {
  kind: 'number',
  label: 'Turntable, turns a minute',
  min: 0,
  max: 120,
  optional: true,
} as const;

export const onTurntable = (turnsPerMin = 0): string =>
  turnsPerMin > 0 ? `, while it turns ${Math.round(turnsPerMin)} times a minute` : '';

/** From this high on a stream gets no thinner, mm. */
const HIGH_MM = 300;

/** What a fall from higher would do is not in the picture. */
export const fallsFar = ({ heightMm }: { readonly heightMm: number }): readonly string[] =>
  heightMm > HIGH_MM ? ['a fall of more than 30 cm'] : [];

/** Kinematic viscosity the rate of a pour is stated for, m²/s: medium paint. Thicker runs slower. */
const STATED_NU = 9e-4;
/** However little there is, a hand takes this long over it, s. */
const LEAST_S = 3;
/** Points a turn of the table is told by, and the most in all: after hundreds of turns a ring more is none to be told apart. */
const POINTS_A_TURN = 64;
const MOST_POINTS = 4_000;

/** How a hand pours. */
interface How {
  readonly heightMm: number;
  readonly turnsPerMin?: number;
  /** All cups together, where somebody says how long. */
  readonly s?: number;
}

/** Cups poured out one after the other along a line, or in one place. */
export function pouredAlong(
  pathMm: readonly Point[],
  cups: readonly string[],
  { heightMm, turnsPerMin = 0, s }: How,
  { inCup, outletOf: outletIn, nuOf, factors, ...face }: Desk,
): Done {
  const [closeMm, highMm] = [factors['stream-close'], factors['stream-high']];
  const mm = closeMm - (closeMm - highMm) * Math.min(1, heightMm / HIGH_MM);
  // A cup named twice is empty the second time.
  const held = [...new Set(cups)].flatMap((id) => {
    const cup = inCup(id);
    return cup && cup.ml > 0 ? [{ ...cup, id }] : [];
  });
  const wholeMl = held.reduce((sum, { ml }) => sum + ml, 0);
  const middle: Point = [face.widthMm / 2, face.heightMm / 2];
  let turned = 0;
  return {
    acts: held.map(({ id, ml, strata, stir }): Act => {
      const rate = factors['poured-per-second'] * Math.sqrt(STATED_NU / meanNu(strata, nuOf));
      const seconds = s === undefined ? Math.max(LEAST_S, ml / rate) : (s * ml) / wholeMl;
      const before = turned;
      turned += (turnsPerMin * seconds) / 60;
      return {
        kind: 'stream',
        pathMm: turnsPerMin > 0 ? turnedBack(pathMm, middle, before, turned) : pathMm,
        radiusMm: [{ at: 0, mm }],
        strayMm: factors['pour-strays'],
        s: seconds,
        core: false,
        strata,
        stir,
        outlet: outletOf(outletIn(id)),
        lamination: 'stack',
      };
    }),
    takes: held.map(({ id, ml, g }): Take => ({ cup: id, ml, g })),
  };
}

/** A hand's way as it falls on a piece that turns clockwise under it from so many turns to so many: turned back by what that has turned. */
function turnedBack(
  way: readonly Point[],
  [cx, cy]: Point,
  fromTurns: number,
  toTurns: number,
): readonly Point[] {
  const wanted = Math.max(2, Math.ceil((toTurns - fromTurns) * POINTS_A_TURN));
  const count = Math.min(MOST_POINTS, wanted);
  const at = along(way);
  return Array.from({ length: count + 1 }, (_, n): Point => {
    const [x, y] = at(n / count);
    const angle = -2 * Math.PI * (fromTurns + ((toTurns - fromTurns) * n) / count);
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    return [cx + (x - cx) * cos - (y - cy) * sin, cy + (x - cx) * sin + (y - cy) * cos];
  });
}
