import { outletOf, outletWords, TURNED_OVER } from '../cup/outlets';
import { along, lengthOfLine, pathWords, type Point, strokesOf } from '../surface/path';
import { defineVerb } from './define';
import { turnedOver } from './empties';
import { meanNu } from './thickness';

/** The gap under the rim by which `slides-slower` is told. */
const STATED_GAP_MM = 2;
/** Lifted higher than this it dumps what it holds, mm (handbook 6: barely lifted; the figure an estimate). */
const DUMPS_MM = 8;
/** Points a way is told by where it ends early. */
const POINTS = 60;
/** What is left when a cup is lifted off falls in the middle: its disc, as a share of the mouth. */
const LAST_SHARE = 0.2;

export const slide = defineVerb({
  id: 'slide',
  title: 'Slide a cup',
  fields: {
    cup: { kind: 'cup', label: 'Cup' },
    way: { kind: 'path', label: 'Way', usual: 'line' },
    stands: {
      kind: 'choice',
      label: 'It stands',
      of: ['open', 'over'],
      names: { open: 'Open at both ends', over: 'Turned over' },
    },
    gapMm: { kind: 'number', label: 'Lifted by', min: 0.5, max: 100, unit: 'mm', usual: 2 },
  },
  usualS: 30,
  paced: 'volume',
  each: true,
  says: ({ cup, way, stands, gapMm }, { cupName }) =>
    `${stands === 'over' ? `Turn ${cupName(cup)} over on the surface, and draw it` : `Slide ${cupName(cup)}, open above and below,`} ${pathWords(way)}, lifted by no more than ${Math.round(gapMm)} mm: higher, and all of it comes at once.`,
  does: ({ cup, way, stands, gapMm, s }, { inCup, mouthMm, nuOf, factors }) => {
    const held = inCup(cup);
    if (!held || held.ml <= 0) return {};
    const rim = mouthMm(cup) / 2;
    const line = strokesOf(way).flat();
    // What runs out under a rim goes with the gap, as h³ with what stands above it: but a hand's gap is never even, so in proportion (tuned).
    const emptyS =
      factors['slides-slower'] *
      factors['cup-lets-go'] *
      Math.sqrt((meanNu(held.strata, nuOf) / 9e-4) * (held.ml / 80)) *
      (STATED_GAP_MM / gapMm);
    const runs = Math.max(1, Math.min(s, emptyS));
    return {
      acts: [
        {
          kind: 'stream',
          pathMm: upTo(line, runs / s),
          radiusMm: [
            { at: 0, mm: rim },
            { at: 0.85, mm: rim },
            { at: 1, mm: rim * LAST_SHARE },
          ],
          strayMm: factors['pour-strays'],
          s: runs,
          core: true,
          strata: held.strata,
          stir: held.stir,
          ...(held.beside ? { beside: true as const } : {}),
          outlet: stands === 'over' ? TURNED_OVER : outletOf('bottom'),
          lamination: 'rings',
        },
      ],
      takes: [{ cup, ml: held.ml, g: held.g }],
    };
  },
  empties: (_, { stands }) => ({
    ...(stands === 'over'
      ? turnedOver()
      : { outlet: outletOf('bottom'), ...outletWords('bottom'), sunk: 'comes out first' }),
    lies: 'bands',
  }),
  amiss: ({ gapMm }) =>
    gapMm > DUMPS_MM
      ? {
          says: `lifts the cup ${Math.round(gapMm)} mm: all of it comes at once`,
          mends: { gapMm: STATED_GAP_MM },
        }
      : undefined,
  marks: ({ way }) => [{ kind: 'path', path: way }],
  label: ({ cup }, { cupName }) => cupName(cup),
});

/** The first part of a line: where it ends early, the cup is empty by then. */
function upTo(line: readonly Point[], share: number): readonly Point[] {
  if (share >= 1 || lengthOfLine(line) === 0) return line;
  const at = along(line);
  return Array.from({ length: POINTS + 1 }, (_, n) => at((share * n) / POINTS));
}
