import type { Move } from '../verb';
import { defineTechnique } from './define';
import { onFace, parts } from './place';
import { KEEP, STRETCH_NEEDS, unstretched } from './stretch';

export const stringPull = defineTechnique({
  id: 'string-pull',
  name: 'String pull',
  says: 'On wet base a string drawn through each colour is laid in a wave and pulled off by its end, low and in one go.',
  shows: 'Feathers that open from a thin line, on calm ground.',
  sights: ['calm', 'petals'],
  minds: [
    'At once, on wet film, a clean string for each pull.',
    'Pull low: a string that is lifted drips.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    part: 0.2,
    consistency: 'flowing',
    uses: [{ use: 'base', overBase: { filmMm: 1.2 }, inAll: { filmMm: 1 } }, KEEP],
    loading: 'single',
    cups: { least: 1 },
    tools: ['A string for each pull'],
  },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'Pulls follow each other from one side to the other in this order.',
  },
  settings: {
    swingMm: { kind: 'number', label: 'Swing to each side', min: 0, max: 200, unit: 'mm' },
    waves: { kind: 'number', label: 'Waves', min: 1, max: 12 },
    stringMm: { kind: 'number', label: 'String as thick as', min: 1, max: 12, unit: 'mm' },
  },
  defaults: { swingMm: 32, waves: 3, stringMm: 5 },
  moves: (stage, { swingMm, waves, stringMm }) => {
    const { widthMm, heightMm, cups } = stage;
    const columns = parts(cups.length, 0.08, 0.92);
    return unstretched(
      stage,
      cups.map((cup, i): Move => {
        const x = columns[i]! * widthMm;
        const [fromMm, toMm] = onFace(stage, [x, 0.14 * heightMm], [x, 0.86 * heightMm]);
        const long = Math.hypot(toMm[0] - fromMm[0], toMm[1] - fromMm[1]);
        return {
          id: `pull-${cup}`,
          verb: 'string',
          cup,
          way: {
            kind: 'wiggle',
            fromMm,
            toMm,
            swingMm: Math.round(Math.min(swingMm, (0.3 * widthMm) / cups.length)),
            waveMm: Math.max(2, Math.round(long / waves)),
          },
          towardDeg: 90,
          stringMm,
          s: 15,
        };
      }),
    );
  },
});
