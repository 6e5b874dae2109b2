import { chance } from './chance';

/**
 * How a photograph is taken: a camera looks down on a piece that lies on a table, a little aslant, in uneven light of some colour, through a lens that is
 * not quite sharp, onto a sensor that is noisy.
 */
export interface Shot {
  /** The photograph's size, px. */
  readonly width: number;
  readonly height: number;
  /** How far the camera leans to the right and towards its foot, and how it is turned, radians. */
  readonly leanX: number;
  readonly leanY: number;
  readonly turn: number;
  /** How many times the piece's longer side it stands away, and how much of the photograph's width that side takes. */
  readonly away: number;
  readonly fills: number;
  /** Where on the photograph the piece's middle falls, beside its own middle, as shares of its width. */
  readonly offX: number;
  readonly offY: number;
  /** Of each channel, linear. */
  readonly cast: readonly [number, number, number];
  /** How much dimmer the dim side is, and which way it lies, radians. */
  readonly dim: number;
  readonly dimWay: number;
  /** Of the lens, px; of the sensor, of 255. */
  readonly blurPx: number;
  readonly noise: number;
  readonly table: readonly [number, number, number];
  /** Still wet or coated: a window shines in it. */
  readonly gloss: number;
  readonly seed: number;
  /** Which of several taken from one stand, from 0: only their noise differs. */
  readonly nth?: number;
}

/** How much of a photograph a piece takes up, one way or the other. */
const FILLS = 0.74;

/** A shot as a hand takes it, from a seed. */
export function handShot(
  seed: number,
  [width, height]: readonly [number, number],
  flat: { readonly width: number; readonly height: number },
  gloss: number,
): Shot {
  const random = chance(seed * 7919 + 13);
  const between = (a: number, b: number) => a + (b - a) * random();
  const warm = between(-0.09, 0.12);
  const long = Math.max(flat.width, flat.height);
  // All of it is in the photograph, with room for a hand that is not sure.
  const fills = Math.min(
    (FILLS * long) / flat.width,
    (FILLS * height * long) / (width * flat.height),
  );
  const tables: readonly Shot['table'][] = [
    [0.33, 0.24, 0.16],
    [0.5, 0.5, 0.49],
    [0.12, 0.12, 0.13],
    [0.62, 0.55, 0.45],
  ];
  return {
    width,
    height,
    leanX: between(-0.2, 0.2),
    leanY: between(-0.1, 0.3),
    turn: between(-0.08, 0.08),
    away: between(1.7, 2.4),
    fills,
    offX: between(-0.03, 0.03),
    offY: between(-0.03, 0.03),
    cast: [1 + warm, 1, 1 - warm],
    dim: between(0.05, 0.35),
    dimWay: between(0, 2 * Math.PI),
    blurPx: between(0.3, 0.8),
    noise: between(2, 6),
    table: tables[Math.floor(random() * tables.length)]!,
    gloss,
    seed,
  };
}
