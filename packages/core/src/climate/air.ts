/** Saturation vapour pressure over water, hPa (Magnus formula, Sonntag 1990 constants). */
export const saturationHPa = (tempC: number): number =>
  6.112 * Math.exp((17.62 * tempC) / (243.12 + tempC));

/** Vapour-pressure deficit of a room, hPa: how eagerly the air takes up water. */
export const vapourDeficitHPa = (tempC: number, rh: number): number =>
  saturationHPa(tempC) * (1 - Math.min(rh, 99) / 100);
