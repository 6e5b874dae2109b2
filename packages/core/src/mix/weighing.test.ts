import fc from 'fast-check';
import { between } from '../between.test-data';
import {
  beginWeighing,
  isOver,
  nextLine,
  rescued,
  taken,
  takenBack,
  weighedG,
  type Weighing,
  wholeG,
} from './weighing';

const step = (material: string, g: number, drops?: number) => ({
  material,
  g,
  ml: g,
  scaleReadsG: 0,
  ...(drops === undefined ? {} : { drops }),
});
const RECIPE = [step('paint', 40), step('medium', 80), step('water', 6), step('silicone', 0.1, 3)];
const begun = () => beginWeighing('m', RECIPE);

/** All that is still open goes in as it is asked for. */
function finished(weighing: Weighing): Weighing {
  let w = weighing;
  for (let i = nextLine(w); i >= 0; i = nextLine(w)) w = taken(w, w.lines[i]!.targetG);
  return w;
}
const had = (w: Weighing, material: string) =>
  w.lines.filter((l) => l.material === material).reduce((sum, l) => sum + (l.actualG ?? 0), 0);

test('line by line, and back', () => {
  const one = taken(begun(), 40);
  expect(nextLine(one)).toBe(1);
  expect(weighedG(one)).toBe(40);
  expect(takenBack(one)).toEqual(begun());
  expect(takenBack(begun())).toEqual(begun());
  const all = finished(begun());
  expect(nextLine(all)).toBe(-1);
  expect(weighedG(all)).toBe(126);
});

// Worked by hand: 44 of 40 g paint are a tenth too much, so everything grows by a tenth.
test('the first poured over: the rest grows with it', () => {
  const { weighing, wholeG: whole, moreG } = rescued(taken(begun(), 44), 1);
  expect(weighing.lines.map((l) => l.targetG)).toEqual([40, 88, 7, 0.1 * 1.1]);
  expect(whole).toBe(139);
  expect(moreG).toBe(13);
  expect(weighing.lines.at(-1)?.drops).toBe(3);
});

test('a later one poured over: more of what is in already is asked for, oil stays last', () => {
  const { weighing } = rescued(taken(taken(begun(), 40), 100), 1);
  expect(weighing.lines.map((l) => [l.material, l.targetG, l.more === true])).toEqual([
    ['paint', 40, false],
    ['medium', 80, false],
    ['paint', 10, true],
    ['water', 8, false],
    ['silicone', 0.1 * 1.25, false],
  ]);
  expect(weighing.lines.at(-1)?.drops).toBe(4);
  expect(nextLine(weighing)).toBe(2);
});

test('over is more than two in a hundred and more than the scale can tell', () => {
  const [paint] = begun().lines;
  expect(isOver(paint!, 41, 1)).toBe(false);
  expect(isOver(paint!, 42, 1)).toBe(true);
  expect(isOver(paint!, 40.9, 0.1)).toBe(true);
  expect(isOver(paint!, 30, 1)).toBe(false);
  expect(isOver(begun().lines[3]!, 99, 1)).toBe(false);
});

test('whatever is poured over, how often, every ratio holds to the step in the end', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 5, max: 300 }), { minLength: 2, maxLength: 5 }),
      fc.array(between(0.97, 1.6), { minLength: 5, maxLength: 5 }),
      fc.constantFrom(0.1, 1),
      (grams, pours, stepG) => {
        let w = beginWeighing(
          'm',
          grams.map((g, i) => step(`i${i}`, g)),
        );
        for (const pour of pours) {
          const at = nextLine(w);
          if (at < 0) break;
          const line = w.lines[at]!;
          const g = Math.round((line.targetG * pour) / stepG) * stepG;
          w = taken(w, g);
          if (isOver(line, g, stepG)) w = rescued(w, stepG).weighing;
        }
        w = finished(w);
        grams.forEach((g, i) => {
          const due = g * w.scale;
          // What is not poured over may still be a step or two in a hundred off, and short pours are left as they are.
          expect(had(w, `i${i}`)).toBeLessThanOrEqual(due + 2 * stepG + 0.03 * due);
          expect(had(w, `i${i}`)).toBeGreaterThan(due * 0.96 - 2 * stepG);
        });
        expect(weighedG(w)).toBeCloseTo(wholeG(w), 6);
      },
    ),
    { numRuns: 300 },
  );
});
