import { deltaE2000 } from './delta-e';
import { hexToLab } from './lab';
import { neighbours } from './neighbour';
import { hexToOklch as of, hueTurn, oklchToHex } from './oklch';

export type RelativeId = 'darker' | 'contrast' | 'light' | 'neutral';

/** A part a second colour may play beside the one a palette begins with. */
export interface Relative {
  readonly id: RelativeId;
  readonly name: string;
  readonly says: string;
  /** The colour that would play it, were any to be had. */
  readonly target: (start: string) => string;
  /** How far a colour is from playing it; the least is best, above `FAR` it does not. */
  readonly misses: (start: string, candidate: string) => number;
}

/** A candidate that misses by more plays another part (estimate, in ΔE2000). */
const FAR = 25;

const toTarget = (target: Relative['target']) => (start: string, candidate: string) =>
  deltaE2000(hexToLab(target(start)), hexToLab(candidate));

const darkerTarget = (start: string): string => {
  const { l, c, h } = of(start);
  return oklchToHex({ l: Math.max(0.2, l - 0.28), c: c * 0.85, h });
};
const lightTarget = (start: string): string => {
  const { c, h } = of(start);
  return oklchToHex({ l: 0.95, c: c * 0.15, h });
};
const neutralTarget = (start: string): string => {
  const { l, h } = of(start);
  return oklchToHex({ l: l > 0.6 ? 0.45 : 0.7, c: 0.015, h });
};
const contrastTarget = (start: string): string => {
  const { l, c, h } = of(start);
  return oklchToHex({ l: l > 0.6 ? 0.4 : 0.75, c: Math.max(c, 0.1), h: (h + 180) % 360 });
};

/** Chroma (OKLCh) below which a colour has no hue to speak of, and from which it is colourful (estimates). */
const NEUTRAL = 0.035;
const COLOURFUL = 0.15;

/** A contrast is far round the wheel, and stays clean where the two touch. */
const contrastMisses = (start: string, candidate: string): number => {
  const [a, b] = [of(start), of(candidate)];
  // Beside grey or white whatever is colourful stands out; grey itself is no contrast.
  const apart =
    a.c < NEUTRAL ? Math.min(1, b.c / COLOURFUL) : b.c < NEUTRAL ? 0 : hueTurn(a.h, b.h) / 180;
  return FAR * (1 - neighbours(start, candidate).score + 1 - apart);
};

/** Every part, in the order they are usually looked for (common practice, no published source). */
export const RELATIVES: readonly Relative[] = [
  {
    id: 'darker',
    name: 'A darker relative',
    says: 'the same hue, a good step darker',
    target: darkerTarget,
    misses: toTarget(darkerTarget),
  },
  {
    id: 'contrast',
    name: 'A contrast',
    says: 'far round the wheel, without mud where they touch',
    target: contrastTarget,
    misses: contrastMisses,
  },
  {
    id: 'light',
    name: 'A light',
    says: 'nearly white, to let the others breathe',
    target: lightTarget,
    misses: toTarget(lightTarget),
  },
  {
    id: 'neutral',
    name: 'A neutral',
    says: 'grey or nearly so, to rest the eye',
    target: neutralTarget,
    misses: toTarget(neutralTarget),
  },
];

export interface RelativeFound<T> {
  readonly relative: Relative;
  readonly targetHex: string;
  /** What plays it best, if anything does. */
  readonly of?: T;
}

/** For each part the best of some colours; one that begins the palette, or plays a part already, plays no other. */
export function relativesAmong<T extends { readonly hex: string }>(
  start: string,
  among: readonly T[],
): RelativeFound<T>[] {
  const left = among.filter((c) => c.hex.toLowerCase() !== start.toLowerCase());
  return RELATIVES.map((relative) => {
    let best: T | undefined;
    let least = FAR;
    for (const candidate of left) {
      const misses = relative.misses(start, candidate.hex);
      if (misses < least) [best, least] = [candidate, misses];
    }
    if (best) left.splice(left.indexOf(best), 1);
    return { relative, targetHex: relative.target(start), ...(best ? { of: best } : {}) };
  });
}
