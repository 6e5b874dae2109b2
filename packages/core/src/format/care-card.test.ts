import { addCoat } from '../plan/edit/coats';
import { setAdditives } from '../plan/edit/mixes';
import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import { careCard, careLines } from './care-card';

const start = plan([OAT, SLATE]);
const resin = addCoat(start, { product: 'resin', coats: 1, filmMm: 3, pop: 'pin' });
const text = (p: typeof start, says = {}) =>
  careCard(p, says)
    .labels.map(({ text: line }) => line)
    .join(' ');

test('care goes by what it is made of and what it is for', () => {
  expect(careLines(start).join(' ')).toMatch(/bare paint/);
  expect(careLines(resin).join(' ')).toMatch(/soft with heat/);
  expect(careLines({ ...start, surface: { ...start.surface, use: 'hot' } }).join(' ')).toMatch(
    /not for food/,
  );
  const neon = { ...start, paints: [{ ...SLATE, finish: 'neon' as const }] };
  expect(careLines(neon).join(' ')).toMatch(/fade first/);
  expect(careLines(start).join(' ')).not.toMatch(/fade|food/);
});

test('a card says what it is, of what, by whom, and the price only where it is asked for', () => {
  const oily = setAdditives(resin, 0, [{ material: 'silicone', drops: 2, perMl: 60 }], []);
  expect(text(oily, { by: 'Marrow Street', price: '45.00 EUR' })).toMatch(
    /Marrow Street.*45\.00 EUR.*with silicone.*under a clear coat/,
  );
  expect(text(start)).not.toContain('EUR');
});

test('however long a title, nothing stands outside the card', () => {
  const long = { ...start, title: 'Quince over slate and damson with a rim of brass, '.repeat(2) };
  const card = careCard(long, { by: 'A studio with rather a long name '.repeat(2), made: 'today' });
  for (const { x, y, text: line, mm = 0 } of card.labels) {
    expect(y).toBeLessThanOrEqual(card.heightMm - 2);
    // A letter is about half as wide as it is high.
    expect(x + line.length * mm * 0.54).toBeLessThanOrEqual(card.widthMm);
  }
});
