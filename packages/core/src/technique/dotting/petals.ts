import { at, defineDotPattern, mixFor, outMm, S_PER_DOT, tenth } from './define';

/** A petal reaches so far toward the next ring, as a share of the way there. */
const REACH = 0.75;

export const petals = defineDotPattern({
  id: 'petals',
  name: 'Brushed petals',
  says: 'Rings of dots about the middle, each drawn outward with a fine brush while it is wet: flowers.',
  moves: (ground) => {
    const { middle, dotMm, round, rows } = ground;
    const out = outMm(ground);
    return Array.from({ length: rows }, (_, i) => {
      const radiusMm = tenth((out * (i + 0.6)) / rows);
      const room = 0.85 * ((2 * Math.PI * radiusMm) / round);
      return {
        id: `petals-ring-${i + 1}`,
        verb: 'dot' as const,
        mix: mixFor(ground, i),
        way: { kind: 'ring' as const, centreMm: at(middle), radiusMm, turns: 1 },
        apartMm: tenth((2 * Math.PI * radiusMm) / round),
        dotMm: tenth(Math.max(0.5, Math.min(dotMm, room))),
        pullMm: tenth((REACH * out) / rows),
        s: 2 * S_PER_DOT * round,
      };
    });
  },
});
