import fc from 'fast-check';
import { between } from '../between.test-data';
import { couette } from './couette';

/** Everywhere along a line and at every level, which part of it comes from where. */
function counted(contact: number, whole: number, spare = Infinity) {
  const N = 400;
  const drawn = couette(contact, whole, spare);
  const from = new Float64Array(20);
  let entered = 0;
  for (let i = 0; i < N; i++)
    for (let j = 0; j < N; j++) {
      const at = (whole * (i + 0.5)) / N;
      const u = (j + 0.5) / N;
      const each = whole / N / N;
      if (u > drawn.topFrom(at)) entered += each;
      else from[Math.min(19, Math.floor((20 * (at - drawn.shift(u))) / whole))]! += each;
    }
  return { from, entered, drawn };
}

// science-flow 13: final height z came from ζ = 1 − √(1 − 2z/gap), shifted L·ζ/(1 − ζ).
test('what comes to lie halfway up what stays went along by as much as Couette flow has it', () => {
  const zeta = 1 - Math.sqrt(0.5);
  expect(couette(40, 500, 1e3).shift(0.5)).toBeCloseTo((40 * zeta) / (1 - zeta), 9);
  expect(couette(40, 500, 1e3).shift(0)).toBe(0);
});

test('what the blade lays down as it goes is what of a line would have come from before it', () => {
  fc.assert(
    fc.property(between(5, 60), between(100, 600), (contact, whole) => {
      const { entered, drawn } = counted(contact, whole);
      expect(Math.abs(entered / drawn.laidBy(whole) - 1)).toBeLessThan(0.03);
    }),
    { numRuns: 20 },
  );
});

test('no part of a line comes to lie twice, and what goes on past its end is as much as came in', () => {
  const [contact, whole] = [40, 500];
  const { from, drawn } = counted(contact, whole);
  const part = whole / from.length;
  for (const n of [0, 5, 10]) expect(from[n]! / part).toBeCloseTo(1 - past(n), 1);
  expect(from.reduce((sum, m) => sum + m, 0)).toBeCloseTo(whole - drawn.laidBy(whole), -1);
  for (const m of from) expect(m).toBeLessThan(1.02 * part);

  /** The share of a part that went on past the end: above `topFrom` of how far it lies from that. */
  function past(n: number): number {
    const short = whole - (n + 0.5) * part;
    return 1 - drawn.topFrom(short);
  }
});

test('where it has less to lay down it drags less along, and lays down just that', () => {
  fc.assert(
    fc.property(between(1, 60), between(100, 600), between(0.01, 0.9), (contact, whole, share) => {
      const spare = share * couette(contact, whole, Infinity).laidBy(whole);
      const drawn = couette(contact, whole, spare);
      expect(drawn.laidBy(whole) / spare).toBeCloseTo(1, 9);
      expect(drawn.shift(0.5)).toBeLessThan(couette(contact, whole, Infinity).shift(0.5));
      expect(drawn.whereLaid(drawn.laidBy(whole / 3)) / (whole / 3)).toBeCloseTo(1, 6);
    }),
  );
});

test('a blade with nothing to carry leaves all as it lay', () => {
  const drawn = couette(40, 500, 0);
  expect(drawn.shift(0.9)).toBe(0);
  expect(drawn.topFrom(0)).toBe(1);
  expect(drawn.laidBy(500)).toBe(0);
});
