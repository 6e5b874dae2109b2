type Px = readonly [number, number];

/** Nearer than this two labels cover each other, px. */
const CLEAR_PX = 25;
/** A label that has to make room stands this far off, or so many times as far, px. */
const OFF_PX = 27;
const TIMES = [1, 2, 3] as const;
const WAYS = 12;

/** Places for labels so that none covers another: each where it is wanted, or as near as there is room; undefined stays undefined. */
export function apart(wanted: readonly (Px | undefined)[]): readonly (Px | undefined)[] {
  const taken: Px[] = [];
  const clear = ([x, y]: Px) => taken.every(([tx, ty]) => Math.hypot(tx - x, ty - y) >= CLEAR_PX);
  return wanted.map((at) => {
    if (!at) return undefined;
    const around = TIMES.flatMap((times) =>
      Array.from({ length: WAYS }, (_, k): Px => {
        const angle = (2 * Math.PI * k) / WAYS - Math.PI / 2;
        return [at[0] + times * OFF_PX * Math.cos(angle), at[1] + times * OFF_PX * Math.sin(angle)];
      }),
    );
    const spot = [at, ...around].find(clear) ?? at;
    taken.push(spot);
    return spot;
  });
}
