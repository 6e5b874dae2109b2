import fc from 'fast-check';
import { OAT, plan, QUINCE, SLATE } from '../plan/fixture.test-data';
import { brief } from '../plan/brief/brief';
import { checkPlan } from '../plan/document/check';
import { openPlan } from '../plan/document/open';
import { chipPage } from '../plan/asked/chip-page';
import { barSeen, classSeen, opacityOfCoat, qOf } from '../optics';
import { cardOf, withCard } from './card';

const ON = '2026-11-29';
const CLASSES = ['opaque', 'semi-opaque', 'semi-transparent', 'transparent'] as const;
const p = plan([OAT, SLATE, QUINCE]);
const carded = (opacity: Parameters<typeof withCard>[2]) => ({
  ...p,
  mixes: p.mixes.map((mix, i) => (i === 1 ? withCard(mix, ON, opacity) : mix)),
});

test.each(CLASSES)(
  'a mix whose card looked %s is so wherever it is told, and its colour stays',
  (of) => {
    const judged = carded(of);
    expect(checkPlan(judged)).toEqual([]);
    const [before, after] = [brief(p), brief(judged)];
    expect(after.mixes[1]!.opacity.mix.class).toBe(of);
    expect(after.mixes[1]!.masstoneHex).toBe(before.mixes[1]!.masstoneHex);
    expect(after.mixes[0]).toEqual(before.mixes[0]);
    const page = chipPage(judged, after, judged.mixes[1]!);
    expect(page.films.find(({ coats }) => coats === 2)!.opacity.class).toBe(of);
    // The more medium the less it hides, across the mixing that was judged, too.
    const falls = page.thinned.map(({ opacity }) => opacity.reserve);
    falls.slice(1).forEach((reserve, i) => expect(reserve).toBeLessThan(falls[i]!));
  },
);

test('a reading holds as it was read', () => {
  const judged = carded({ contrastRatio: 0.8, wetMicrons: 200 });
  expect(brief(judged).mixes[1]!.opacity.mix.contrastRatio).toBeCloseTo(0.8, 3);
});

test('of another mixing the card says nothing, and holds again once the mix is what it was', () => {
  const mix = withCard(p.mixes[1]!, ON, 'transparent');
  expect(cardOf(mix)).toBeDefined();
  const wetter = { ...mix, waterParts: 0.3 };
  expect(cardOf(wetter)).toBeUndefined();
  expect(cardOf({ ...wetter, waterParts: mix.waterParts ?? 0 })).toBeDefined();
  expect(cardOf({ ...mix, name: 'Another name', consistency: 'thin' })).toBeDefined();
  const open = openPlan({ ...p, mixes: [p.mixes[0]!, wetter, p.mixes[2]!] });
  const plain = openPlan({
    ...p,
    mixes: [p.mixes[0]!, { ...p.mixes[1]!, waterParts: 0.3 }, p.mixes[2]!],
  });
  expect(open.tint(mix.id).s).toBe(plain.tint(mix.id).s);
});

test('one coat that looks like a class is that class by itself, and two hide more', () => {
  const hex = fc
    .tuple(...[0, 1, 2].map(() => fc.integer({ min: 10, max: 245 })))
    .map((rgb) => `#${rgb.map((v) => v.toString(16).padStart(2, '0')).join('')}`);
  fc.assert(
    fc.property(
      hex,
      fc.constantFrom('opaque', 'semi-opaque', 'semi-transparent' as const),
      (of, seen) => {
        const opacity = opacityOfCoat(qOf(of), seen);
        const judged = carded(opacity);
        const { tint } = openPlan({
          ...judged,
          paints: judged.paints.map((paint) => ({ ...paint, hex: of, opacity })),
          mixes: judged.mixes.map(({ card: _, medium: _m, waterParts: _w, ...mix }) => mix),
        });
        const film = tint(p.mixes[1]!.id);
        expect(classSeen(barSeen(film, 100))).toBe(seen);
        expect(barSeen(film, 200)).toBeLessThan(barSeen(film, 100));
      },
    ),
    { numRuns: 40 },
  );
});
