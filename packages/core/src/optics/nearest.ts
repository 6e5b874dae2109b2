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

/** What is there by how near it comes to a colour by its masstone, CIEDE2000, the nearest first; of equals, as they stand. */
export function byNearness<T extends { readonly hex: string }>(
  hex: string,
  among: readonly T[],
): Match<T>[] {
  const lab = hexToLab(hex);
  return among
    .map((of): Match<T> => {
      const deltaE = deltaE2000(lab, hexToLab(of.hex));
      return { of, deltaE, how: deltaE <= SAME ? 'same' : deltaE <= NEAR ? 'near' : 'far' };
    })
    .sort((one, other) => one.deltaE - other.deltaE);
}

/** What comes nearest; undefined among none. */
export const nearest = <T extends { readonly hex: string }>(
  hex: string,
  among: readonly T[],
): Match<T> | undefined => byNearness(hex, among)[0];
