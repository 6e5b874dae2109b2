import { arranged, ARRANGEMENTS, type Swatch } from './arrangement';

const swatch = (hex: string, reserve: number, densityGPerMl: number): Swatch => ({
  hex,
  reserve,
  densityGPerMl,
});
const WHITE = swatch('#f7f6f2', 2, 1.41);
const BLACK = swatch('#1a1a1c', 10, 1.06);
const RED = swatch('#c02020', 0.6, 1.1);
const BLUE = swatch('#2040c0', 0.2, 1.08);
const ALL = [BLUE, WHITE, RED, BLACK];

test.each([
  ['own', ALL],
  ['dark', [BLACK, BLUE, RED, WHITE]],
  ['wheel', [RED, BLUE, BLACK, WHITE]],
  ['covers', [BLACK, WHITE, RED, BLUE]],
  ['weight', [WHITE, RED, BLUE, BLACK]],
] as const)('%s', (id, expected) => expect(arranged(ALL, id)).toEqual(expected));

test('no way loses or doubles a swatch', () =>
  ARRANGEMENTS.forEach(({ id }) => expect(new Set(arranged(ALL, id))).toEqual(new Set(ALL))));
