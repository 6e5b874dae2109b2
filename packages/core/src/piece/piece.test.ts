import fc from 'fast-check';
import { advance, beginRun } from '../journal';
import { newPlan } from '../plan';
import { plainSurface } from '../surface';
import {
  faceOf,
  fateIn,
  gradeOf,
  isFound,
  makesPieces,
  MOST_PHOTOGRAPHS,
  photographsLeft,
  photographsOf,
  type Piece,
  placeOf,
  pieceOfRun,
  seasonOf,
  soughtOf,
  STATUS_IDS,
  summarisePiece,
  withFate,
  withFault,
  withGrade,
  withLesson,
  withMark,
  withoutLesson,
  withoutMark,
  withoutPhotograph,
  withPhotograph,
} from '.';

const plan = newPlan({
  title: 'Quince and Slate',
  surface: { ...plainSurface({ kind: 'round', diameterMm: 200 }), pieces: 6 },
  paints: [
    {
      id: 'oat',
      name: 'Oat milk',
      hex: '#ece5d6',
      opacity: 'opaque',
      body: 'soft',
      finish: 'satin',
    },
    {
      id: 'slate',
      name: 'Slate',
      hex: '#3b464e',
      opacity: 'opaque',
      body: 'soft',
      finish: 'satin',
    },
  ],
  technique: 'flip-cup',
});
const begun = beginRun('run-00000001', 'plan-0000001', plan, 1_000_000);
const piece: Piece = pieceOfRun(begun);
const MARK = { at: [0.2, 0.8] as [number, number], says: 'Here it cracked' };

test('a piece of a set knows its pour and its place; the first goes by the pour’s own id', () => {
  expect(piece).toMatchObject({
    id: 'run-00000001',
    nth: 1,
    of: 6,
    run: begun.id,
    technique: 'Flip cup',
  });
  expect(pieceOfRun(begun, 4)).toMatchObject({ id: 'run-00000001-4', nth: 4, of: 6 });
  expect(placeOf('run-00000001-4')).toEqual({ run: begun.id, nth: 4 });
  expect(placeOf('run-00000001')).toEqual({ run: begun.id, nth: 1 });
  const uuid = '0f0e3c1c-6a5e-4c7a-9d0e-0123456789ab';
  expect(placeOf(uuid)).toEqual({ run: uuid, nth: 1 });
});

test('a pour under way comes to no piece yet, nor does a later stage of one', () => {
  expect(makesPieces(begun)).toBe(false);
  const over = begun.moves.reduce((run, _, i) => advance(run, 1_000_000 + i), begun);
  expect(makesPieces(over)).toBe(true);
  expect(makesPieces({ ...over, stage: 1 })).toBe(false);
});

test('it is shown as it was last seen: coated before dry before wet, whenever they were taken', () => {
  const taken = [
    { picture: 'picture-dry', at: 3, state: 'dry' as const },
    { picture: 'picture-wet', at: 9, state: 'wet' as const },
    { picture: 'picture-dry2', at: 5, state: 'dry' as const },
  ].reduce(withPhotograph, piece);
  expect(photographsOf(taken).map((p) => p.picture)).toEqual([
    'picture-wet',
    'picture-dry',
    'picture-dry2',
  ]);
  expect(faceOf(taken)?.picture).toBe('picture-dry2');
  expect(summarisePiece(taken).picture).toBe('picture-dry2');
  const marked = withMark(taken, 'picture-dry', MARK);
  expect(withoutMark(marked, 'picture-dry', 0)).toEqual(taken);
  expect(['picture-dry', 'picture-wet', 'picture-dry2'].reduce(withoutPhotograph, taken)).toEqual(
    piece,
  );
});

