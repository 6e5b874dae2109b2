/** A paint as far as it decides whether cells open in it or over it. */
export interface Makeup {
  readonly densityKgM3: number;
  /** Drops of oil in 60 mL. */
  readonly oil: number;
  /** Viscosity of that oil, Pa·s, of the thickest there is; 0 where there is none. */
  readonly oilPaS: number;
  /** How matt it is, 0..1. */
  readonly matt: number;
  /** What part of its paint is flakes of metal or pearl, 0..1. */
  readonly flakes: number;
  /** Laid to make cells. */
  readonly activator: boolean;
}

/** Some of a column, one paint or several, taken together: means by thickness. */
export interface Pile extends Omit<Makeup, 'activator'> {
  readonly um: number;
  /** Kinematic viscosity, m²/s: of ln ν. */
  readonly nu: number;
  /** What part of it is activator, 0..1. */
  readonly activator: number;
  /** How much wavier than a stream from close by it came, 1 for none; see `Portion`. */
  readonly folds: number;
}

/** One paint of a column. */
export interface Layer extends Makeup {
  /** ln of its kinematic viscosity, m²/s. */
  readonly lnNu: number;
  readonly folds: number;
}

/** A column of paints, surface first, each with its height, µm; neighbours are of different paint. */
export type Column = readonly (readonly [layer: Layer, um: number])[];

/** What lies between two depths of a column, µm, taken together. */
export function pileBetween(column: Column, fromUm: number, toUm: number): Pile {
  const pile = {
    um: 0,
    nu: 0,
    densityKgM3: 0,
    oil: 0,
    oilPaS: 0,
    matt: 0,
    flakes: 0,
    activator: 0,
    folds: 0,
  };
  let top = 0;
  for (const [layer, um] of column) {
    const own = Math.min(top + um, toUm) - Math.max(top, fromUm);
    top += um;
    if (own <= 0) {
      if (top > toUm) break;
      continue;
    }
    pile.um += own;
    pile.nu += own * layer.lnNu;
    pile.densityKgM3 += own * layer.densityKgM3;
    pile.oil += own * layer.oil;
    pile.oilPaS = Math.max(pile.oilPaS, layer.oilPaS);
    pile.matt += own * layer.matt;
    pile.flakes += own * layer.flakes;
    if (layer.activator) pile.activator += own;
    pile.folds += own * layer.folds;
  }
  const per = 1 / Math.max(pile.um, 1e-9);
  return {
    um: pile.um,
    nu: Math.exp(pile.nu * per),
    densityKgM3: pile.densityKgM3 * per,
    oil: pile.oil * per,
    oilPaS: pile.oilPaS,
    matt: pile.matt * per,
    flakes: pile.flakes * per,
    activator: pile.activator * per,
    folds: pile.folds * per,
  };
}
