import fc from 'fast-check';
import { ringsOf } from './rings';

test('from every part the next ring and the one before are where a walk finds them', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 1, maxLength: 60 }),
      (parts) => {
        const { at, next, before } = ringsOf(Uint8Array.from(parts));
        parts.forEach((part, i) => {
          const after = parts.findIndex((p, j) => j > i && p !== part);
          const ahead = parts.map((p, j) => j < i && p !== part).lastIndexOf(true);
          expect([at[i], next[i], before[i]]).toEqual([
            part,
            after < 0 ? parts.length : after,
            ahead,
          ]);
        });
      },
    ),
  );
});
