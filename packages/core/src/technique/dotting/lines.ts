import { defineDotPattern, mixFor, S_PER_DOT, tenth } from './define';

/** Along a row, without dipping anew, dots end so small. */
const ENDS = 0.35;
/** Rows begin and end so far from the sides, as a share of the face. */
const CLEAR = 0.1;

export const lines = defineDotPattern({
  id: 'lines',
  name: 'Rows',
  says: 'Rows of dots across the face, each dipped once at its beginning: they get smaller as they go.',
  moves: (ground) => {
    const { widthMm, heightMm, dotMm, round, rows } = ground;
    const long = (1 - 2 * CLEAR) * widthMm;
    return Array.from({ length: rows }, (_, i) => {
      const y = tenth(heightMm * (CLEAR + ((1 - 2 * CLEAR) * (i + 0.5)) / rows));
      return {
        id: `dots-row-${i + 1}`,
        verb: 'dot' as const,
        mix: mixFor(ground, i),
        way: {
          kind: 'line' as const,
          fromMm: [tenth(CLEAR * widthMm), y] as [number, number],
          toMm: [tenth((1 - CLEAR) * widthMm), y] as [number, number],
        },
        apartMm: tenth(long / Math.max(1, round - 1)),
        dotMm: tenth(Math.min(dotMm, (0.9 * long) / round)),
        endMm: tenth(Math.max(0.5, ENDS * Math.min(dotMm, (0.9 * long) / round))),
        s: S_PER_DOT * round,
      };
    });
  },
});
