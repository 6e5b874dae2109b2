import type { OpacityClass } from '../paint/schema';
import { deltaE2000 } from './delta-e';
import { DRAWN_BLACK, DRAWN_WHITE, filmReflectance, type Tint } from './film';
import { type Lab, xyzToLab } from './lab';
import { BANDS, WX, WY, WZ } from './observer';
import type { Spectrum } from './spectrum';

/** How much of a bar is seen through paints of a class, CIEDE2000 between the film over white and over black. (By eye, estimates.) */
interface Seen {
  /** Where the class ends. */
  readonly upTo: number;
  /** Taken for a paint of which only the class is known, */
  readonly usual: number;
  /** which is not taken to show less than this, */
  readonly least: number;
  /** and let down 1 : 2 no more than this, so that it falls one class. */
  readonly thinned?: number;
}

export const SEEN: Readonly<Record<OpacityClass, Seen>> = {
  opaque: { upTo: 3, usual: 1.5, least: 0, thinned: 14.8 },
  'semi-opaque': { upTo: 15, usual: 7, least: 3.05, thinned: 27.8 },
  'semi-transparent': { upTo: 28, usual: 20, least: 15.5 },
  transparent: { upTo: Infinity, usual: 31, least: 28.5 },
};

/** The class of a film through which so much of a bar is seen. */
export function classSeen(deltaE: number): OpacityClass {
  if (deltaE <= SEEN.opaque.upTo) return 'opaque';
  if (deltaE <= SEEN['semi-opaque'].upTo) return 'semi-opaque';
  return deltaE <= SEEN['semi-transparent'].upTo ? 'semi-transparent' : 'transparent';
}

/** How much of a black bar on white is seen through a film, ΔE00: 0 where it hides, above 90 where there is none. */
export const barSeen = ({ q, s }: Tint, filmUm: number): number => barAt(q, s * filmUm);

/** The same for q and S·X, which only ever act as their product. */
function barAt(q: Spectrum, sx: number): number {
  return deltaE2000(labOver(q, sx, DRAWN_WHITE), labOver(q, sx, DRAWN_BLACK));
}

function labOver(q: Spectrum, sx: number, ground: number): Lab {
  let x = 0;
  let y = 0;
  let z = 0;
  for (let i = 0; i < BANDS; i++) {
    const r = filmReflectance(q[i]!, 1, sx, ground);
    x += WX[i]! * r;
    y += WY[i]! * r;
    z += WZ[i]! * r;
  }
  return xyzToLab([x, y, z]);
}

/** The S·X of a film of this q through which so much of a bar is seen; by halving, for less is seen the more there is. */
export function sxShowing(q: Spectrum, deltaE: number): number {
  let low = Math.log(1e-6);
  let high = Math.log(1e3);
  while (high - low > 1e-6) {
    const middle = (low + high) / 2;
    if (barAt(q, Math.exp(middle)) > deltaE) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}

/** A class as a number, for a chart: 4 covers all, 3, 2 and 1 are the limits between the classes, 0 is bare; even steps of ln ΔE between. */
export function classesOf(deltaE: number): number {
  const marks = [1, SEEN.opaque.upTo, SEEN['semi-opaque'].upTo, SEEN['semi-transparent'].upTo, 94];
  const at = marks.findIndex((m) => deltaE <= m);
  if (at === 0) return 4;
  if (at < 0) return 0;
  const [from, to] = [marks[at - 1]!, marks[at]!];
  return 4 - (at - 1) - Math.log(deltaE / from) / Math.log(to / from);
}
