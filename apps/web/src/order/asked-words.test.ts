import { askedWords, costWords, noneWords, wishWords } from './asked-words';

const nameOf = (i: number) => ['Oat', 'Slate', 'Quince'][i]!;

test('a wish and what it costs, in the words of a hundred', () => {
  const first = { kind: 'first', colour: 1 } as const;
  expect(askedWords({ kind: 'apart', pair: [0, 2] }, nameOf)).toBe('Oat and Quince apart');
  expect(costWords({ asked: first, weakest: 0.124, mean: 0.3 }, nameOf)).toBe(
    'Slate first costs the weakest seam 12 of 100 in contrast.',
  );
  expect(costWords({ asked: first, weakest: 0, mean: 0.03 }, nameOf)).toBe(
    'Slate first costs 3 of 100 on average.',
  );
  expect(costWords({ asked: first, weakest: 0.004, mean: 0.004 }, nameOf)).toBe(
    'Slate first costs nothing.',
  );
});

test('every reason there is no order names what to give up', () => {
  expect(noneWords({ kind: 'too-often', colour: 0 }, nameOf)).toMatch(/^Oat goes in too often/);
  expect(noneWords({ kind: 'isolated', colour: 2 }, nameOf)).toMatch(/^Quince is kept apart/);
  expect(noneWords({ kind: 'drop', asked: { kind: 'same-ends' } }, nameOf)).toBe(
    'It cannot be done with "The same first and last": without that there is an order.',
  );
  for (const kind of ['ends-differ', 'together'] as const)
    expect(noneWords({ kind }, nameOf)).toMatch(/give up/);
});

test('all that is asked, in one line', () => {
  const named = (id: string) => id.toUpperCase();
  expect(wishWords({ school: 'ramp' }, named)).toBe('Ramp');
  expect(
    wishWords(
      {
        school: 'contrast',
        first: 'oat',
        last: 'oat',
        spacing: 2,
        separator: 'kale',
        apart: [{ a: 'red', b: 'green' }],
      },
      named,
    ),
  ).toBe(
    'Contrast; OAT first; OAT last; 2 layers between repeats; KALE between; RED and GREEN apart',
  );
});
