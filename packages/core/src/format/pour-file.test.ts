import fc from 'fast-check';
import { anyPlan } from '../plan/any-plan.test-data';
import { plan } from '../plan/fixture.test-data';
import { faultLine } from './fault-line';
import { openPour, pourFileName, writePour } from './pour-file';

const fits = () => [];

test('export then import is the identity', () => {
  fc.assert(
    fc.property(anyPlan, (p) => {
      const opened = openPour(writePour(p), fits);
      expect(opened).toEqual({ ok: true, plan: p });
      if (opened.ok) expect(writePour(opened.plan)).toBe(writePour(p));
    }),
    { numRuns: 30 },
  );
});

const faults = (text: string) => {
  const opened = openPour(text, fits);
  return opened.ok ? [] : opened.faults.map(faultLine);
};

test('text that is no JSON is said to be none', () =>
  expect(faults('{oops')[0]).toMatch(/^\/ not a JSON file: /));
test('another format is named', () =>
  expect(faults('{"format":"other.thing"}')).toEqual([
    '/format this is a "other.thing" file, not a potter.pour plan',
  ]));
test('a newer version is not guessed at', () =>
  expect(faults('{"format":"potter.pour","version":2}')).toEqual([
    '/version version 2 is newer than this program, which reads version 1',
  ]));
test('a file too large is not read', () =>
  expect(faults(' '.repeat(2_000_001))[0]).toMatch(/too large/));
test('faults of the schema come before those of references', () => {
  const opened = openPour('{}', () => [{ path: '/title', message: 'is missing' }]);
  expect(opened).toEqual({ ok: false, faults: [{ path: '/title', message: 'is missing' }] });
});
test('a reference to nothing is refused', () => {
  const p = plan();
  expect(
    faults(
      writePour({
        ...p,
        cups: [{ ...p.cups[0]!, layers: [{ mix: 'x', parts: 1, placement: 'wall' }] }],
        moves: [],
      }),
    ),
  ).toEqual(['/cups/0/layers/0/mix no mix "x"; there are "m-oat", "m-slate", "m-quince"']);
});

test.each([
  ['Quince and Slate', 'quince-and-slate.pour.json'],
  ['Été: n° 3!', 'ete-n-3.pour.json'],
  ['***', 'plan.pour.json'],
])('the file of "%s" is %s', (title, name) => expect(pourFileName(title)).toBe(name));
