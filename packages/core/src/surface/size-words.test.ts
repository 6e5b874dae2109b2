import { parseSize } from '../quantity/parse';
import { sizeWords } from './size-words';

test('a size as one reads it', () => {
  expect(sizeWords({ kind: 'rect', widthMm: 500, heightMm: 400 }, 'cm')).toBe('50 × 40 cm');
  expect(sizeWords({ kind: 'round', diameterMm: 304.8 }, 'in')).toBe('12 in round');
});

test('a size as one types it reads back as itself', () => {
  const sides = { widthMm: 406.4, heightMm: 508 };
  for (const kind of ['rect', 'oval'] as const)
    for (const unit of ['cm', 'in'] as const)
      expect(parseSize(sizeWords({ kind, ...sides }, unit, ' x '), unit)).toEqual({
        ok: true,
        value: { kind, ...sides },
      });
});
