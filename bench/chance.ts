/** Chance from a seed, so that every run measures the same: numbers from 0 to 1, and colours. */
export function chanceOf(seed: number) {
  let state = seed;
  const chance = () => (state = (Math.imul(state, 1103515245) + 12345) >>> 0) / 2 ** 32;
  const hex = () =>
    `#${Math.floor(chance() * 0xffffff)
      .toString(16)
      .padStart(6, '0')}`;
  return { chance, hex };
}

/** How long something takes, ms. */
export function time(task: () => unknown): number {
  const from = performance.now();
  task();
  return performance.now() - from;
}
