import { hexToOklch } from '../../optics/oklch';
import { paintOptics, REFERENCE_UM } from '../../optics/reserve';
import { barSeen, classSeen } from '../../optics/seen';
import { PIGMENTS, type Pigment } from '../../paint/pigment';
import type { Finish, Paint } from '../../paint/schema';
import { USUAL_HUES, type UsualHue } from './usual-hues';

/** A generic pigment's name says what its paint is made of, in brackets. */
const FINISHES: readonly (readonly [word: string, finish: Finish])[] = [
  ['interference', 'interference'],
  ['mica', 'metallic'],
  ['fluorescent', 'neon'],
];

/** Paler than this a hue is mixed with much white, and covers (OKLab lightness, estimate). */
const PALE_L = 0.75;

const idOf = (name: string) => name.replace(/[^a-z]+/g, '-').replace(/-$/, '');
const titled = (name: string) => name.charAt(0).toUpperCase() + name.slice(1);

/** The class of a pigment's paint: what the eye sees of a bar under two coats that hide as the table says. */
function ofPigment({ name, ci, hex, hidingReserve, densityGPerMl }: Pigment): Paint {
  const paint: Paint = {
    id: idOf(name),
    name: titled(name),
    hex,
    opacity: { contrastRatio: 0.95, wetMicrons: REFERENCE_UM / hidingReserve },
    body: 'soft',
    finish: FINISHES.find(([word]) => name.includes(word))?.[1] ?? 'satin',
    densityGPerMl,
    pigments: ci.split('+'),
  };
  return { ...paint, opacity: classSeen(barSeen(paintOptics(paint), REFERENCE_UM)) };
}

const ofHue = ({ name, hex, finish = 'satin' }: UsualHue): Paint => ({
  id: idOf(name),
  name: titled(name),
  hex,
  opacity:
    finish === 'neon' || finish === 'interference'
      ? 'semi-transparent'
      : finish === 'satin' && hexToOklch(hex).l > PALE_L
        ? 'opaque'
        : 'semi-opaque',
  body: 'soft',
  finish,
});

/** What an artist may own, by its usual name: pigments first, then hues sold by their look. Soft body until somebody says better. */
export const GENERIC_PAINTS: readonly Paint[] = [
  ...PIGMENTS.map(ofPigment),
  ...USUAL_HUES.map(ofHue),
];

/** A paint known only by how it looks: semi-opaque until somebody says better. */
export const paintByHex = (hex: string): Paint => ({
  id: `hex-${hex.slice(1)}`,
  name: hex,
  hex,
  opacity: 'semi-opaque',
  body: 'soft',
  finish: 'satin',
});

/** Lightest first: the order paints stand in a rack. */
export const byLightness = (a: Paint, b: Paint): number =>
  hexToOklch(b.hex).l - hexToOklch(a.hex).l;
