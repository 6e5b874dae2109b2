import fc from 'fast-check';
import type { Tiles } from '../reading';
import { flatPatchesOf } from './flat-patches';

const [ACROSS, DOWN] = [9, 7];

test('a patch is what a square of its side, calm all over, can be laid on', () =>
  fc.assert(
    fc.property(
      fc.uint8Array({ min: 0, max: 1, minLength: ACROSS * DOWN, maxLength: ACROSS * DOWN }),
      fc.integer({ min: 1, max: 3 }),
      (calm, side) => {
        const told = flatPatchesOf(calm, { across: ACROSS, down: DOWN, mm: 1 } as Tiles, side);
        const wanted = new Uint8Array(ACROSS * DOWN);
        for (let y = 0; y + side <= DOWN; y++)
          for (let x = 0; x + side <= ACROSS; x++) {
            const own = Array.from(
              { length: side * side },
              (_, k) => (y + Math.floor(k / side)) * ACROSS + x + (k % side),
            );
            if (own.every((i) => calm[i])) own.forEach((i) => (wanted[i] = 1));
          }
        expect([...told]).toEqual([...wanted]);
      },
    ),
  ));
