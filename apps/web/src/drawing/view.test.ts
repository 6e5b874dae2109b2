import { fitted, panned, toMm, toPx, zoomed } from './view';

const room = { width: 390, height: 500 };
const face = { widthMm: 500, heightMm: 400 };
const whole = fitted(room, face);

test('the whole surface lies in the middle with room for a hand beside it', () => {
  const [left, top] = toPx(whole, [0, 0]);
  const [right, bottom] = toPx(whole, [500, 400]);
  expect(left).toBeCloseTo(390 - right, 9);
  expect(top).toBeCloseTo(500 - bottom, 9);
  expect(Math.min(left, top)).toBeGreaterThanOrEqual(28);
});

test('a place is where it is, drawn out and pushed along as it may be', () => {
  const near = panned(zoomed(whole, whole, 3, [100, 120]), whole, [-20, 35]);
  const [x, y] = toMm(near, toPx(near, [123, 45]));
  expect([x, y].map((v) => Math.round(v * 1e6) / 1e6)).toEqual([123, 45]);
});

test('what is under the fingers stays under them, and nothing is smaller than the whole', () => {
  const at = toMm(whole, [100, 120]);
  const near = zoomed(whole, whole, 3, [100, 120]);
  expect(toPx(near, at)[0]).toBeCloseTo(100, 9);
  expect(toPx(near, at)[1]).toBeCloseTo(120, 9);
  expect(zoomed(near, whole, 0.01, [5, 5])).toEqual(whole);
  expect(panned(whole, whole, [40, 40])).toEqual(whole);
  expect(zoomed(whole, whole, 1000, [0, 0]).scale).toBeCloseTo(12 * whole.scale, 9);
});
