import type { ColourName } from './colour-name';

/** What painters get from paints stirred together, by name. Parts by volume of pigments of the table, by the beginning of their names. */
export interface CraftMix {
  readonly of: Readonly<Record<string, number>>;
  /** Names it may be called by: where the craft's own word ("plum", "buff") lies between two plain ones, both. */
  readonly names: readonly ColourName[];
}

const mix = (of: CraftMix['of'], ...names: ColourName[]): CraftMix => ({ of, names });

/**
 * Common practice, no published source. These were written down, and kept, before any figure of the model was chosen by them: they are left
 * out of the fit.
 */
export const HELD_OUT: readonly CraftMix[] = [
  mix({ 'titanium white': 10, 'phthalo blue (green': 1 }, 'blue'),
  mix({ 'titanium white': 10, 'carbon black': 1 }, 'grey'),
  mix({ 'titanium white': 1, 'carbon black': 1 }, 'black', 'grey'),
  mix({ 'titanium white': 2, 'pyrrole red': 1 }, 'pink', 'red'),
  // A dull, leafy green; never teal.
  mix({ 'arylide yellow': 1, ultramarine: 1 }, 'green', 'olive'),
  mix({ 'yellow ochre': 1, ultramarine: 1 }, 'green', 'olive', 'grey'),
  // Plum.
  mix({ 'pyrrole red': 1, ultramarine: 1 }, 'violet', 'magenta', 'red', 'brown'),
  mix({ 'bismuth vanadate yellow': 2, 'dioxazine violet': 1 }, 'brown', 'olive', 'grey'),
  // The painter's mixed black.
  mix({ 'cadmium red': 1, 'phthalo green (blue': 1 }, 'black', 'grey', 'brown'),
  mix({ 'cadmium red': 1, 'arylide yellow': 1 }, 'orange'),
  mix({ 'quinacridone magenta': 1, 'phthalo blue (green': 1 }, 'violet'),
  mix({ 'arylide yellow': 4, 'phthalo green (blue': 1 }, 'green'),
  mix({ 'yellow ochre': 4, 'carbon black': 1 }, 'olive', 'green', 'brown'),
  mix({ 'titanium white': 8, 'dioxazine violet': 1 }, 'violet'),
  mix({ 'burnt umber': 1, ultramarine: 1 }, 'black', 'grey', 'brown'),
  // Buff.
  mix({ 'titanium white': 6, 'yellow ochre': 1 }, 'yellow', 'orange'),
];
