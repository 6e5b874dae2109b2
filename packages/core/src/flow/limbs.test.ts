import { fromLine } from '../surface/outline/from-line';
import { limbsTold } from './limbs';
import { settledOf } from './outcome';
import { flipped, poured, scene } from './scene.test-data';

/** Two strokes beside each other; paint lands on the left one only. */
const LIMBS = [
  {
    name: 'H.1',
    alongMm: [
      [25, 10],
      [25, 90],
    ] as const,
  },
  {
    name: 'H.2',
    alongMm: [
      [75, 10],
      [75, 90],
    ] as const,
  },
];
const made = poured(
  scene([flipped([25, 50], 12)], { widthMm: 100, heightMm: 100, limbs: LIMBS }),
  48,
);

test('each stroke is told by itself, and together they are the face', () => {
  const [left, right] = limbsTold(made.pour) as [
    ReturnType<typeof limbsTold>[0],
    ReturnType<typeof limbsTold>[0],
  ];
  expect(left.coveredShare).toBeGreaterThan(0.6);
  expect(right.coveredShare).toBeLessThan(0.5 * left.coveredShare);
  expect(left.meanMm).toBeGreaterThan(0);
  const whole = settledOf(made.pour);
  // They share the face in halves.
  expect((left.coveredShare + right.coveredShare) / 2).toBeCloseTo(whole.coveredShare, 6);
  expect(whole.limbs).toEqual([left, right]);
});

test('a face that is one tells none', () => {
  const { pour } = poured(scene([flipped([50, 50], 12)], { widthMm: 100, heightMm: 100 }), 32);
  expect(limbsTold(pour)).toEqual([]);
  expect(settledOf(pour).limbs).toBeUndefined();
});

test('a place is as far from a line as from its nearest stretch', () => {
  const bent = [
    [0, 0],
    [10, 0],
    [10, 10],
  ] as const;
  expect(fromLine(5, 3, bent)).toBe(3);
  expect(fromLine(13, 14, bent)).toBe(5);
  expect(fromLine(-3, -4, bent)).toBe(5);
  expect(fromLine(3, 4, [[0, 0]])).toBe(5);
});
