import fc from 'fast-check';
import { openBook } from '../material/book';
import { STOCK_MEDIUMS } from '../material/medium';
import type { Medium } from '../material/schema';
import { loopOf, makeMedium } from './medium';
import { weighMedium } from './weigh';

const holding = (id: string, ...inside: string[]): Medium => ({
  id,
  name: id.toUpperCase(),
  basis: 'volume',
  of: [{ material: 'water', parts: 1 }, ...inside.map((medium) => ({ medium, parts: 1 }))],
});
const among = (mediums: readonly Medium[]) => (id: string) => mediums.find((m) => m.id === id);

test('the way round a loop is told from the medium it was asked of', () => {
  const three = [holding('a', 'b'), holding('b', 'c'), holding('c', 'a')];
  expect(loopOf('a', among(three))).toEqual(['a', 'b', 'c', 'a']);
  expect(loopOf('c', among(three))).toEqual(['c', 'a', 'b', 'c']);
  expect(loopOf('a', among([holding('a', 'a')]))).toEqual(['a', 'a']);
});

test('a medium that only leads into a loop is not in it, and one used twice is no loop', () => {
  const into = [holding('x', 'a'), holding('a', 'b'), holding('b', 'a')];
  expect(loopOf('x', among(into))).toBeUndefined();
  const twice = [holding('x', 'a', 'b'), holding('a', 'c'), holding('b', 'c'), holding('c')];
  expect(loopOf('x', among(twice))).toBeUndefined();
});

test('whatever holds what, a medium is made or its loop is told', () => {
  const ids = ['a', 'b', 'c', 'd', 'e'];
  fc.assert(
    fc.property(
      fc.array(fc.subarray(ids, { maxLength: 2 }), { minLength: 5, maxLength: 5 }),
      (inside) => {
        const mediums = ids.map((id, i) => holding(id, ...inside[i]!));
        const book = openBook([], mediums);
        const looping = ids.filter((id) => loopOf(id, among(mediums)));
        for (const id of ids) {
          const reaches = (at: string, seen: string[]): boolean =>
            looping.includes(at) ||
            (!seen.includes(at) &&
              inside[ids.indexOf(at)]!.some((next) => reaches(next, [...seen, at])));
          if (reaches(id, [])) expect(() => makeMedium(id, book)).toThrow(/holds itself: /);
          else {
            const total = [...makeMedium(id, book).volumes.values()].reduce((s, v) => s + v, 0);
            expect(total).toBeCloseTo(1, 9);
          }
        }
      },
    ),
  );
});

test('every school of medium is weighed up to the gram', () => {
  const book = openBook([], []);
  for (const medium of STOCK_MEDIUMS) {
    const steps = weighMedium(medium, book, 523, 1);
    expect(steps.at(-1)?.scaleReadsG).toBe(523);
    expect(medium.goodFor).toMatch(/\.$/);
  }
});

// Handbook 4, common practice, no published source: about 30 % pouring medium and 10 % glue mix, a splash of polymer; here three to one of the two.
test('medium, glue, polymer holds three of pouring medium to one of glue mix', () => {
  const { volumes } = makeMedium('medium-glue-polymer', openBook([], []));
  expect(volumes.get('pouring-medium')! / (volumes.get('pva')! * 1.5)).toBeCloseTo(3, 9);
});
