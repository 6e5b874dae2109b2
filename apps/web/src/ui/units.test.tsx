import { parseSize } from '@potter/core/quantity';
import { sizeWords } from './units';

test('a size is shown as it can be typed again, in the studio’s own unit', () => {
  const canvas = { kind: 'rect' as const, widthMm: 406.4, heightMm: 508 };
  expect(sizeWords(canvas, 'in')).toBe('16 x 20 in');
  for (const unit of ['cm', 'in'] as const) {
    expect(parseSize(sizeWords(canvas, unit), unit)).toEqual({ ok: true, value: canvas });
  }
  expect(sizeWords({ kind: 'round', diameterMm: 300 }, 'cm')).toBe('30 cm round');
});
