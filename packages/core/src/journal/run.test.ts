import fc from 'fast-check';
import { brief } from '../plan/brief/brief';
import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import { dryingActs, dryingOf } from './rack';
import { summariseRun } from './summary';
import {
  advance,
  beginRun,
  finishMoves,
  givesWayAt,
  goBack,
  goOn,
  noteOn,
  pieceOf,
  stageMoves,
  runSheet,
  silence,
  timersOf,
} from './run';

const p = plan([OAT, SLATE], { shape: { kind: 'rect', widthMm: 200, heightMm: 150 } });
const sheet = runSheet(p);
const T0 = 1_000_000;
const begun = () => beginRun('run-00000001', 'plan', p, T0);

test('the pour ends where the drying begins', () => {
  expect(stageMoves(p).map((m) => m.id)).toEqual(expect.not.arrayContaining(['dry-touch']));
  expect(finishMoves(p).map((m) => m.id)).toEqual(['dry-touch', 'dry-cured']);
});

test('move by move to the end, with the time of each', () => {
  let run = begun();
  for (let i = 1; i <= run.moves.length; i++) run = advance(run, T0 + i * 1000, i === 2);
  expect(run.endedAt).toBe(T0 + run.moves.length * 1000);
  expect(run.moves[0]).toMatchObject({ startedAt: T0, endedAt: T0 + 1000 });
  expect(run.moves[1]?.skipped).toBe(true);
  expect(advance(run, T0 + 99_000)).toBe(run);
});

test('going back is one step, from the end too, and forgets that the move was over', () => {
  const two = advance(begun(), T0 + 500);
  const back = goBack(two);
  expect(back.at).toBe(0);
  expect(back.moves[0]?.endedAt).toBeUndefined();
  expect(goBack(back)).toBe(back);
  let over = begun();
  while (over.endedAt === undefined) over = advance(over, T0 + 1);
  expect(goBack(over).endedAt).toBeUndefined();
});

const tiles = plan([OAT, SLATE], {
  shape: { kind: 'rect', widthMm: 100, heightMm: 100 },
  pieces: 3,
});

test('on a set each move is done piece by piece, each with its own time, and back again the same way', () => {
  const steps = runSheet(tiles);
  const first = steps.findIndex(({ times }) => times === 3);
  let run = beginRun('run-00000002', 'plan', tiles, T0);
  while (run.at < first) run = advance(run, T0);
  const begin = run;
  run = goOn(run, steps, T0 + 5000);
  expect(run.at).toBe(first);
  expect(pieceOf(run.moves[first]!)).toBe(2);
  const each = (steps[first]!.endS - steps[first]!.startS) / 3;
  expect(timersOf(run, steps)[0]?.dueAt).toBe(T0 + 5000 + each * 1000);
  run = goOn(run, steps, T0 + 6000);
  const third = run;
  run = goOn(run, steps, T0 + 7000);
  expect(run.at).toBe(first + 1);
  expect(goBack(run).moves[first]).toEqual(third.moves[first]);
  const back = goBack(goBack(goBack(run)));
  expect(back.at).toBe(first);
  expect(back.moves[first]).toEqual(begin.moves[first]);
});

test('on a set a hand is free between two pieces: nothing gives way by itself', () => {
  const steps = runSheet(tiles);
  let run = beginRun('run-00000002', 'plan', tiles, T0);
  while (run.endedAt === undefined) {
    expect(givesWayAt(run, steps)).toBeUndefined();
    run = goOn(run, steps, T0 + 1000);
  }
});

test('a wait left early goes on beside the next move until it is seen to', () => {
  let run = begun();
  while (run.moves[run.at]?.move !== 'rest') run = advance(run, T0);
  run = advance(run, T0 + 60_000);
  const timers = timersOf(run, sheet);
  expect(timers.map((t) => t.title)).toEqual(['Rest', 'Torch']);
  expect(timers[0]?.dueAt).toBe(T0 + 1200_000);
  expect(timersOf(silence(run, timers[0]!.at), sheet).map((t) => t.title)).toEqual(['Torch']);
});

