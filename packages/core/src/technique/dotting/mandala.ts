import { at, defineDotPattern, mixFor, outMm, S_PER_DOT, tenth } from './define';

const SHORT_MM = 0.2;

export const mandala = defineDotPattern({
  id: 'mandala',
  name: 'Mandala',
  says: 'One large dot in the middle, rings of as many dots each about it, that grow outward.',
  moves: (ground) => {
    const { middle, dotMm, round, rows } = ground;
    const out = outMm(ground);
    const centre = {
      id: 'dots-middle',
      verb: 'dot' as const,
      mix: mixFor(ground, 0),
      // A way so short holds one dot.
      way: {
        kind: 'line' as const,
        fromMm: at(middle),
        toMm: at([middle[0] + SHORT_MM, middle[1]]),
      },
      apartMm: 1,
      dotMm: tenth(dotMm),
      s: S_PER_DOT,
    };
    const rings = Array.from({ length: rows }, (_, i) => {
      const radiusMm = tenth((out * (i + 1)) / rows);
      // As large as fits beside its neighbours, and no larger than the largest.
      const room = 0.85 * ((2 * Math.PI * radiusMm) / round);
      return {
        id: `dots-ring-${i + 1}`,
        verb: 'dot' as const,
        mix: mixFor(ground, i + 1),
        way: { kind: 'ring' as const, centreMm: at(middle), radiusMm, turns: 1 },
        apartMm: tenth((2 * Math.PI * radiusMm) / round),
        dotMm: tenth(Math.max(0.5, Math.min(dotMm, room, (0.8 * out) / rows))),
        s: S_PER_DOT * round,
      };
    });
    return [centre, ...rings];
  },
});
