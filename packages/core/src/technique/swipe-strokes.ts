import type { Move } from '../verb';
import type { Stage } from './define';
import { activated } from './laid';
import { lineAt, parts } from './place';
import { KEEP } from './stretch';

/** Gaps are left beside the bands for the activator, and at the far edge: these shares of the face hold the bands. */
const BANDS = { from: 0.2, to: 0.92 } as const;
/** Where the activator lies and the tool is set down, clear of the very edge: there it sticks (handbook 11). */
const START = 0.1;
const CLEAR_MM = 10;

/** A band across the face for each cup, the first nearest to where the stroke begins (common practice, no published source). */
export function bands(stage: Stage, cups: readonly string[] = stage.cups): Move[] {
  const at = parts(cups.length, BANDS.from, BANDS.to);
  return cups.map((cup, i): Move => ({
    id: `band-${cup}`,
    verb: 'trail',
    cups: [cup],
    way: lineAt(stage, [at[i]!, 0.1], [at[i]!, 0.9]),
    heightMm: 30,
    s: 8,
  }));
}

/** Activator along one edge and a tool drawn over all bands from it, in one go or in strokes beside each other, each wiped before the next. */
export function swipes(
  stage: Stage,
  { tool, strokes }: { readonly tool: string; readonly strokes: number },
): Move[] {
  const { widthMm, heightMm } = stage;
  const count = Math.max(1, Math.round(strokes));
  return [
    ...activated(stage, lineAt(stage, [START, 0.14], [START, 0.86], CLEAR_MM), 20, 10),
    ...parts(count, 0.1, 0.9).map((share, i): Move => ({
      id: `swipe-${i + 1}`,
      verb: 'swipe',
      fromMm: [Math.round(START * widthMm * 0.7), Math.round(share * heightMm)],
      towardDeg: 0,
      lengthMm: Math.round(0.86 * widthMm),
      widthMm: Math.round((0.78 * heightMm) / count),
      tool: tool as 'sheet',
      s: 12,
    })),
  ];
}

/** What can be set of a swipe, and what is usual. */
export const SWIPE_SETTINGS = {
  tool: {
    kind: 'choice',
    label: 'Swiped with',
    of: ['sheet', 'towel', 'knife', 'card'],
    names: { sheet: 'Sheet', towel: 'Damp towel', knife: 'Palette knife', card: 'Card' },
  },
  strokes: { kind: 'number', label: 'In so many strokes', min: 1, max: 12 },
} as const;
export const SWIPE_USUAL = { tool: 'sheet', strokes: 1 } as const;

/** What a swipe wants set aside: a thin film to slide on, and an activator. */
export const SWIPE_USES = [
  { use: 'base', overBase: { filmMm: 0.3 }, inAll: { filmMm: 0.3 } },
  {
    use: 'activator',
    school: 'activator-light',
    of: 'palest',
    overBase: { ml: 12 },
    inAll: { ml: 12 },
  },
  KEEP,
] as const;
