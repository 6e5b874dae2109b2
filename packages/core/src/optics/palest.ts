import { hexToLab } from './lab';

/** The palest of some things by the hex of each, the first of equals; undefined of none. */
export const palestOf = <T>(of: readonly T[], hexOf: (one: T) => string): T | undefined =>
  mostBy(of, (one) => hexToLab(hexOf(one))[0]);

/** The darkest of some things by the hex of each, the first of equals; undefined of none. */
export const darkestOf = <T>(of: readonly T[], hexOf: (one: T) => string): T | undefined =>
  mostBy(of, (one) => -hexToLab(hexOf(one))[0]);

function mostBy<T>(of: readonly T[], score: (one: T) => number): T | undefined {
  let [found, high]: [T | undefined, number] = [undefined, -Infinity];
  for (const one of of) {
    const s = score(one);
    if (s > high) [found, high] = [one, s];
  }
  return found;
}
