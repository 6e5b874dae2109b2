import { defineTechnique } from './define';
import { fromMiddle } from './place';
import { STRETCH_NEEDS, unstretched } from './stretch';

export const skin = defineTechnique({
  id: 'skin',
  name: 'Paper and skin',
  says: 'What is left over is scooped on to paper or a sheet, spread once with a knife and left to dry; the film is peeled off and cut up.',
  shows: 'Busy, unbroken veins in a thin film: tests, swatches, and pieces for jewellery.',
  minds: [
    'Spread once: every stroke more makes mud.',
    'Cut the best oval out of it: busy but unbroken, a vein, contrast, no patches.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    uses: [],
    tools: ['A sheet that paint peels off from', 'A palette knife'],
  },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'Left-over comes as it comes; the strongest contrast last stays together best.',
  },
  settings: {
    tool: {
      kind: 'choice',
      label: 'Spread with',
      of: ['knife', 'card'],
      names: { knife: 'Palette knife', card: 'Card' },
    },
  },
  defaults: { tool: 'card' },
  moves: (stage, { tool }) =>
    unstretched(stage, [
      {
        id: 'scoop',
        verb: 'pour',
        cups: [...stage.cups],
        atMm: fromMiddle(stage, 180, 0.2 * stage.widthMm),
        heightMm: 20,
        s: 15,
      },
      {
        id: 'spread',
        verb: 'swipe',
        fromMm: fromMiddle(stage, 180, 0.34 * stage.widthMm),
        towardDeg: 0,
        lengthMm: Math.round(0.7 * stage.widthMm),
        widthMm: Math.round(0.6 * stage.heightMm),
        tool: tool as 'knife' | 'card',
        s: 6,
      },
    ]),
});
