import type { Paint } from '@potter/core/paint';

/** A working name from the first two colours: "Oat milk and Slate". */
export const nameFor = (paints: readonly Paint[]): string =>
  paints
    .slice(0, 2)
    .map((p) => p.name.split(',')[0])
    .join(' and ');

/** A seed of its own for each new plan, so that two plans do not look alike by chance of a default. */
export const freshSeed = (): number => Math.floor(Math.random() * 2 ** 31);
