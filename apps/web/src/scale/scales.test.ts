import type { ScaleSource } from './scale-source';
import { scaleOf } from './scales';

const at = { stepG: 1, seed: 1, heldG: 0 };

test('a typed reading is steady at once, and gone once it is taken back', () => {
  const scale = scaleOf('typed', at);
  const heard = jest.fn();
  const leave = scale.subscribe(heard);
  expect(scale.read()).toEqual({ kind: 'unread' });
  scale.enter!(41.5);
  expect(scale.read()).toEqual({ kind: 'weight', g: 41.5, steady: true });
  scale.enter!(undefined);
  expect(scale.read()).toEqual({ kind: 'unread' });
  expect(heard).toHaveBeenCalledTimes(2);
  leave();
  scale.enter!(1);
  expect(heard).toHaveBeenCalledTimes(2);
});

test.each([
  ['typed', ['enter']],
  ['grams', ['spout', 'tare']],
  ['tenths', ['spout', 'tare']],
] as const)('%s can do %s', (way, can) => {
  const scale: ScaleSource = scaleOf(way, at);
  expect((['enter', 'spout', 'tare'] as const).filter((act) => scale[act])).toEqual(can);
});

test('what is looked at again stays the same object until it changes, or the page would draw for ever', () => {
  for (const way of ['typed', 'grams'] as const) {
    const scale = scaleOf(way, at);
    expect(scale.read()).toBe(scale.read());
  }
});
