import { islandAt, type Island, toldCells } from '.';

const cell = (x: number, y: number, widthMm: number): Island => ({ atMm: [x, y], widthMm, of: 1 });
const FOUND = [cell(20, 20, 6), cell(20, 20, 14), cell(60, 30, 4)];
const SIZE = [100, 50] as const;
const told = (...said: Parameters<typeof toldCells>[1]) => toldCells(FOUND, said, SIZE, () => 2);

test('the narrowest cell a finger is on, give or take a millimetre', () => {
  expect(islandAt(FOUND, [21, 20])).toBe(FOUND[0]);
  expect(islandAt(FOUND, [26, 20])).toBe(FOUND[1]);
  expect(islandAt(FOUND, [62.9, 30])).toBe(FOUND[2]);
  expect(islandAt(FOUND, [63.1, 30])).toBeUndefined();
});

test('what is told none is taken out, and only that', () => {
  expect(told({ at: [0.6, 0.6] })).toEqual(FOUND.slice(0, 2));
  expect(told({ at: [0.2, 0.4] })).toEqual(FOUND.slice(1));
  expect(told({ at: [0.9, 0.9] })).toEqual(FOUND);
});

test('what is told to be one is there, of the colour that is there; told anew it has its new width', () => {
  expect(told({ at: [0.9, 0.9], widthMm: 8 }).at(-1)).toEqual({
    atMm: [90, 45],
    widthMm: 8,
    of: 2,
  });
  expect(told({ at: [0.6, 0.6], widthMm: 7 })).toEqual([
    ...FOUND.slice(0, 2),
    { atMm: [60, 30], widthMm: 7, of: 2 },
  ]);
  expect(told({ at: [0.9, 0.9], widthMm: 8 }, { at: [0.9, 0.9] })).toEqual(FOUND);
});
