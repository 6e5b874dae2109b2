import fc from 'fast-check';
import { between } from '../between.test-data';
import { cupsUnder, driftMm, raises, slopeOfBoth, slopeUnder, steepness } from '.';

const angle = between(-8, 8);

test('a phone tipped by one degree rises seventeen and a half millimetres a metre, on that side', () => {
  // sin 1° = 0.017452 (any table of sines).
  expect(slopeUnder({ betaDeg: 1, gammaDeg: 0 }).far).toBeCloseTo(17.452, 3);
  expect(slopeUnder({ betaDeg: 0, gammaDeg: 1 }).right).toBeCloseTo(-17.452, 3);
  expect(slopeUnder({ betaDeg: 0, gammaDeg: 0 })).toEqual({ right: 0, far: 0 });
});

test('the rises are those of the phone’s axes turned step by step, by quaternions', () => {
  fc.assert(
    fc.property(angle, angle, between(0, 360), (beta, gamma, alpha) => {
      const turn = [
        about([0, 0, 1], alpha),
        about([1, 0, 0], beta),
        about([0, 1, 0], gamma),
      ].reduce(times);
      const { right, far } = slopeUnder({ betaDeg: beta, gammaDeg: gamma });
      expect(1000 * turned(turn, [1, 0, 0])[2]).toBeCloseTo(right, 8);
      expect(1000 * turned(turn, [0, 1, 0])[2]).toBeCloseTo(far, 8);
    }),
  );
});

test('what the phone itself is out falls away between two readings', () => {
  fc.assert(
    fc.property(angle, angle, angle, angle, (right, far, outRight, outFar) => {
      const first = { right: right + outRight, far: far + outFar };
      const half = { right: -right + outRight, far: -far + outFar };
      const slope = slopeOfBoth(first, half);
      expect(slope.right).toBeCloseTo(right, 10);
      expect(slope.far).toBeCloseTo(far, 10);
    }),
  );
});

test('a board that rises to the right is raised at its left, by its slope times the distance', () => {
  const [nearLeft, nearRight, farLeft, farRight] = raises(
    { right: 10, far: 0 },
    cupsUnder(500, 400),
  );
  for (const left of [nearLeft, farLeft]) expect(left!.mm).toBeCloseTo(3, 9);
  for (const right of [nearRight, farRight]) expect(right!.mm).toBeCloseTo(0, 9);
});

test('raised so, all supports are on one level, and none was lowered', () => {
  fc.assert(
    fc.property(angle, angle, (right, far) => {
      const supports = cupsUnder(500, 400);
      const heights = raises({ right, far }, supports).map(
        ({ mm }, i) => (right * supports[i]!.rightMm + far * supports[i]!.farMm) / 1000 + mm,
      );
      for (const height of heights) expect(height).toBeCloseTo(heights[0]!, 9);
      expect(Math.min(...raises({ right, far }, supports).map(({ mm }) => mm))).toBe(0);
    }),
  );
});

const FILM = {
  filmMm: 1,
  viscosityPaS: 1,
  densityGPerMl: 1.1,
  setsAfterMin: 8,
  mmPerM: 10,
  // However thick, it runs.
  standsFromPaS: 10,
  standsByPa: 0,
};

test('a film of 1 mm and 1 Pa·s at 1 in 100 creeps 0.054 mm a second at first', () => {
  // 1100 × 9.81 × 0.01 × 1e-6 / 2 = 5.4e-5 m/s, by hand.
  expect(driftMm(FILM, 1e-4) / 0.006).toBeCloseTo(0.053955, 5);
});

test('it stops as it sets, never further than its first speed for eight minutes over ln 2', () => {
  expect(driftMm(FILM, 8)).toBeCloseTo(driftMm(FILM, 1e6) / 2, 6);
  expect(driftMm(FILM, 1e6)).toBeCloseTo((0.053955 * 60 * 8) / Math.LN2, 2);
});

test('it grows with the slope, with the square of the film, and falls with what is thicker', () => {
  const at = (change: Partial<typeof FILM>) =>
    driftMm({ ...FILM, ...change }, 30) / driftMm(FILM, 30);
  expect(at({ mmPerM: 20 })).toBeCloseTo(2, 9);
  expect(at({ filmMm: 2 })).toBeCloseTo(4, 9);
  expect(at({ viscosityPaS: 5 })).toBeCloseTo(0.2, 9);
  expect(steepness({ right: 3, far: -4 })).toBe(5);
});

describe('a film that stands', () => {
  const STANDS = { ...FILM, standsByPa: 0.05 };

  test('creeps as small steps of Bingham’s speed add up to', () => {
    for (const [from, minutes] of [
      [1, 12],
      [1, 28],
      [4, 60],
      [11, 3],
      [11, 60],
    ] as const) {
      const film = { ...STANDS, viscosityPaS: from };
      const steps = 40_000;
      const drag = 1100 * 9.81 * 0.01 * 0.001;
      let mm = 0;
      for (let n = 0; n < steps; n++) {
        const mu = from * 2 ** (((n + 0.5) / steps) * (minutes / 8));
        const free = Math.max(0, 1 - (0.05 * Math.max(0, mu - 10)) / drag);
        mm += ((1000 * drag * 0.001) / (2 * mu)) * free * free * ((60 * minutes) / steps);
      }
      expect(driftMm(film, minutes) / mm).toBeCloseTo(1, 5);
    }
  });

  test('comes to rest for good, an eighth short of where it would without its yield', () => {
    const hour = driftMm(STANDS, 60);
    expect(driftMm(STANDS, 600)).toBe(hour);
    expect(hour / driftMm(FILM, 600)).toBeGreaterThan(0.875);
    expect(hour / driftMm(FILM, 600)).toBeLessThan(0.92);
  });

  test('so thick that its yield is more than drags at it, or on what lies level, it does not creep', () => {
    expect(driftMm({ ...STANDS, viscosityPaS: 13 }, 60)).toBe(0);
    expect(driftMm({ ...STANDS, mmPerM: 0 }, 60)).toBe(0);
  });
});

type Quaternion = readonly [w: number, x: number, y: number, z: number];
type Vector = readonly [number, number, number];

const about = ([x, y, z]: Vector, deg: number): Quaternion => {
  const half = (deg * Math.PI) / 360;
  const s = Math.sin(half);
  return [Math.cos(half), x * s, y * s, z * s];
};
const times = (a: Quaternion, b: Quaternion): Quaternion => [
  a[0] * b[0] - a[1] * b[1] - a[2] * b[2] - a[3] * b[3],
  a[0] * b[1] + a[1] * b[0] + a[2] * b[3] - a[3] * b[2],
  a[0] * b[2] - a[1] * b[3] + a[2] * b[0] + a[3] * b[1],
  a[0] * b[3] + a[1] * b[2] - a[2] * b[1] + a[3] * b[0],
];
const turned = (q: Quaternion, [x, y, z]: Vector): Vector => {
  const [, ...v] = times(times(q, [0, x, y, z]), [q[0], -q[1], -q[2], -q[3]]);
  return v as unknown as Vector;
};
