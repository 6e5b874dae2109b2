import type { FilmKernel } from '../kernel';
import type { Pour } from '../simulate';
import { emptyBirths, NONE } from '../births';
import { traceAlone } from '../trace';

/**
 * Where what lies at the surface came along. Places every `pitchMm` over the piece, row-major, `across` × `down`. By turn and place: `x`, `y`,
 * where it was at the end of that turn, cells of the film; not a number before it was there. By place: `born`, the turn it came in, −1 off
 * the paint; `share`, how much of that turn was over.
 */
export interface Course extends Places {
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly born: Int32Array;
  readonly share: Float32Array;
}

/** Places in the middle of squares over the piece. */
export interface Places {
  readonly pitchMm: number;
  readonly across: number;
  readonly down: number;
}

/** Where a place lies, mm from the corner of the piece. */
export const placeMm = ({ across, pitchMm }: Places, place: number): readonly [number, number] => [
  pitchMm * ((place % across) + 0.5),
  pitchMm * (Math.floor(place / across) + 0.5),
];

/** Follows the surface back through a pour from those of these places that are wanted. A generator: it yields the share done. */
export function* courseOf(
  pour: Pour,
  kernel: FilmKernel,
  places: Places,
  wanted: readonly number[],
): Generator<number, Course> {
  const { site, turns } = pour;
  const count = places.across * places.down;
  const course: Course = {
    ...places,
    x: new Float32Array(turns.length * count).fill(NaN),
    y: new Float32Array(turns.length * count).fill(NaN),
    born: new Int32Array(count).fill(-1),
    share: new Float32Array(count),
  };
  const births = emptyBirths(count);
  const at = wanted.map((place) =>
    placeMm(places, place).map((mm, axis) => (mm + site.originMm[axis]!) / site.cellMm),
  );
  // Turns whose end is at a step, the last first: some take no steps.
  let turn = -1;
  yield* traceAlone(
    pour,
    kernel,
    {
      index: Int32Array.from(wanted),
      x: Float32Array.from(at, ([x]) => x!),
      y: Float32Array.from(at, ([, y]) => y!),
      z: new Float32Array(wanted.length).fill(1),
      count: wanted.length,
    },
    births,
    (steps, own, alive, x, y) => {
      if (steps === pour.steps.length) turn = turns.length - 1;
      for (; turn >= 0 && turns[turn]!.upTo >= steps; turn--)
        for (let k = 0; k < alive; k++) {
          const to = turn * count + own[k]!;
          course.x[to] = x[k]!;
          course.y[to] = y[k]!;
          course.born[own[k]!] = turn;
        }
    },
  );
  for (const place of wanted)
    if (births.source[place] === NONE) course.born[place] = -1;
    else course.share[place] = births.s[place]!;
  return course;
}
