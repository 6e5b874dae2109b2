import { classOf } from '../../optics/reserve';
import { PIGMENTS, type Pigment } from '../../paint/pigment';
import type { Finish, Paint } from '../../paint/schema';
import type { Parsed } from '../../quantity/parse';

const HEX = /^#?([0-9a-f]{6})$/i;

/** A generic name says what its paint is made of, in brackets. */
const FINISHES: readonly (readonly [word: string, finish: Finish])[] = [
  ['interference', 'interference'],
  ['mica', 'metallic'],
  ['fluorescent', 'neon'],
];

/**
 * A paint from what people write: "titanium white", "phthalo blue", "#d8a526". A name is looked for among the generic pigments: the
 * whole of it, then those that begin with it, then those that have all its words; of several the first there is. Soft body; a hex is
 * semi-opaque until somebody says better.
 */
export function namedPaint(text: string): Parsed<Paint> {
  const said = text.trim().toLowerCase();
  const hex = HEX.exec(said)?.[1];
  if (hex !== undefined)
    return {
      ok: true,
      value: {
        id: `hex-${hex}`,
        name: `#${hex}`,
        hex: `#${hex}`,
        opacity: 'semi-opaque',
        body: 'soft',
        finish: 'satin',
      },
    };
  if (said === '') return { ok: false, fault: 'Name a colour, such as titanium white or #d8a526.' };
  const words = said.split(/[^a-z]+/).filter(Boolean);
  const has = ({ name }: Pigment) => {
    const own = name.split(/[^a-z]+/);
    return words.length > 0 && words.every((w) => own.includes(w));
  };
  const pigment =
    PIGMENTS.find(({ name }) => name === said) ??
    PIGMENTS.find(({ name }) => name.startsWith(said)) ??
    PIGMENTS.find(has);
  if (!pigment)
    return {
      ok: false,
      fault: `There is no generic colour "${text.trim()}". ${nearest(words)}Or give its hex, such as #d8a526.`,
    };
  const { name, ci, hidingReserve, densityGPerMl } = pigment;
  return {
    ok: true,
    value: {
      id: name.replace(/[^a-z]+/g, '-').replace(/-$/, ''),
      name: name.charAt(0).toUpperCase() + name.slice(1),
      hex: pigment.hex,
      opacity: classOf(hidingReserve),
      body: 'soft',
      finish: FINISHES.find(([word]) => name.includes(word))?.[1] ?? 'satin',
      densityGPerMl,
      pigments: ci.split('+'),
    },
  };
}

/** Names that share a word with what was said. */
function nearest(words: readonly string[]): string {
  const alike = PIGMENTS.filter(({ name }) => words.some((w) => w.length > 2 && name.includes(w)));
  return alike.length > 0
    ? `Perhaps ${alike
        .slice(0, 4)
        .map((p) => p.name)
        .join(', ')}? `
    : '';
}
