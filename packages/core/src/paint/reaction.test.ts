import { reactionOf } from './reaction';
import type { Reaction } from './reaction-schema';

const paint = (id: string) => ({ kind: 'paint', id, name: id }) as const;
const maker = (name: string) => ({ kind: 'maker', name }) as const;
const noted = (a: Reaction['a'], b: Reaction['b']): Reaction => ({
  id: 'reaction-1',
  on: '2026-11-20',
  a,
  b,
  what: 'lumpy',
});
const MAKERS = { red: 'Barn shelf ', green: 'Mill Lane', blue: 'mill lane' };
const found = (r: Reaction, a: string, b: string) => reactionOf([r], MAKERS, a, b) !== undefined;

test('paint with paint, either way round', () => {
  const r = noted(paint('red'), paint('green'));
  expect([found(r, 'red', 'green'), found(r, 'green', 'red'), found(r, 'red', 'blue')]).toEqual([
    true,
    true,
    false,
  ]);
});

test('make with make takes in every paint of both, however it was typed', () => {
  const r = noted(maker('barn shelf'), maker('Mill lane'));
  expect(found(r, 'blue', 'red')).toBe(true);
  expect(found(r, 'blue', 'green')).toBe(false);
  expect(found(r, 'red', 'unknown')).toBe(false);
});

test('a paint with a make', () => {
  const r = noted(paint('red'), maker('Mill Lane'));
  expect([found(r, 'green', 'red'), found(r, 'green', 'blue')]).toEqual([true, false]);
});
