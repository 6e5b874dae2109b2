import type { Film, Floats } from './film';

/** Adds a film to the ground, m by cell: it becomes the lower of two. */
export function addLower({ h, lower }: Film, added: Floats): void {
  for (let i = 0; i < added.length; i++) {
    h[i] = h[i]! + added[i]!;
    lower[i] = lower[i]! + added[i]!;
  }
}

/** Adds paint on top, m by cell. */
export function addUpper(film: Film, added: Floats, nu: number): void {
  const ln = Math.log(nu);
  for (let i = 0; i < added.length; i++) if (added[i] !== 0) mixIn(film, i, added[i]!, ln);
}

/** Adds what the film's source brings in so long, on top. @param nu its viscosity, where that is told apart */
export function addArriving(film: Film, dtS: number, nu?: number): void {
  const { h, source } = film;
  const ln = nu === undefined ? undefined : Math.log(nu);
  for (let i = 0; i < source.length; i++) {
    if (source[i] === 0) continue;
    if (ln === undefined) h[i] = h[i]! + source[i]! * dtS;
    else mixIn(film, i, source[i]! * dtS, ln);
  }
}

/** ln ν of the upper film becomes the mean by volume (Arrhenius; Grunberg and Nissan 1949 without interaction). */
function mixIn({ h, lower, lnNu }: Film, i: number, came: number, ln: number): void {
  const upper = Math.max(0, h[i]! - lower[i]!);
  lnNu[i] = (upper * lnNu[i]! + came * ln) / (upper + came);
  h[i] = h[i]! + came;
}
