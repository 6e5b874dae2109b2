import { defineTechnique } from './define';
import { fromMiddle } from './place';
import { STRETCH_NEEDS, unstretched } from './stretch';

export const skin = defineTechnique({
  id: 'skin',
  name: 'Paper and skin',
  says: 'What is left over is scooped on to paper or a sheet, squeezed between two sheets and left to dry; the film is peeled off and cut up.',
  shows: 'Busy, unbroken veins in a thin film: tests, swatches, and pieces for jewellery.',
  sights: ['rings', 'lace'],
  minds: [
    'Squeeze once: every stroke more makes mud.',
    'Cut the best oval out of it: busy but unbroken, a vein, contrast, no patches.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    uses: [],
    tools: ['Two sheets that paint peels off from'],
  },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'Left-over comes as it comes; the strongest contrast last stays together best.',
  },
  settings: {
    widthMm: { kind: 'number', label: 'Pressed as wide as', min: 20, max: 500, unit: 'mm' },
  },
  defaults: { widthMm: 260 },
  moves: (stage, { widthMm }) => {
    const atMm = fromMiddle(stage, 0, 0);
    return unstretched(stage, [
      { id: 'scoop', verb: 'pour', cups: [...stage.cups], atMm, heightMm: 20, s: 15 },
      {
        id: 'squeeze',
        verb: 'press',
        atMm,
        widthMm: Math.min(widthMm, Math.round(0.8 * Math.min(stage.widthMm, stage.heightMm))),
        tool: 'flat',
        s: 6,
        note: 'Lay a second sheet on it, press from the middle outward, and peel it off.',
      },
    ]);
  },
});
