import { defineTechnique } from './define';
import { fromMiddle } from './place';
import { KEEP, STRETCH_NEEDS, unstretched } from './stretch';

export const pressAndLift = defineTechnique({
  id: 'press-and-lift',
  name: 'Press and lift',
  says: 'A puddle a little larger than the piece is pressed until paint shows all round the rim; the piece is lifted slowly and a knife goes down its edge.',
  shows:
    'Colour pressed out from the middle, in a thin even film: coasters in a set, no two alike.',
  sights: ['fields', 'rings'],
  minds: [
    'Lift slowly: fast, and the film tears into threads.',
    'A fresh spot each time: pressing twice in one place smears.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    consistency: 'thin',
    uses: [KEEP],
    tools: ['A sheet to pour the puddles on', 'A palette knife'],
  },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'What comes last lies in the middle of the puddle and is pressed out over the rest.',
  },
  settings: {
    waitS: { kind: 'number', label: 'Let the puddle run for', min: 0, max: 120, unit: 's' },
  },
  defaults: { waitS: 10 },
  moves: (stage, { waitS }) => {
    const atMm = fromMiddle(stage, 0, 0);
    return unstretched(stage, [
      {
        id: 'puddle',
        verb: 'pour',
        cups: [...stage.cups],
        atMm,
        heightMm: 30,
        s: 10 * stage.cups.length,
      },
      ...(waitS > 0 ? [{ id: 'run', verb: 'rest' as const, s: waitS }] : []),
      { id: 'press', verb: 'dip', keepsPercent: 50, s: 5 },
      { id: 'rim', verb: 'scrape', staysPercent: 20, s: 30 },
    ]);
  },
});
