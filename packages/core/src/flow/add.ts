import type { Film, Floats } from './film';

/** Adds a film to the ground, m by cell: it becomes the lower of two. */
export function addLower({ h, lower }: Film, added: Floats): void {
  for (let i = 0; i < added.length; i++) {
    h[i] = h[i]! + added[i]!;
    lower[i] = lower[i]! + added[i]!;
  }
}

/** Adds paint on top, m by cell: ln ν of the upper film becomes the mean by volume (Arrhenius; Grunberg and Nissan 1949). */
export function addUpper({ h, lower, lnNu }: Film, added: Floats, nu: number): void {
  const ln = Math.log(nu);
  for (let i = 0; i < added.length; i++) {
    const came = added[i]!;
    if (came === 0) continue;
    const upper = Math.max(0, h[i]! - lower[i]!);
    lnNu[i] = (upper * lnNu[i]! + came * ln) / (upper + came);
    h[i] = h[i]! + came;
  }
}
