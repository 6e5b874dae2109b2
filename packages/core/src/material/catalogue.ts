import type { Material } from './schema';

const of = (
  id: string,
  name: string,
  role: Material['role'],
  densityGPerMl: number,
  viscosityPaS: number,
  note?: string,
): Material => ({ id, name, role, densityGPerMl, viscosityPaS, ...(note ? { note } : {}) });

/**
 * Generic materials every plan may use without listing them. Viscosities are nominal and from memory,
 * chosen so that the handbook's recipes land on the step it names; densities are typical figures from
 * memory (common practice, no published source), water's excepted.
 */
export const MATERIALS: readonly Material[] = [
  of('water', 'Water', 'water', 1.0, 0.001),
  of(
    'conditioner',
    'Conditioner',
    'medium',
    1.03,
    1.2,
    'Flow additive for house paint. Strain it before use.',
  ),
  of(
    'conditioner-thin',
    'Conditioner, thin type',
    'medium',
    1.02,
    0.1,
    'Runs like milk: for activators.',
  ),
  of('pva', 'PVA glue', 'binder', 1.08, 8),
  of(
    'gloss-medium',
    'Gloss medium',
    'binder',
    1.04,
    1.5,
    'Keeps a poured centre together when it is stretched.',
  ),
  of('polymer', 'Polymer medium', 'binder', 1.04, 1),
  of('pouring-medium', 'Pouring medium', 'medium', 1.05, 0.9),
  of(
    'house-satin',
    'House paint, satin',
    'binder',
    1.25,
    3,
    'As sold, not thinned: the pillow of a bloom.',
  ),
  of('silicone', 'Silicone oil', 'oil', 0.97, 0.35, 'Last of all. Clean it off before a top coat.'),
  of(
    'dimethicone',
    'Dimethicone oil',
    'oil',
    0.97,
    1,
    'Thicker than a plain light oil, as in hair serum: other cells. Clean it off before a top coat.',
  ),
  {
    ...of('mica', 'Mica powder', 'powder', 2.8, 40, 'Wear a dust mask while it is dry.'),
    looseGPerMl: 0.3,
  },
  {
    ...of(
      'pigment-powder',
      'Pigment powder',
      'powder',
      3.5,
      40,
      'Wear a dust mask while it is dry.',
    ),
    looseGPerMl: 0.6,
  },
];

/** What a small measuring scoop holds, mL, where the artist has not said (estimate). */
export const SCOOP_ML = 1;

/** Grams of a powder in so many scoops; a powder that says nothing of its loose weight lies as mica does. */
export const scoopG = (material: Material, scoops: number, scoopMl: number): number =>
  scoops * scoopMl * (material.looseGPerMl ?? 0.3);

/** One drop from a dropper, mL: 20 to the millilitre, nominal; real drops vary by half. */
export const DROP_ML = 0.05;
