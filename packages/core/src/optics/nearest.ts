import { deltaE2000 } from './delta-e';
import { hexToLab } from './lab';

/** How far a colour lies from the one that was looked for: ΔE2000 up to this is the same to the eye, then near, then far (estimates). */
const SAME = 3;
const NEAR = 10;

export interface Match<T> {
  readonly of: T;
  readonly deltaE: number;
  readonly how: 'same' | 'near' | 'far';
}

/** What comes nearest to a colour by its masstone, CIEDE2000; undefined among none. */
export function nearest<T extends { readonly hex: string }>(
  hex: string,
  among: readonly T[],
): Match<T> | undefined {
  const lab = hexToLab(hex);
  let best: Match<T> | undefined;
  for (const of of among) {
    const deltaE = deltaE2000(lab, hexToLab(of.hex));
    if (!best || deltaE < best.deltaE)
      best = { of, deltaE, how: deltaE <= SAME ? 'same' : deltaE <= NEAR ? 'near' : 'far' };
  }
  return best;
}
