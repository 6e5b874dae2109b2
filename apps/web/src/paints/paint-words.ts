import type { Body, Finish, OpacityClass, Paint } from '@potter/core/paint';
import { options } from '@/ui/options';

export const OPACITIES = options<OpacityClass>(
  'transparent',
  'semi-transparent',
  'semi-opaque',
  'opaque',
);
export const BODIES = options<Body>('heavy', 'soft', 'fluid', 'craft', 'ready');
export const FINISHES = options<Finish>(
  'matt',
  'satin',
  'gloss',
  'metallic',
  'pearl',
  'interference',
  'neon',
);

/** Whether a paint goes by what was typed: each word begins one of its name, or is one of its pigments. */
export function goesBy({ name, pigments = [] }: Paint, search: string): boolean {
  const own = [...name.toLowerCase().split(/[^a-z0-9]+/), ...pigments.map((p) => p.toLowerCase())];
  return search
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => own.some((o) => o.startsWith(word)));
}
