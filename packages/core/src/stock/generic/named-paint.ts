import type { Paint } from '../../paint/schema';
import type { Parsed } from '../../quantity/parse';
import { GENERIC_PAINTS, paintByHex } from './generic-paint';

const HEX = /^#?([0-9a-f]{6})$/i;

/**
 * Paints that go by what was typed, best first: a hex as it is; those of that very name, then those that begin with it, then those of
 * which each word typed begins one.
 */
export function paintsNamed(text: string): readonly Paint[] {
  const said = text.trim().toLowerCase();
  const hex = HEX.exec(said)?.[1];
  if (hex !== undefined) return [paintByHex(`#${hex}`)];
  const words = wordsOf(said);
  if (words.length === 0) return [];
  const rank = (name: string): number => {
    const own = wordsOf(name);
    if (name === said) return 0;
    if (name.startsWith(said)) return 1;
    return words.every((w) => own.includes(w))
      ? 2
      : words.every((w) => own.some((o) => o.startsWith(w)))
        ? 3
        : Infinity;
  };
  return GENERIC_PAINTS.map((paint) => ({ paint, rank: rank(paint.name.toLowerCase()) }))
    .filter((p) => p.rank < Infinity)
    .sort((a, b) => a.rank - b.rank)
    .map((p) => p.paint);
}

/** The one paint people mean by "titanium white", "phthalo blue", "#d8a526". */
export function namedPaint(text: string): Parsed<Paint> {
  if (text.trim() === '')
    return { ok: false, fault: 'Name a colour, such as titanium white or #d8a526.' };
  const [best] = paintsNamed(text);
  return best
    ? { ok: true, value: best }
    : {
        ok: false,
        fault: `There is no generic colour "${text.trim()}". ${nearest(text)}Or give its hex, such as #d8a526.`,
      };
}

/** Names that share a word with what was said. */
function nearest(text: string): string {
  const words = wordsOf(text.toLowerCase()).filter((w) => w.length > 2);
  const alike = GENERIC_PAINTS.map((p) => p.name.toLowerCase()).filter((name) =>
    words.some((w) => name.includes(w)),
  );
  return alike.length > 0 ? `Perhaps ${alike.slice(0, 4).join(', ')}? ` : '';
}

const wordsOf = (text: string): readonly string[] => text.split(/[^a-z]+/).filter(Boolean);
