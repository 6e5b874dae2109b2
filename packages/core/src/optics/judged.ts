import { hexToLinear, linearToHex, type Rgb } from './srgb';

type Matrix = readonly [Rgb, Rgb, Rgb];

type JudgedId = 'colour' | 'lightness' | 'no-red' | 'no-green';

/** A way to look at a palette so that its contrasts can be judged. No claim that anyone sees just so. */
export interface Judged {
  readonly id: JudgedId;
  readonly name: string;
  readonly of: (hex: string) => string;
}

const through = (m: Matrix) => (hex: string) => {
  const rgb = hexToLinear(hex);
  return linearToHex(
    m.map((row) => {
      const light = row[0] * rgb[0] + row[1] * rgb[1] + row[2] * rgb[2];
      return Math.min(1, Math.max(0, light));
    }) as [number, number, number],
  );
};

/** Luminance Y of linear light, Rec. 709 primaries. */
const Y: Rgb = [0.2126, 0.7152, 0.0722];
/** All of the red cones gone, and all of the green ones: Machado, Oliveira and Fernandes 2009, severity 1, in linear light. */
export const NO_RED: Matrix = [
  [0.152286, 1.052583, -0.204868],
  [0.114503, 0.786281, 0.099216],
  [-0.003882, -0.048116, 1.051998],
];
export const NO_GREEN: Matrix = [
  [0.367322, 0.860646, -0.227968],
  [0.280085, 0.672501, 0.047413],
  [-0.01182, 0.04294, 0.968881],
];

export const JUDGED: readonly Judged[] = [
  { id: 'colour', name: 'In colour', of: (hex) => hex },
  { id: 'lightness', name: 'Lightness only', of: through([Y, Y, Y]) },
  { id: 'no-red', name: 'Without red cones', of: through(NO_RED) },
  { id: 'no-green', name: 'Without green cones', of: through(NO_GREEN) },
];

/** The way of that id; in colour where there is none. */
export const judgedBy = (id: string): Judged['of'] =>
  (JUDGED.find((j) => j.id === id) ?? JUDGED[0]!).of;
