import type { Finish } from '../../paint/schema';

/** A colour word as it stands on many a bottle, with how a thick dry film of it usually looks. */
export interface UsualHue {
  readonly name: string;
  readonly hex: string;
  readonly finish?: Finish;
}

/** Hues sold by their look, whatever pigments are in them (from memory, no published source). */
export const USUAL_HUES: readonly UsualHue[] = [
  { name: 'cream', hex: '#f4ead2' },
  { name: 'ivory', hex: '#f6f1e0' },
  { name: 'beige', hex: '#d9c7a7' },
  { name: 'sand', hex: '#cdb48a' },
  { name: 'lemon yellow', hex: '#f4e24a' },
  { name: 'golden yellow', hex: '#f0b323' },
  { name: 'mustard', hex: '#c9971f' },
  { name: 'peach', hex: '#f7bf9b' },
  { name: 'apricot', hex: '#f3a267' },
  { name: 'coral', hex: '#ee6a56' },
  { name: 'salmon', hex: '#ee8d7e' },
  { name: 'terracotta', hex: '#b5573a' },
  { name: 'rust', hex: '#96421f' },
  { name: 'crimson', hex: '#a4122e' },
  { name: 'burgundy', hex: '#5f1425' },
  { name: 'blush pink', hex: '#eec3c0' },
  { name: 'rose', hex: '#d9667f' },
  { name: 'hot pink', hex: '#e2337f' },
  { name: 'lilac', hex: '#c5a6d6' },
  { name: 'lavender', hex: '#a99bd0' },
  { name: 'purple', hex: '#5b2a86' },
  { name: 'plum', hex: '#4c2244' },
  { name: 'indigo', hex: '#2a2463' },
  { name: 'navy', hex: '#182446' },
  { name: 'royal blue', hex: '#22409a' },
  { name: 'sky blue', hex: '#86bfe3' },
  { name: 'baby blue', hex: '#b5d6ea' },
  { name: 'aqua', hex: '#4fc0c4' },
  { name: 'mint', hex: '#a9dcc3' },
  { name: 'sage', hex: '#93a487' },
  { name: 'lime', hex: '#9ccb3b' },
  { name: 'emerald', hex: '#12804f' },
  { name: 'forest green', hex: '#1f4a2e' },
  { name: 'olive', hex: '#6c6b2f' },
  { name: 'charcoal', hex: '#3b3d40' },
  { name: 'light grey', hex: '#bfc1c0' },
  { name: 'rose gold', hex: '#b9806f', finish: 'metallic' },
  { name: 'pewter', hex: '#7d8084', finish: 'metallic' },
  { name: 'champagne', hex: '#d9c5a0', finish: 'metallic' },
  { name: 'white pearl', hex: '#ece8e2', finish: 'pearl' },
  { name: 'interference blue', hex: '#dfe4ee', finish: 'interference' },
  { name: 'neon green', hex: '#5ee036', finish: 'neon' },
  { name: 'neon orange', hex: '#ff7a2b', finish: 'neon' },
];
