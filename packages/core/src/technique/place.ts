import type { Point } from '../surface/path';
import type { Stage } from './define';

/** Half the shorter side: how far from its middle a face reaches everywhere, about. */
export const halfOf = ({ widthMm, heightMm }: Stage): number => Math.min(widthMm, heightMm) / 2;

/** A place so far from the middle of the face, whole mm; degrees clockwise from the right. */
export const fromMiddle = (
  { middle: [x, y] }: Stage,
  deg: number,
  mm: number,
): [number, number] => {
  const angle = (deg * Math.PI) / 180;
  return [Math.round(x + mm * Math.cos(angle)), Math.round(y + mm * Math.sin(angle))];
};

/** So many directions, evenly round, whole degrees from −180 to 180. */
export const roundAbout = (n: number, fromDeg = 0): number[] =>
  Array.from({ length: n }, (_, k) => {
    const deg = Math.round(fromDeg + (360 * k) / n);
    return deg > 180 ? deg - 360 : deg;
  });

/** A straight way whose ends are at shares of width and height. */
export const lineAt = (
  { widthMm, heightMm }: Stage,
  [fx, fy]: Point,
  [tx, ty]: Point,
): { kind: 'line'; fromMm: [number, number]; toMm: [number, number] } => ({
  kind: 'line',
  fromMm: [Math.round(fx * widthMm), Math.round(fy * heightMm)],
  toMm: [Math.round(tx * widthMm), Math.round(ty * heightMm)],
});

/** The middles of n equal parts of a share from–to. */
export const parts = (n: number, from: number, to: number): number[] =>
  Array.from({ length: n }, (_, k) => from + ((k + 0.5) / n) * (to - from));
