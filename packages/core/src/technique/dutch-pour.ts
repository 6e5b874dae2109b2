import type { Move } from '../verb';
import { defineTechnique } from './define';
import { lineAt, onFace, parts } from './place';
import { KEEP, unstretched } from './stretch';

/** Where the ribbons of colour lie, as shares of the face's height, and the base colour beside them. */
const RIBBONS = { from: 0.45, to: 0.55 } as const;
const BESIDE = [0.38, 0.62] as const;

export const dutchPour = defineTechnique({
  id: 'dutch-pour',
  name: 'Dutch pour',
  says: 'On wet base a ribbon of colours is laid with base colour on both sides; a stream of air carries the base over the colours and all of it back out.',
  shows: 'Hair-thin fingers and wisps that reach into calm ground.',
  sights: ['calm', 'ribbons', 'lace'],
  minds: [
    'Thin mixes: thick ones heap up before the air.',
    'Hold the air low and keep it moving; where the base shows through dry, stop.',
    'Leave at least a third of the face calm.',
  ],
  needs: {
    part: 0.2,
    consistency: 'thin',
    uses: [{ use: 'base', overBase: { filmMm: 1.4 }, inAll: { filmMm: 1.2 } }, KEEP],
    loading: 'single',
    cups: { least: 1 },
    tools: ['A dryer that blows cool'],
  },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'Ribbons lie side by side in this order, with base colour on both flanks.',
  },
  settings: {
    air: {
      kind: 'choice',
      label: 'Moved with',
      of: ['mouth', 'straw', 'dryer'],
      names: { mouth: 'Mouth', straw: 'Straw', dryer: 'Cool dryer' },
    },
    over: { kind: 'number', label: 'Strokes over the colours', min: 0, max: 20 },
    out: { kind: 'number', label: 'Strokes out', min: 2, max: 40 },
    reachMm: { kind: 'number', label: 'As far as', min: 20, max: 600, unit: 'mm' },
  },
  defaults: { air: 'mouth', over: 3, out: 8, reachMm: 100 },
  moves: (stage, { air, over, out, reachMm }) => {
    const { widthMm, heightMm, backgroundCup } = stage;
    const colours = stage.cups.filter((cup) => cup !== backgroundCup);
    const rows = parts(Math.max(1, colours.length), RIBBONS.from, RIBBONS.to);
    const tool = air as 'mouth' | 'straw' | 'dryer';
    const reach = Math.round(Math.min(reachMm, 0.26 * heightMm));
    const blow = (id: string, x: number, y: number, towardDeg: number, mm: number): Move => ({
      id,
      verb: 'blow',
      fromMm: [Math.round(x), Math.round(y)],
      towardDeg,
      reachMm: mm,
      air: tool,
      s: 1.5,
    });
    const outward = parts(Math.max(1, Math.round(out / 2)), 0.26, 0.74);
    return unstretched(stage, [
      ...colours.map((cup, i): Move => ({
        id: `ribbon-${cup}`,
        verb: 'trail',
        cups: [cup],
        way: lineAt(stage, [0.28, rows[i]!], [0.72, rows[i]!]),
        heightMm: 25,
        s: 8,
      })),
      ...(backgroundCup === undefined
        ? []
        : [
            {
              id: 'beside',
              verb: 'trail' as const,
              cups: [backgroundCup],
              way: {
                kind: 'free' as const,
                pointsMm: [
                  ...BESIDE.flatMap((share, i): [number, number][] => {
                    const y = share * heightMm;
                    const ends = onFace(stage, [0.15 * widthMm, y], [0.85 * widthMm, y]);
                    return i % 2 === 0 ? ends : ends.reverse();
                  }),
                ],
              },
              heightMm: 25,
              s: 10,
            },
          ]),
      ...parts(Math.round(over), 0.2, 0.8).map((share, i) =>
        blow(
          `over-${i + 1}`,
          share * widthMm,
          (i % 2 === 0 ? 0.3 : 0.7) * heightMm,
          i % 2 === 0 ? 90 : -90,
          Math.round(0.18 * heightMm),
        ),
      ),
      ...outward.flatMap((share, i) => [
        blow(`up-${i + 1}`, share * widthMm, 0.5 * heightMm, -90 + 60 * (share - 0.5), reach),
        blow(`down-${i + 1}`, share * widthMm, 0.5 * heightMm, 90 - 60 * (share - 0.5), reach),
      ]),
    ]);
  },
});
