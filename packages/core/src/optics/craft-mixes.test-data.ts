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

/** Common practice, no published source. The model's figures were chosen with these in view. */
export const FITTED: readonly CraftMix[] = [
  mix({ 'titanium white': 10, 'phthalo green (blue': 1 }, 'teal', 'green'),
  mix({ 'titanium white': 4, ultramarine: 1 }, 'blue', 'violet'),
  mix({ 'titanium white': 4, 'quinacridone magenta': 1 }, 'pink', 'magenta'),
  mix({ 'titanium white': 4, 'cadmium red': 1 }, 'pink', 'red'),
  mix({ 'titanium white': 10, 'arylide yellow': 1 }, 'yellow'),
  mix({ 'titanium white': 10, 'burnt umber': 1 }, 'brown', 'grey', 'orange', 'yellow'),
  mix({ 'titanium white': 10, 'carbon black': 1, ultramarine: 1 }, 'blue', 'grey'),
  mix({ 'titanium white': 20, 'burnt umber': 1, 'yellow ochre': 1 }, 'white', 'yellow', 'orange'),
  mix({ 'titanium white': 4, 'blue-grey': 1 }, 'grey', 'blue'),
  mix({ 'titanium white': 4, 'light turquoise': 1 }, 'teal'),
  mix({ 'titanium white': 3, 'red iron oxide': 1 }, 'pink', 'orange', 'red', 'brown'),
  mix({ 'arylide yellow': 1, 'naphthol red': 1 }, 'orange', 'red'),
  mix({ 'arylide yellow': 3, 'pyrrole red': 1 }, 'orange'),
  mix({ 'bismuth vanadate yellow': 9, 'phthalo blue (green': 1 }, 'green'),
  mix({ 'bismuth vanadate yellow': 3, 'phthalo blue (green': 1 }, 'green', 'teal'),
  mix({ 'bismuth vanadate yellow': 1, cerulean: 1 }, 'green'),
  mix({ 'bismuth vanadate yellow': 1, 'turquoise (mixed': 1 }, 'green'),
  mix({ 'cobalt blue': 1, 'cadmium red': 1 }, 'violet', 'brown', 'grey', 'magenta'),
  mix({ ultramarine: 1, 'quinacridone magenta': 1 }, 'violet'),
  mix({ ultramarine: 2, 'dioxazine violet': 1 }, 'violet', 'blue'),
  mix({ 'phthalo blue (green': 1, 'phthalo green (blue': 1 }, 'teal', 'blue', 'green'),
  mix({ 'pyrrole orange': 1, ultramarine: 1 }, 'brown', 'grey', 'black'),
  mix({ 'benzimidazolone orange': 1, 'cobalt blue': 1 }, 'brown', 'grey', 'olive'),
  mix({ 'light green': 1, 'pyrrole red': 1 }, 'brown', 'olive'),
  mix({ 'chromium oxide': 1, 'cadmium red': 1 }, 'brown'),
  mix({ 'chromium oxide': 1, 'arylide yellow': 1 }, 'green', 'olive'),
  mix({ 'quinacridone magenta': 1, 'arylide yellow': 2 }, 'orange', 'red'),
  mix({ 'quinacridone magenta': 1, 'cadmium red': 1 }, 'red', 'magenta'),
  mix({ 'naphthol red': 1, 'phthalo green (yellow': 1 }, 'black', 'brown'),
  mix({ 'arylide yellow': 4, 'carbon black': 1 }, 'olive', 'green'),
  mix({ 'red iron oxide': 1, ultramarine: 1 }, 'brown', 'violet', 'grey'),
  mix({ 'yellow ochre': 2, 'pyrrole red': 1 }, 'orange', 'brown', 'red'),
  mix({ 'yellow ochre': 10, 'phthalo green (blue': 1 }, 'green', 'olive'),
  mix({ 'naphthol red': 4, 'carbon black': 1 }, 'red', 'brown', 'magenta'),
  mix({ 'cadmium red': 2, 'dioxazine violet': 1 }, 'red', 'magenta', 'violet', 'brown'),
  mix({ 'benzimidazolone orange': 1, ultramarine: 1 }, 'brown', 'grey', 'olive'),
];
