import type { ShelfItem } from '@potter/core/stock';
import { dayOf, studioOf } from './studio';

const paint = (id: string, maker?: string): ShelfItem => ({
  kind: 'paint',
  paint: { id, name: id, hex: '#808080', opacity: 'opaque', body: 'soft', finish: 'satin' },
  ...(maker ? { maker } : {}),
});

test('the day is the artist’s own, not that of Greenwich', () => {
  expect(dayOf(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
  expect(dayOf(new Date(2026, 11, 31, 0, 1))).toBe('2026-12-31');
});

test('makers are known by the paint, and paints without one are left out', () => {
  const { makers } = studioOf({
    shelf: [paint('oat', 'House paint'), paint('slate')],
    now: new Date(),
  });
  expect(makers).toEqual({ oat: 'House paint' });
});

test('the film an artist has learnt takes the place of the usual one', () => {
  expect(studioOf({ shelf: [], now: new Date() }).factors).toEqual({});
  expect(studioOf({ shelf: [], now: new Date(), settings: { stayMm: 1.2 } }).factors).toEqual({
    'film-stays': 1.2,
  });
});