test('between tilts both hands are full: one gives way to the next when its time is up; the last waits to be pressed on', () => {
  let run = begun();
  expect(givesWayAt(run, sheet)).toBeUndefined();
  const went: string[] = [];
  while (run.endedAt === undefined) {
    const at = givesWayAt(run, sheet);
    const { move } = run.moves[run.at]!;
    if (at !== undefined) {
      went.push(move);
      const s = sheet[run.at]!.endS - sheet[run.at]!.startS;
      expect(at).toBe(run.moves[run.at]!.startedAt! + s * 1000);
    }
    run = advance(run, T0 + 1000);
  }
  const tilts = p.moves.filter((m) => m.verb === 'tilt').map((m) => m.id);
  expect(went).toEqual(tilts.slice(0, -1));
  expect(givesWayAt(run, sheet)).toBeUndefined();
});

test('from stroke to stroke of one tool there is time to set it down; the last of them waits to be pressed on', () => {
  const way = { kind: 'line', fromMm: [20, 20], toMm: [180, 20] } as const;
  const strokes = ['a', 'b', 'c'].map(
    (id) => ({ id, verb: 'comb', way, tines: 1, toolMm: 3, s: 10 }) as const,
  );
  const combed = { ...p, moves: [...strokes, ...p.moves.filter(({ verb }) => verb === 'rest')] };
  const steps = runSheet(combed);
  const run = beginRun('run-00000003', 'plan', combed, T0);
  expect(givesWayAt(run, steps)).toBe(T0 + 10_000 + 5000);
  const last = advance(advance(run, T0), T0);
  expect(last.moves[last.at]?.move).toBe('c');
  expect(givesWayAt(last, steps)).toBeUndefined();
});

test('who has finished waits for nothing: a finished run leaves no timer, and has it again where one goes back', () => {
  let run = begun();
  while (run.endedAt === undefined) run = advance(run, T0 + 1000);
  expect(timersOf(run, sheet)).toEqual([]);
  expect(timersOf(goBack(run), sheet)).toHaveLength(1);
});

test('a note is kept with its move, and an empty one leaves none', () => {
  expect(noteOn(begun(), 1, 'ran left').moves[1]?.note).toBe('ran left');
  expect(noteOn(noteOn(begun(), 1, 'x'), 1, '').moves[1]).not.toHaveProperty('note');
});

test('no run of presses loses a move or goes outside the list', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom('on', 'all', 'skip', 'back'), { maxLength: 90 }),
      (presses) => {
        const steps = runSheet(tiles);
        const start = beginRun('run-00000002', 'plan', tiles, T0);
        const run = presses.reduce(
          (r, press, i) =>
            press === 'back'
              ? goBack(r)
              : press === 'on'
                ? goOn(r, steps, T0 + i)
                : advance(r, T0 + i, press === 'skip'),
          start,
        );
        expect(run.moves.map((m) => m.move)).toEqual(start.moves.map((m) => m.move));
        run.moves.forEach((m, i) => expect(pieceOf(m)).toBeLessThanOrEqual(steps[i]!.times));
        expect(run.at).toBeGreaterThanOrEqual(0);
        expect(run.at).toBeLessThan(run.moves.length);
        run.moves.slice(0, run.at).forEach((m) => expect(m.endedAt).toBeDefined());
      },
    ),
  );
});

test('a poured piece on the rack: wet, then dry to the touch and to be turned, then cured', () => {
  const at = (now: string) => dryingOf(dryingActs(p), '2026-11-28T10:30', now);
  expect(at('2026-11-28T11:00')).toMatchObject({ next: { act: 'touch' } });
  expect(at('2026-11-28T11:00').now).toBeUndefined();
  expect(at('2026-12-01T11:00').now).toMatchObject({ act: 'handle' });
  expect(at('2027-03-01T11:00')).toMatchObject({ now: { act: 'cured' } });
  expect(at('2027-03-01T11:00').next).toBeUndefined();
});

test('a list shows of a run what its brief says, and nothing of its plan but that', () => {
  const summary = summariseRun({ ...begun(), endedAt: T0 + 60_000, note: 'less slate' });
  expect(summary).toMatchObject({ title: p.title, note: 'less slate', endedAt: T0 + 60_000 });
  expect(summary.totalG).toBe(brief(p).budget.totalG);
  expect(summary.dries.at(-1)!.act).toBe('cured');
  expect(JSON.stringify(summary).length).toBeLessThan(JSON.stringify(p).length / 2);
});
