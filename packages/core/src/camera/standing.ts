import type { Shot } from './shot';

export type Vec = readonly [number, number, number];

/** A pinhole's axes: to the right, down and ahead, after leaning and turning. */
function axes({ leanX, leanY, turn }: Shot): {
  readonly right: Vec;
  readonly down: Vec;
  readonly ahead: Vec;
} {
  const [cx, sx, cy, sy, ct, st] = [
    Math.cos(leanX),
    Math.sin(leanX),
    Math.cos(leanY),
    Math.sin(leanY),
    Math.cos(turn),
    Math.sin(turn),
  ];
  const ahead: Vec = [sx * cy, sy, -cx * cy];
  const flatRight: Vec = [cx, 0, sx];
  const flatDown: Vec = [
    flatRight[1] * ahead[2] - flatRight[2] * ahead[1],
    flatRight[2] * ahead[0] - flatRight[0] * ahead[2],
    flatRight[0] * ahead[1] - flatRight[1] * ahead[0],
  ];
  const mix = (a: Vec, b: Vec, p: number, q: number): Vec => [
    a[0] * p + b[0] * q,
    a[1] * p + b[1] * q,
    a[2] * p + b[2] * q,
  ];
  return {
    right: mix(flatRight, flatDown, ct, st),
    down: mix(flatRight, flatDown, -st, ct),
    ahead,
  };
}

/** Where the camera stands over a flat piece of a size whose longer side is 1, and how long its lens is, in photograph widths. */
export function standing(shot: Shot) {
  const { right, down, ahead } = axes(shot);
  const eye: Vec = [-ahead[0] * shot.away, -ahead[1] * shot.away, -ahead[2] * shot.away];
  return { eye, right, down, ahead, lens: shot.fills * shot.away };
}

/** Where on the photograph a place on the piece falls, px; the middle of the piece is 0, 0, its longer side 1. */
export function onPhotograph(shot: Shot, x: number, y: number): readonly [number, number] {
  const { eye, right, down, ahead, lens } = standing(shot);
  const to: Vec = [x - eye[0], y - eye[1], -eye[2]];
  const dot = (a: Vec, b: Vec) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  const depth = dot(to, ahead);
  return [
    shot.width * (0.5 + shot.offX + (lens * dot(to, right)) / depth),
    shot.height / 2 + shot.width * (shot.offY + (lens * dot(to, down)) / depth),
  ];
}
