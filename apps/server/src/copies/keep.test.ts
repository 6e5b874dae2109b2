import { dailyName, DAYS, nameByHand, outworn, WEEKS } from './keep';

const day = (n: number) => new Date(Date.UTC(2026, 0, 1 + n, 12));

/** The copies there are after so many days of which each made one and let go what had had its time. */
function after(days: number): string[] {
  let names: string[] = [];
  for (let n = 0; n < days; n++) {
    names = [...new Set([...names, dailyName(day(n))])];
    const gone = new Set(outworn(names));
    names = names.filter((name) => !gone.has(name));
  }
  return names.sort();
}

test('after months there are the last seven days and four weeks before them', () => {
  for (const days of [45, 100, 365]) {
    const names = after(days);
    expect(names).toHaveLength(DAYS + WEEKS);
    expect(names.slice(-DAYS)).toEqual(
      Array.from({ length: DAYS }, (_, i) => dailyName(day(days - DAYS + i))),
    );
    // The first of the four weeks may have begun the day before: the oldest reaches back three weeks and a day at least.
    const [oldest] = names;
    expect(oldest! <= dailyName(day(days - 1 - 22))).toBe(true);
  }
});

test('nothing goes in the first week, nor after a pause', () => {
  expect(after(7)).toHaveLength(7);
  expect(outworn([dailyName(day(0)), dailyName(day(90))])).toEqual([]);
});

test('copies by other names are nobody’s to take away', () => {
  const other = [nameByHand(day(0)), 'before-0004_save-ids.db', 'notes.txt'];
  const names = [...other, ...Array.from({ length: 60 }, (_, n) => dailyName(day(n)))];
  expect(outworn(names).filter((n) => other.includes(n))).toEqual([]);
});
