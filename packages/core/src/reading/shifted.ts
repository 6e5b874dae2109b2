import { deltaE2000 } from '../optics/delta-e';
import type { Lab } from '../optics/lab';

/** How a colour changed from one picture to another. */
export interface Shift {
  readonly id: string;
  /** CIEDE2000. */
  readonly deltaE: number;
  /** Difference in L* and in chroma, the second less the first. */
  readonly lighter: number;
  readonly stronger: number;
}

/** How each colour that both pictures show changed, most first. Means something only where the light of both was known. */
export const shiftedIn = (
  one: Readonly<Record<string, Lab>>,
  other: Readonly<Record<string, Lab>>,
): Shift[] =>
  Object.entries(one)
    .flatMap(([id, lab]): Shift[] => {
      const to = other[id];
      return to
        ? [
            {
              id,
              deltaE: deltaE2000(lab, to),
              lighter: to[0] - lab[0],
              stronger: Math.hypot(to[1], to[2]) - Math.hypot(lab[1], lab[2]),
            },
          ]
        : [];
    })
    .sort((a, b) => b.deltaE - a.deltaE);
