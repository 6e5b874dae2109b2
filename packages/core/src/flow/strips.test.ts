import { birthAt, poured, scene } from './scene.test-data';
import type { Act } from './act';

const half = (mix: string, beginsMm: number, endsMm: number): Act => ({
  kind: 'overlay',
  mix,
  filmMm: 1,
  part: { deg: 0, beginsMm, endsMm, cm2: 200 },
});

test('a base of two halves lies side by side, and holds all that was laid', () => {
  const made = poured(scene([half('left', 0, 100), half('right', 100, 200)]), 48);
  const mixAt = (x: number) => birthAt(made, [x, 100], 1).mix;
  expect([mixAt(30), mixAt(80), mixAt(120), mixAt(170)]).toEqual([
    'left',
    'left',
    'right',
    'right',
  ]);
  // 400 cm² by 1 mm.
  expect(made.pour.laidMl).toBeCloseTo(40, 4);
  // It is the ground of what comes: neither lies on the other.
  expect(birthAt(made, [80, 100], 0.1).mix).toBe('left');
  expect(birthAt(made, [120, 100], 0.1).mix).toBe('right');
});

test('a strip aslant covers what lies between its lines', () => {
  const slant: Act = {
    kind: 'overlay',
    mix: 'slant',
    filmMm: 0.5,
    part: { deg: 45, beginsMm: 120, endsMm: 160, cm2: 76 },
  };
  const made = poured(scene([{ kind: 'overlay', mix: 'base', filmMm: 1 }, slant]), 48);
  expect(birthAt(made, [100, 100], 1).mix).toBe('slant');
  expect(birthAt(made, [60, 60], 1).mix).toBe('base');
  expect(birthAt(made, [150, 150], 1).mix).toBe('base');
});
