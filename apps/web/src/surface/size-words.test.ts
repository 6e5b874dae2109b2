import { parseSize } from '@potter/core/quantity';
import { sizeWords } from './size-words';

test('a size is shown as it can be typed again', () => {
  for (const shape of [
    { kind: 'rect' as const, widthMm: 406.4, heightMm: 508 },
    { kind: 'round' as const, diameterMm: 300 },
  ]) {
    expect(parseSize(sizeWords(shape), 'cm')).toEqual({ ok: true, value: shape });
  }
});
