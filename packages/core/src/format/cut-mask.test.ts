import type { Cut } from '../cut';
import { cutMask, cutPath } from './cut-mask';
import { templateSvg } from './template';

const cut: Cut = {
  xMm: 20,
  yMm: 30,
  widthMm: 40,
  heightMm: 60,
  turned: false,
  score: 1,
  lively: 1,
  contrast: 1,
  calm: 0.2,
  veinMm: 0,
  patch: 0,
};
const face = { widthMm: 300, heightMm: 200, path: 'M0 0H300V200H0Z' };

test('a mask is as large as the piece, with each cut where it lies, numbered', () => {
  const mask = cutMask('Moon', face, 'rect', [cut, { ...cut, xMm: 120 }]);
  expect([mask.widthMm, mask.heightMm]).toEqual([300, 200]);
  expect(mask.lines.map(({ d, guide }) => [d, guide])).toEqual([
    [face.path, true],
    ['M20 30H60V90H20Z', false],
    ['M120 30H160V90H120Z', false],
  ]);
  expect(mask.labels.map(({ text, x, y }) => [text, x, y])).toEqual([
    ['1', 39, 62],
    ['2', 139, 62],
  ]);
  // 2 mm of room on either side.
  expect(templateSvg(mask)).toContain('width="304mm"');
});

test('an oval touches its box in the middle of each side', () => {
  expect(cutPath('oval', cut)).toBe('M20 60A20 30 0 0 1 60 60A20 30 0 0 1 20 60Z');
});
