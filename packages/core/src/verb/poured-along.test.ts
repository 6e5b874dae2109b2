import { brief } from '../plan/brief/brief';
import { plan } from '../plan/fixture.test-data';
import { previewOf } from '../plan/preview/preview';
import { spotsOf, type Stream } from '../flow/act/stream';
import { layGrid } from '../flow';
import type { Move } from './move';

/** What a track across the canvas comes to. */
function poured(more: Partial<Extract<Move, { verb: 'trail' }>>) {
  const move: Move = {
    id: 't',
    verb: 'trail',
    cups: ['c1'],
    way: { kind: 'line', fromMm: [100, 200], toMm: [400, 200] },
    heightMm: 20,
    ...more,
  };
  const p = { ...plan(), moves: [move] };
  const { scene } = previewOf(p, brief(p));
  const act = scene.acts.find((a): a is Stream => a.kind === 'stream')!;
  const site = layGrid(scene, 50);
  const spots = spotsOf({ ...act, strayMm: 0 }, site, 1);
  const xMm = (s: number) => spots(s)[0]!.x * site.cellMm - site.originMm[0];
  return { act, xMm, says: brief(p).run[0]!.says };
}

test('poured evenly, half of it lies on half of the way; three times as fast in the end, on three eighths', () => {
  expect(poured({}).xMm(0.5)).toBeCloseTo(250, 3);
  const { xMm, says } = poured({ quickens: 3 });
  // (s + (k − 1)s²/2) ÷ (1 + (k − 1)/2) at a half, k = 3.
  expect(xMm(0.5)).toBeCloseTo(100 + 300 * 0.375, 1);
  expect([xMm(0), xMm(1)].map((x) => Math.round(x))).toEqual([100, 400]);
  expect((xMm(1) - xMm(0.99)) / (xMm(0.01) - xMm(0))).toBeCloseTo(3, 0);
  expect(says).toContain('in the end 3 times as fast');
  expect(poured({ quickens: 0.5 }).xMm(0.5)).toBeGreaterThan(260);
});

test('from high to low the stream widens as it goes, and the words say so', () => {
  const { act, says } = poured({ heightMm: 300, toHeightMm: 20 });
  const [begins, ends] = act.radiusMm;
  expect(begins!.at).toBe(0);
  expect(ends!.at).toBe(1);
  expect(ends!.mm).toBeGreaterThan(begins!.mm);
  expect(says).toContain('30 cm high, sinking to 2 cm');
  expect(poured({ heightMm: 300, toHeightMm: 300 }).act.radiusMm).toHaveLength(1);
});

test('on a turntable a hand that goes outward evenly in time is turned back evenly in time', () => {
  const { act, xMm } = poured({
    way: { kind: 'line', fromMm: [250, 200], toMm: [400, 200] },
    turnsPerMin: 30,
  });
  expect(act.timed).toBe(true);
  // However far out by then: half of the time, half of the way out.
  const [x, y] = act.pathMm[Math.round((act.pathMm.length - 1) / 2)]!;
  expect(Math.hypot(x - 250, y - 200)).toBeCloseTo(75, 0);
  expect(Number.isFinite(xMm(0.5))).toBe(true);
});