test('whatever is judged can be taken back by saying it again', () => {
  const grade = fc.constantFrom('good', 'fair', 'poor');
  const fate = fc.constantFrom('survived', 'lost', 'took-over');
  const part = fc.option(fc.integer({ min: 1, max: 6 }), { nil: undefined });
  fc.assert(
    fc.property(grade, fate, part, (g, f, nth) => {
      const colour = {
        mix: 'm-oat',
        name: 'Oat milk',
        ...(nth === undefined ? {} : { part: nth }),
      };
      const once = withFault(withFate(withGrade(piece, 'cells', g), colour, f), 'mud');
      expect(fateIn(once, colour)).toBe(f);
      expect(withFault(withFate(withGrade(once, 'cells', g), colour, f), 'mud')).toEqual(piece);
    }),
  );
  const lesson = { id: 'lesson-1', says: 'Less brown' };
  expect(withoutLesson(withLesson(piece, lesson), 'lesson-1')).toEqual(piece);
});

test('a petal is judged by itself', () => {
  const colour = { mix: 'm-oat', name: 'Oat milk' };
  const both = withFate(withFate(piece, { ...colour, part: 1 }, 'lost'), colour, 'survived');
  expect(fateIn(both, { ...colour, part: 1 })).toBe('lost');
  expect(fateIn(both, colour)).toBe('survived');
  expect(fateIn(both, { ...colour, part: 2 })).toBeUndefined();
});

test('how well it came out is the mean of what was judged', () => {
  expect(gradeOf({})).toBeUndefined();
  expect(gradeOf({ cells: 'good', mud: 'fair', cover: 'poor' })).toBe(0.5);
});

test('it is found by any of its words, all of those asked for, in whatever order', () => {
  const sought = soughtOf(
    withFault(
      withFate(
        { ...piece, tags: ['orchard'], status: 'for-sale' },
        { name: 'Frosted kale' },
        'lost',
      ),
      'vanished',
    ),
  );
  for (const asked of ['quince', 'SLATE flip', 'kale vanished', 'orchard sale', '  '])
    expect([asked, isFound(sought, asked)]).toEqual([asked, true]);
  expect(isFound(sought, 'quince beetroot')).toBe(false);
});

test('a season’s sums are those of its pieces', () => {
  const rows = fc.array(
    fc.record({
      madeAt: fc.integer({ min: 0, max: 11 }),
      status: fc.constantFrom(...STATUS_IDS),
      price: fc.integer({ min: 0, max: 500 }),
      cost: fc.integer({ min: 0, max: 80 }),
    }),
    { maxLength: 60 },
  );
  fc.assert(
    fc.property(rows, (pieces) => {
      const season = seasonOf(pieces, (m) => `2026-${String(m + 1).padStart(2, '0')}`);
      const sold = pieces.filter(({ status }) => status === 'sold');
      const sum = (of: readonly { price: number; cost: number }[], key: 'price' | 'cost') =>
        of.reduce((total, row) => total + row[key], 0);
      expect(season.months.reduce((n, month) => n + month.pieces, 0)).toBe(pieces.length);
      expect(Object.values(season.statuses).reduce((a, b) => a + b, 0)).toBe(pieces.length);
      expect(season.taken).toBe(sum(sold, 'price'));
      expect(season.cost).toBe(sum(pieces, 'cost'));
      expect(season.margin).toBe(sum(sold, 'price') - sum(sold, 'cost'));
      expect(season.months.map(({ month }) => month)).toEqual(
        [...new Set(season.months.map(({ month }) => month))].sort(),
      );
    }),
  );
});

test('a piece takes as many pictures as it may have, and no more', () => {
  const taken = (n: number) => ({
    picture: `picture-${n}`.padEnd(21, 'x'),
    at: n,
    state: 'wet' as const,
  });
  const full = Array.from({ length: MOST_PHOTOGRAPHS }, (_, n) => taken(n)).reduce(withPhotograph, {
    ...piece,
    photographs: [],
  });
  expect(photographsLeft(full)).toBe(0);
  expect(withPhotograph(full, taken(99))).toBe(full);
  expect(photographsLeft(withoutPhotograph(full, full.photographs![0]!.picture))).toBe(1);
});
