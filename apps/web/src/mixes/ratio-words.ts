import type { Mix } from '@potter/core/mix';
import { trim } from '@potter/core/quantity';

/** A ratio as people say it: "1 : 2", "1 : 2 with 0.1 water", "as it comes". */
export function ratioWords({ medium, waterParts }: Mix): string {
  const water = waterParts ? ` with ${trim(waterParts, 2)} water` : '';
  return medium ? `1 : ${trim(medium.parts, 2)}${water}` : `as it comes${water}`;
}
