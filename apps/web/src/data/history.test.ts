import { advance, beginHistory, type History, redo, regrounded, undo } from './history';

const run = (...edits: [number, string?][]): History<number> =>
  edits.reduce((h, [n, tag], i) => advance(h, n, i * 5000, tag), beginHistory(0));

test('back and forth over every step', () => {
  let h = run([1], [2], [3]);
  h = undo(undo(h));
  expect(h.now).toBe(1);
  expect(redo(h).now).toBe(2);
  expect(undo(undo(undo(h))).now).toBe(0);
  expect(redo(redo(redo(h))).now).toBe(3);
});

test('keystrokes in one field undo as one, unless time passes between', () => {
  const typed = [1, 2, 3].reduce(
    (h, n, i) => advance(h, n, 100 + i * 200, 'size'),
    beginHistory(0),
  );
  expect(undo(typed).now).toBe(0);
  const later = advance(typed, 4, 9000, 'size');
  expect(undo(later).now).toBe(3);
  const other = advance(typed, 4, 600, 'depth');
  expect(undo(other).now).toBe(3);
});

test('a new edit leaves no future, an edit that changes nothing leaves no step', () => {
  const h = advance(undo(run([1], [2])), 7, 60_000);
  expect(h.future).toEqual([]);
  expect(advance(h, 7, 70_000)).toBe(h);
});

test('200 undos and 200 redos at random return to the identical document', () => {
  const edits = Array.from({ length: 150 }, (_, i): [number] => [i + 1]);
  const start = run(...edits);
  let h = start;
  let seed = 11;
  for (let i = 0; i < 200; i++) {
    seed = (Math.imul(seed, 1103515245) + 12345) >>> 0;
    h = seed % 3 === 0 ? redo(h) : undo(h);
  }
  for (let i = 0; i < 200; i++) h = redo(h);
  expect(h.now).toBe(start.now);
  expect(h.past).toEqual(start.past);
});

test('at least 100 steps are kept', () => {
  let h = run(...Array.from({ length: 300 }, (_, i): [number] => [i + 1]));
  for (let i = 0; i < 100; i++) h = undo(h);
  expect(h.now).toBe(200);
});

test('on changed ground every step holds what was changed; those it cannot hold on are let go with what is behind them', () => {
  const steps = { past: ['a', 'x', 'b', 'c'], now: 'd', future: ['e', 'x', 'f'], at: 5, tag: 't' };
  const marked = (step: string) => (step === 'x' ? undefined : `${step}!`);
  expect(regrounded(steps, marked)).toEqual({
    past: ['b!', 'c!'],
    now: 'd!',
    future: ['e!'],
    at: 5,
    tag: 't',
  });
  expect(regrounded({ ...steps, now: 'x' }, marked)).toBeUndefined();
});
