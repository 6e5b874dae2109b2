import fc from 'fast-check';
import { between } from '../between.test-data';
import { fillableMl, levelAtMm, volumeAtMl } from '../vessel/frustum';
import { eyeMark, fillsOf, gramsAtLevel } from './by-eye';
import { beginWeighing, nextLine, taken } from './weighing';

const CUP = { topMm: 78, bottomMm: 52, heightMm: 79 };
// Paint of 1.2, medium of 1.0 g/mL.
const STEPS = [
  { material: 'p', g: 48, ml: 40, scaleReadsG: 48 },
  { material: 'm', g: 40, ml: 40, scaleReadsG: 88 },
  { material: 'water', g: 4, ml: 4, scaleReadsG: 92 },
];
const PAINTS = new Set(['p']);
const begun = beginWeighing('x', STEPS);

test('each line ends where all that is in by then stands', () => {
  const [paint, medium] = [0, 1].map((at) => eyeMark(begun, at, STEPS, PAINTS, CUP, 1));
  expect(paint).toMatchObject({ ml: 40, parts: 1, justCovers: false });
  expect(paint!.levelMm).toBeCloseTo(levelAtMm(CUP, 40), 9);
  expect(medium!.levelMm).toBeCloseTo(levelAtMm(CUP, 80), 9);
  // 1 : 1 by volume is about where medium just covers the paint.
  expect(medium).toMatchObject({ parts: 1, justCovers: true });
});

test('a mark along the slanted wall lies higher than the level, by the slant', () => {
  const { levelMm, wallMm } = eyeMark(begun, 2, STEPS, PAINTS, CUP, 1);
  // Half of 26 mm more across on 79 mm of height.
  expect(wallMm / levelMm).toBeCloseTo(Math.hypot(1, 13 / 79), 12);
});

test('more than one cup holds goes into equal fills with head-room left', () => {
  const whole = fillableMl(CUP);
  expect(fillsOf(CUP, whole)).toBe(1);
  expect(fillsOf(CUP, whole + 1)).toBe(2);
  const { ml, levelMm } = eyeMark(begun, 0, STEPS, PAINTS, CUP, 2);
  expect(ml).toBe(20);
  expect(levelMm).toBeCloseTo(levelAtMm(CUP, 20), 9);
});

test('a level read off the cup is the grams that make it, whatever was in before', () => {
  fc.assert(
    fc.property(
      between(20, 60),
      between(5, 60),
      fc.integer({ min: 1, max: 3 }),
      (paintG, mediumG, fills) => {
        const w = taken(begun, Number(paintG.toFixed(6)));
        const ml = (paintG / 1.2 + mediumG) / fills;
        const read = gramsAtLevel(w, nextLine(w), STEPS, CUP, fills, levelAtMm(CUP, ml));
        // The level is read within the cup, as its brim allows.
        const most = volumeAtMl(CUP, CUP.heightMm) * fills;
        if (ml * fills <= most) expect(read).toBeCloseTo(mediumG, 4);
      },
    ),
  );
  expect(gramsAtLevel(taken(begun, 48), 1, STEPS, CUP, 1, 0)).toBe(0);
});
