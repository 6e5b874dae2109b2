import fc from 'fast-check';
import {
  anewIn,
  begin,
  BOTTOM,
  type Columns,
  copyOf,
  emptyColumns,
  goOn,
  layOut,
  MOST_RUNS,
  partOf,
  runsOf,
  takeIn,
} from './columns';

/** What each of some pixels is made of: strata, each reaching so far down, in eighths of an even share. */
type Told = readonly (readonly number[])[];
const pixels = fc.array(fc.array(fc.nat(4), { minLength: 1, maxLength: 30 }), {
  minLength: 1,
  maxLength: 9,
});

function write(columns: Columns, told: Told, from = 0): Columns {
  told.forEach((strata, i) => {
    begin(columns, from + i, strata[0]!);
    strata.slice(1).every((stratum, n) => goOn(columns, from + i, stratum, (n + 1) / 32));
  });
  return columns;
}

const read = (columns: Columns) =>
  Array.from(columns.count, (runs, i) =>
    runs === 0 ? [] : [runsOf(columns, i)].flatMap(({ strata, ends }) => [[...strata], [...ends]]),
  );

test('a column is what was told of it, one run for what is alike, down to the ground, and no more than there is room for', () => {
  fc.assert(
    fc.property(pixels, (told) => {
      const columns = write(emptyColumns(told.length), told);
      told.forEach((strata, i) => {
        const runs = strata.flatMap((stratum, n) =>
          n > 0 && strata[n - 1] === stratum ? [] : [n],
        );
        const some = runs.slice(0, MOST_RUNS);
        const found = runsOf(columns, i);
        expect([...found.strata]).toEqual(some.map((n) => strata[n]));
        expect([...found.ends]).toEqual([
          ...some.slice(1).map((n) => Math.round((BOTTOM * n) / 32)),
          BOTTOM,
        ]);
      });
    }),
  );
});

test('what is written anew in a copy changes nothing in what it was copied of', () => {
  fc.assert(
    fc.property(pixels, pixels, (told, anew) => {
      const columns = write(emptyColumns(told.length), told);
      const before = read(columns);
      const copy = copyOf(columns);
      expect(read(copy)).toEqual(before);
      const some = anew.slice(0, told.length);
      write(copy, some);
      expect(read(columns)).toEqual(before);
      expect(read(copy).slice(some.length)).toEqual(before.slice(some.length));
      expect(read(copy).slice(0, some.length)).toEqual(
        read(write(emptyColumns(some.length), some)),
      );
    }),
  );
});

test('written by two and taken in, columns are those of one, however many pages they fill', () => {
  const all = Array.from({ length: 12_000 }, (_, i) =>
    Array.from({ length: 1 + (i % 17) }, (_, n) => (i + n * n) % 7),
  );
  const one = write(emptyColumns(all.length), all);
  expect(one.pages.length).toBeGreaterThan(2);
  const half = 5000;
  const two = write(emptyColumns(all.length), all.slice(0, half));
  takeIn(two, write(emptyColumns(all.length - half), all.slice(half)), half);
  expect(read(two)).toEqual(read(one));
  // Laid out as the kernel takes them.
  const [strata, ends] = [new Uint16Array(3 * MOST_RUNS), new Uint16Array(3 * MOST_RUNS)];
  layOut(two, half - 1, half + 2, strata, ends);
  for (let k = 0; k < 3; k++) {
    const runs = runsOf(one, half - 1 + k);
    const at = k * MOST_RUNS;
    expect(strata.slice(at, at + runs.strata.length)).toEqual(runs.strata.slice());
    expect(ends.slice(at, at + runs.ends.length)).toEqual(runs.ends.slice());
  }
});

test('what was written anew in a copy is taken in by another copy, and the rest stays as it was', () => {
  fc.assert(
    fc.property(pixels, pixels, fc.nat(8), (told, anew, at) => {
      const from = at % told.length;
      const columns = write(emptyColumns(told.length), told);
      const [theirs, own] = [copyOf(columns), copyOf(columns)];
      // Only some of the pixels from there on are written anew.
      const some = anew.slice(0, told.length - from);
      write(theirs, some, from);
      takeIn(own, anewIn(theirs, columns, from), from);
      expect(read(own)).toEqual(read(theirs));
      expect(read(partOf(own, from, told.length))).toEqual(read(theirs).slice(from));
    }),
  );
});
