import { densityOf } from '../paint/property';
import { QUINCE } from '../plan/fixture.test-data';
import type { ShelfPaint } from './schema';
import {
  COVERS,
  densityFault,
  notesOf,
  withNote,
  withOpacity,
  withTintSwatch,
  withWeighing,
} from './trial';

const item: ShelfPaint = { kind: 'paint', paint: QUINCE, stockMl: 80 };

test('a card sets what its paint covers, and is remembered with its day', () => {
  const once = withOpacity(item, '2026-11-20', 'opaque');
  const twice = withOpacity(once, '2026-11-27', { contrastRatio: 0.9, wetMicrons: 200 });
  expect(once.paint.opacity).toBe('opaque');
  expect(twice.paint.opacity).toEqual({ contrastRatio: 0.9, wetMicrons: 200 });
  expect(twice.trials).toEqual([
    { kind: 'opacity-card', on: '2026-11-20', coats: 2, opacity: 'opaque' },
    {
      kind: 'opacity-card',
      on: '2026-11-27',
      coats: 2,
      opacity: { contrastRatio: 0.9, wetMicrons: 200 },
    },
  ]);
  expect(twice.stockMl).toBe(80);
  expect(item.trials).toBeUndefined();
});

test('ten millilitres on the scale give the weight of one', () => {
  const weighed = withWeighing(item, '2026-11-27', 10, 12.7);
  expect(densityOf(weighed.paint)).toBe(1.27);
  expect(weighed.trials?.at(-1)).toEqual({ kind: 'weighing', on: '2026-11-27', ml: 10, g: 12.7 });
});

test('a weighing with the cup still on is refused with what to look at', () => {
  expect(densityFault(10, 43)).toMatch(/4\.3 g\/mL.*Was the empty measure taken off/);
  expect(() => withWeighing(item, '2026-11-27', 10, 43)).toThrow(RangeError);
  expect(densityFault(10, 11)).toBeUndefined();
});

test('a tint swatch is kept with its day, and the paint tints by it', () => {
  const swatched = withTintSwatch(item, '2026-11-28', '#efd9a8');
  expect(swatched.paint.tint10Hex).toBe('#efd9a8');
  expect(swatched.trials).toEqual([{ kind: 'tint-swatch', on: '2026-11-28', hex: '#efd9a8' }]);
});

test('of a hundred trials and one the oldest goes', () => {
  let many: ShelfPaint = item;
  for (let i = 0; i < 101; i++) many = withWeighing(many, '2026-11-27', 10, 10 + i / 100);
  expect(many.trials).toHaveLength(100);
  expect(many.trials![0]).toMatchObject({ g: 10.01 });
});

test('every class can be seen on a card', () => {
  expect(COVERS.map((c) => c.class).sort()).toEqual(
    ['opaque', 'semi-opaque', 'semi-transparent', 'transparent'].sort(),
  );
});

test('what was noted of a paint is kept with its trials, each told once, the last first', () => {
  const noted = ['chalky', 'dries darker', 'chalky'].reduce(
    (of, says) => withNote(of, '2026-11-29', says),
    item,
  );
  expect(noted.paint).toEqual(item.paint);
  expect(noted.trials).toHaveLength(3);
  expect(notesOf(noted)).toEqual(['chalky', 'dries darker']);
  expect(notesOf(item)).toEqual([]);
});
