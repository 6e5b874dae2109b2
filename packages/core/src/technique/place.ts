import type { Point } from '../surface/path';
import type { Stage } from './define';

/** Directions a face is felt in from its middle, and steps in which it is tried how far it reaches. */
const FELT = 24;
const STEPS = 20;

/** How far from its middle a face reaches in every direction, mm; half the shorter side for most, little for a letter. */
export function halfOf({ widthMm, heightMm, middle: [x, y], onFace: on }: Stage): number {
  const most = Math.min(widthMm, heightMm) / 2;
  const reaches = (mm: number) =>
    Array.from({ length: FELT }, (_, k) => (2 * Math.PI * k) / FELT).every((angle) =>
      on(x + mm * Math.cos(angle), y + mm * Math.sin(angle)),
    );
  // A little within the outline, which counts for neither side.
  for (let step = STEPS; step > 1; step--)
    if (reaches(((0.999 * step) / STEPS) * most)) return (step / STEPS) * most;
  return most / STEPS;
}

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

/** Places a way is tried at, to find where it comes on to the face. */
const TRIED = 40;

/** Directions a place is looked round in. */
const ROUND = Array.from({ length: 8 }, (_, k) => (k * Math.PI) / 4);

/**
 * The ends of as much of a straight way as lies on the face, whole mm; all of it where none does.
 * @param clearMm how clear of the edge it must stay
 */
export function onFace(
  { onFace: there }: Stage,
  from: Point,
  to: Point,
  clearMm = 0,
): [Place, Place] {
  const on = (x: number, y: number) =>
    there(x, y) &&
    (clearMm === 0 ||
      ROUND.every((a) => there(x + clearMm * Math.cos(a), y + clearMm * Math.sin(a))));
  const at = (k: number): Point => [
    from[0] + ((to[0] - from[0]) * k) / TRIED,
    from[1] + ((to[1] - from[1]) * k) / TRIED,
  ];
  const lies = Array.from({ length: TRIED + 1 }, (_, k) => on(...at(k)));
  const [first, last] = [lies.indexOf(true), lies.lastIndexOf(true)];
  const whole = ([x, y]: Point): Place => [Math.round(x), Math.round(y)];
  return first < 0 ? [whole(from), whole(to)] : [whole(at(first)), whole(at(last))];
}
type Place = [number, number];

/** A straight way whose ends are at shares of width and height, as much of it as lies on the face. */
export function lineAt(
  stage: Stage,
  [fx, fy]: Point,
  [tx, ty]: Point,
  clearMm = 0,
): { kind: 'line'; fromMm: Place; toMm: Place } {
  const { widthMm, heightMm } = stage;
  const [fromMm, toMm] = onFace(
    stage,
    [fx * widthMm, fy * heightMm],
    [tx * widthMm, ty * heightMm],
    clearMm,
  );
  return { kind: 'line', fromMm, toMm };
}

/** The middles of n equal parts of a share from–to. */
export const parts = (n: number, from: number, to: number): number[] =>
  Array.from({ length: n }, (_, k) => from + ((k + 0.5) / n) * (to - from));
