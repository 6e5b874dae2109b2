import { SCALES } from '@potter/core/scale';
import { simulatedScale } from './simulated-scale';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const grams = (scale: ReturnType<typeof simulatedScale>): number => {
  const r = scale.read();
  if (r.kind !== 'weight') throw new Error(r.kind);
  return r.g;
};

test('what runs from the spout is read, faster the longer it is open', () => {
  const scale = simulatedScale(SCALES.tenths, 1);
  const leave = scale.subscribe(() => undefined);
  scale.spout(true);
  jest.advanceTimersByTime(500);
  scale.spout(false);
  jest.advanceTimersByTime(4000);
  const short = grams(scale);
  expect(short).toBeGreaterThan(1);
  expect(short).toBeLessThan(6);
  expect(scale.read()).toMatchObject({ steady: true });
  scale.spout(true);
  jest.advanceTimersByTime(2500);
  scale.spout(false);
  jest.advanceTimersByTime(4000);
  expect(grams(scale) - short).toBeGreaterThan(5 * short);
  scale.tare();
  jest.advanceTimersByTime(3000);
  expect(Math.abs(grams(scale))).toBeLessThan(0.5);
  leave();
});

test('listeners hear of changes, and nothing runs once nobody listens', () => {
  const scale = simulatedScale(SCALES.grams, 1, 50);
  const heard = jest.fn();
  const leave = scale.subscribe(heard);
  jest.advanceTimersByTime(4000);
  expect(heard).toHaveBeenCalled();
  expect(Math.abs(grams(scale) - 50)).toBeLessThanOrEqual(1);
  leave();
  expect(jest.getTimerCount()).toBe(0);
});
