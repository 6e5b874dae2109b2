import { DROP_ML } from '../material/catalogue';
import type { Book } from '../material/book';
import { densityOf, viscosityOf } from '../paint/property';
import type { Paint } from '../paint/schema';
import { kindOf, type Landing, timesOf } from './landing';
import { makeMedium } from './medium';
import type { Mix } from './schema';

/** One thing that goes into the cup on the scale, in the order it goes in. Amounts for 1 mL of mix. */
export interface Ingredient {
  readonly kind: 'paint' | 'medium' | 'water' | 'powder' | 'oil';
  /** Paint, material or medium id. A medium of one material goes by the material's own id. */
  readonly id: string;
  readonly ml: number;
  readonly g: number;
  /** Drops per mL of mix; oils only. */
  readonly drops?: number;
}

/** Everything that follows from a mix's ratio, whatever amount is made. */
export interface Recipe {
  /** Paint, medium, water, powder, oil last: water after oil smears it (common practice, no published source). */
  readonly ingredients: readonly Ingredient[];
  readonly densityGPerMl: number;
  readonly viscosityPaS: number;
  /** Volume share of all paint. */
  readonly paintShare: number;
  /** Volume share of all water, that inside mediums included. */
  readonly waterShare: number;
}

/**
 * Works out a mix from its ratio. Volumes are taken to add up; viscosity by the Arrhenius rule of mixtures, and as mixes of its kind have been
 * found to land.
 */
export function makeRecipe(
  mix: Mix,
  paintOf: (id: string) => Paint,
  book: Book,
  landings: readonly Landing[] = [],
): Recipe {
  const byWeight = mix.basis === 'weight';
  const paintParts = mix.paints.reduce((sum, p) => sum + p.parts, 0);
  // parts → mL: a part by weight takes 1/ρ of the room.
  const ml = (parts: number, density: number) => (byWeight ? parts / density : parts);
  const raw: {
    kind: Ingredient['kind'];
    id: string;
    ml: number;
    density: number;
    drops?: number;
  }[] = [];
  const plain = new Map<string, number>();
  let logViscosity = 0;
  let paintMl = 0;
  const flow = (volume: number, pas: number) => (logViscosity += volume * Math.log(pas));

  for (const { paint: id, parts } of mix.paints) {
    const paint = paintOf(id);
    const density = densityOf(paint);
    const volume = ml(parts / paintParts, density);
    raw.push({ kind: 'paint', id, ml: volume, density });
    paintMl += volume;
    flow(volume, viscosityOf(paint));
  }
  if (mix.medium) {
    const make = makeMedium(mix.medium.id, book);
    const volume = ml(mix.medium.parts, make.densityGPerMl);
    const only = make.volumes.size === 1 ? [...make.volumes.keys()][0] : undefined;
    raw.push({
      kind: 'medium',
      id: only ?? mix.medium.id,
      ml: volume,
      density: make.densityGPerMl,
    });
    for (const [id, share] of make.volumes) plain.set(id, (plain.get(id) ?? 0) + share * volume);
  }
  if (mix.waterParts) {
    const { densityGPerMl } = book.material('water');
    const volume = ml(mix.waterParts, densityGPerMl);
    raw.push({ kind: 'water', id: 'water', ml: volume, density: densityGPerMl });
    plain.set('water', (plain.get('water') ?? 0) + volume);
  }
  const liquid = raw.reduce((sum, r) => sum + r.ml, 0);
  const added = (mix.additives ?? []).map((a) => {
    const { densityGPerMl: density, role } = book.material(a.material);
    const drops = 'drops' in a ? (a.drops / a.perMl) * liquid : undefined;
    const volume = 'g' in a ? ((a.g / a.perMl) * liquid) / density : (drops ?? 0) * DROP_ML;
    plain.set(a.material, (plain.get(a.material) ?? 0) + volume);
    return {
      kind: role === 'oil' ? ('oil' as const) : ('powder' as const),
      id: a.material,
      ml: volume,
      density,
      ...(drops === undefined ? {} : { drops }),
    };
  });
  raw.push(...added.filter((a) => a.kind === 'powder'), ...added.filter((a) => a.kind === 'oil'));

  let waterMl = 0;
  for (const [id, volume] of plain) {
    const material = book.material(id);
    flow(volume, material.viscosityPaS);
    if (material.role === 'water') waterMl += volume;
  }
  const whole = raw.reduce((sum, r) => sum + r.ml, 0);
  return {
    ingredients: raw.map(({ kind, id, ml: volume, density, drops }) => ({
      kind,
      id,
      ml: volume / whole,
      g: (volume * density) / whole,
      ...(drops === undefined ? {} : { drops: drops / whole }),
    })),
    densityGPerMl: raw.reduce((sum, r) => sum + r.ml * r.density, 0) / whole,
    viscosityPaS: Math.exp(logViscosity / whole) * timesOf(landings, kindOf(mix, paintOf)),
    paintShare: paintMl / whole,
    waterShare: waterMl / whole,
  };
}
