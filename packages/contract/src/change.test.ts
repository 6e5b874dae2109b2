import * as fc from 'fast-check';
import { alsoFormer, formerOf, merged, restored } from './change';

const paint = { kind: 'paint', paint: { name: 'Oat milk', hex: '#ece5d6' }, stockMl: 50 };
const change = <T>(before: T, now: T) => ({ now, was: formerOf(before, now) });

test('what only one of two devices changed is as that one left it', () => {
  const one = change(paint, { ...paint, paint: { ...paint.paint, name: 'Oat' } });
  const two = change(paint, { ...paint, stockMl: 20 });
  const first = merged(paint, one);
  expect(first).toEqual({ is: one.now });
  expect(merged(one.now, two)).toEqual({
    is: { kind: 'paint', paint: { name: 'Oat', hex: '#ece5d6' }, stockMl: 20 },
  });
});

test('what both changed differently is a clash, named by its place; what both changed alike is none', () => {
  const one = change(paint, { ...paint, stockMl: 20 });
  const two = change(paint, { ...paint, stockMl: 30 });
  expect(merged(one.now, two)).toEqual({ clashes: ['/stockMl'] });
  expect(merged(one.now, one)).toEqual({ is: one.now });
});

test('what was taken out, or came in, is a change like any other', () => {
  const { stockMl: _, ...without } = paint;
  expect(merged({ ...paint, note: 'x' }, change<object>(paint, without))).toEqual({
    is: { ...without, note: 'x' },
  });
  const opened = { ...paint, openedOn: '2026-11-24' };
  expect(merged<object>(without, change<object>(paint, opened))).toEqual({
    is: { ...without, openedOn: '2026-11-24' },
  });
  expect(
    merged<object>({ ...paint, openedOn: '2026-11-01' }, change<object>(paint, opened)),
  ).toEqual({
    clashes: ['/openedOn'],
  });
});

test('lists of one length change entry by entry, others as a whole', () => {
  const run = { at: 0, moves: [{ move: 'a' }, { move: 'b' }, { move: 'c' }] };
  const on = { at: 1, moves: [{ move: 'a', endedAt: 5 }, { move: 'b' }, { move: 'c' }] };
  expect(formerOf(run, on)).toEqual({ '/at': [0], '/moves/0/endedAt': [null] });
  const noted = { ...run, moves: [run.moves[0], run.moves[1], { move: 'c', note: 'late' }] };
  expect(merged<object>(on, change<object>(run, noted))).toEqual({
    is: { at: 1, moves: [on.moves[0], on.moves[1], { move: 'c', note: 'late' }] },
  });
  const fewer = { at: 0, moves: [{ move: 'a' }] };
  expect(merged<object>(on, change<object>(run, fewer))).toEqual({ clashes: ['/moves'] });
});

test('a change that takes the place of one whose answer was lost is no clash with it, whether it arrived or not', () => {
  const [a, b, c] = [{ at: 0 }, { at: 1 }, { at: 2 }];
  const folded = { now: c, was: alsoFormer(formerOf(a, b), formerOf(b, c)) };
  expect([a, b, c].map((stands) => merged(stands, folded))).toEqual([
    { is: c },
    { is: c },
    { is: c },
  ]);
  expect(merged({ at: 7 }, folded)).toEqual({ clashes: ['/at'] });
});

test('a long note written letter by letter with the studio away stays small enough to be sent', () => {
  const note = 'x'.repeat(4000);
  let was = formerOf({ note: '' }, { note: 'x' });
  for (let n = 1; n < note.length; n++)
    was = alsoFormer(was, formerOf({ note: note.slice(0, n) }, { note: note.slice(0, n + 1) }));
  expect(JSON.stringify(was).length).toBeLessThan(100_000);
  const folded = { now: { note }, was };
  for (const stands of ['', note.slice(0, -1), note])
    expect(merged({ note: stands }, folded)).toEqual({ is: { note } });
  // A move that was made and made again: numbers are remembered all.
  let at = formerOf({ at: 0 }, { at: 1 });
  for (let n = 1; n < 150; n++) at = alsoFormer(at, formerOf({ at: n }, { at: n + 1 }));
  expect(merged({ at: 3 }, { now: { at: 150 }, was: at })).toEqual({ is: { at: 150 } });
});

test('without a word of what was, it takes the place of whatever stands', () =>
  expect(merged({ at: 7 }, { now: { at: 2 } })).toEqual({ is: { at: 2 } }));

test('a key of the language’s own is a key like any other', () => {
  const odd = JSON.parse('{"__proto__":{"polluted":true}}') as object;
  expect(merged<object>({}, { now: odd, was: { '/__proto__/polluted': [null] } })).toEqual({
    is: odd,
  });
  expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
});

const leaf = fc.oneof(fc.integer(), fc.string(), fc.boolean());
const document = fc.dictionary(
  fc.constantFrom('a', 'b', 'c', '~d/'),
  fc.oneof(leaf, fc.array(leaf, { maxLength: 3 }), fc.dictionary(fc.constantFrom('x', 'y'), leaf)),
);

const folded = (...states: readonly object[]) => ({
  now: states.at(-1)!,
  was: states
    .slice(1)
    .map((state, n) => formerOf(states[n]!, state))
    .reduce(alsoFormer),
});

test('a part that came in and was changed at once is no clash, whether it had arrived or not; of another device’s it is', () => {
  const [none, came, changed] = [
    {},
    { room: { boards: 2, deep: 30 } },
    { room: { boards: 1, deep: 30 } },
  ];
  const wanted = folded(none, came, changed);
  for (const stands of [none, came, changed])
    expect(merged<object>(stands, wanted)).toEqual({ is: changed });
  expect(merged<object>({ room: { boards: 2, deep: 99 } }, wanted)).toEqual({
    clashes: ['/room'],
  });
  expect(merged<object>({ room: { boards: 5, deep: 30 } }, wanted)).toEqual({
    clashes: ['/room', '/room/boards'],
  });
});

test('changes that took one another’s place give what the last wants, wherever the studio had come to', () => {
  fc.assert(
    fc.property(document, document, document, (first, second, third) => {
      const wanted = folded(first, second, third);
      for (const stands of [first, second, third])
        expect(merged<object>(stands, wanted)).toEqual({ is: third });
    }),
    { numRuns: 500 },
  );
});

test('over what it was made from, any change gives the document it wants; twice as once', () => {
  fc.assert(
    fc.property(document, document, (before, now) => {
      const wanted = change<object>(before, now);
      expect(merged<object>(before, wanted)).toEqual({ is: now });
      expect(merged<object>(now, wanted)).toEqual({ is: now });
    }),
  );
});

test('what stood before can be had again out of what is', () => {
  fc.assert(
    fc.property(document, document, (before, after) => {
      expect(restored<object>(after, formerOf(before, after))).toEqual(before);
    }),
  );
});

test('of two changes either a clash is said, or everything either changed stands', () => {
  fc.assert(
    fc.property(document, document, document, (before, one, two) => {
      const result = merged<object>(one, change<object>(before, two));
      if ('clashes' in result) return expect(result.clashes.length).toBeGreaterThan(0);
      // Whatever the second wanted stands: it has nothing left to change.
      const rest = Object.keys(formerOf(result.is, two));
      const first = Object.keys(formerOf(before, one));
      return expect(
        rest.filter((p) => !first.some((f) => p.startsWith(f) || f.startsWith(p))),
      ).toEqual([]);
    }),
  );
});
