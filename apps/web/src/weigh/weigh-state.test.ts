import type { ToWeigh } from '@potter/core/plan';
import { type Palette, rescue, START, take, undo, weighingOf } from './weigh-state';

const step = (material: string, g: number) => ({ material, g, ml: g, scaleReadsG: 0 });
const batches: ToWeigh[] = [
  { kind: 'mix', id: 'a', name: 'A', steps: [step('paint', 40), step('medium', 80)] },
  { kind: 'mix', id: 'b', name: 'B', steps: [step('paint', 10)] },
];
const [first, second] = batches as [ToWeigh, ToWeigh];
const begun: Palette = { ...START, waiting: false };

test('batch by batch, waiting for a cup between them', () => {
  const one = take(begun, first, 40);
  expect(one).toMatchObject({ at: 0, waiting: false });
  const two = take(one, first, 80);
  expect(two).toMatchObject({ at: 1, waiting: true });
  expect(take({ ...two, waiting: false }, second, 10)).toMatchObject({ at: 2, waiting: true });
});

test('an over-pour lets the rest grow', () => {
  const over = rescue(begun, first, 50, 1);
  expect(weighingOf(over, first).lines[1]?.targetG).toBe(100);
});

test('the last addition is taken back, of the batch before too', () => {
  const two = take(take(begun, first, 40), first, 81);
  const back = undo(two, batches);
  expect(back).toMatchObject({ at: 0, waiting: false });
  expect(weighingOf(back, first).lines.map((l) => l.actualG)).toEqual([40, undefined]);
  expect(undo(begun, batches)).toBe(begun);
});

test('a recipe changed before anything was in is weighed as it now is; once begun it stays', () => {
  const thicker: ToWeigh = { ...first, steps: [step('paint', 60), step('medium', 60)] };
  expect(weighingOf(begun, thicker).lines[0]?.targetG).toBe(60);
  expect(weighingOf(take(begun, first, 40), thicker).lines[0]?.targetG).toBe(40);
});
