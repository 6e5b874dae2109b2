import type { Paint } from '../paint/schema';
import { plainSurface } from '../surface/plain';
import type { Surface } from '../surface/schema';
import { newPlan } from './beginning/create';
import type { Plan } from './document/schema';

const paint = (id: string, name: string, hex: string, change: Partial<Paint> = {}): Paint => ({
  id,
  name,
  hex,
  opacity: 'semi-opaque',
  body: 'soft',
  finish: 'satin',
  ...change,
});

export const OAT = paint('oat', 'Oat milk', '#ece5d6', {
  opacity: 'opaque',
  body: 'heavy',
  pigments: ['PW6'],
});
export const SLATE = paint('slate', 'Slate', '#3b464e', { opacity: 'opaque' });
export const QUINCE = paint('quince', 'Quince yellow', '#d8a526', { pigments: ['PY42'] });
export const DAMSON = paint('damson', 'Damson', '#4a2146', { opacity: 'semi-transparent' });
export const BRASS = paint('brass', 'Brass', '#b28c3e', { finish: 'metallic' });
export const KALE = paint('kale', 'Frosted kale', '#7fa79b', { opacity: 'opaque' });
export const RED = paint('red', 'Beetroot red', '#9b1f2b', { opacity: 'opaque' });
export const GREEN = paint('green', 'Kale green', '#0d5c48', { opacity: 'opaque' });

export const CANVAS = plainSurface({ kind: 'rect', widthMm: 500, heightMm: 400 });

export const plan = (
  paints: readonly Paint[] = [OAT, SLATE, QUINCE],
  surface: Partial<Surface> = {},
  more: Partial<Parameters<typeof newPlan>[0]> = {},
): Plan =>
  newPlan({
    title: 'Test',
    surface: { ...CANVAS, ...surface },
    paints,
    technique: 'flip-cup',
    ...more,
  });

/** One cup with these mixes, one part each, bottom first. */
export const loaded = (p: Plan, ...mixes: string[]): Plan => ({
  ...p,
  cups: [
    {
      id: 'c1',
      vessel: { topMm: 300, bottomMm: 300, heightMm: 300 },
      layers: mixes.map((mix) => ({ mix, parts: 1, placement: 'wall' as const })),
    },
  ],
  moves: [],
});
