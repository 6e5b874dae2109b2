import { defineTechnique } from './define';
import { lineAt } from './place';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';
import type { Move } from '../verb';
import { bands } from './swipe-strokes';

export const combed = defineTechnique({
  id: 'combed',
  name: 'Comb and skewer',
  says: 'Bands are laid side by side and a comb is drawn across them at once, there and back, with a clean tool each stroke.',
  shows: 'Feathered bands, drawn to points at the spacing of the comb.',
  sights: ['ribbons', 'fields'],
  minds: ['At once, on wet film: later the lines tear.', 'Wipe the tool before each stroke.'],
  needs: {
    ...STRETCH_NEEDS,
    loading: 'single',
    cups: { least: 2 },
    tools: ['A comb or a skewer, and a cloth to wipe it'],
  },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'Bands lie side by side in this order; unlike neighbours draw the clearest feathers.',
  },
  settings: {
    tines: { kind: 'number', label: 'Tines', min: 1, max: 40 },
    apartMm: { kind: 'number', label: 'Tines are apart', min: 4, max: 200, unit: 'mm' },
    ...STRETCH_SETTINGS,
  },
  defaults: { tines: 9, apartMm: 32, ...STRETCH_USUAL, torch: 'none', angleDeg: 4 },
  moves: (stage, { tines, apartMm, torch, angleDeg, by }) => {
    const stroke = (id: string, from: number, to: number, shift: number): Move => ({
      id,
      verb: 'comb',
      way: lineAt(stage, [from, 0.5 + shift], [to, 0.5 + shift]),
      tines: Math.round(tines),
      apartMm,
      toolMm: 4,
      s: 8,
    });
    return stretch(stage, bands(stage), { torch, angleDeg, by }, [
      stroke('comb-there', 0.06, 0.94, 0),
      stroke('comb-back', 0.94, 0.06, apartMm / 2 / stage.heightMm),
    ]);
  },
});
