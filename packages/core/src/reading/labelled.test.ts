import { differenceCiede2000, nearest } from 'culori';
import fc from 'fast-check';
import { hexToLab } from '../optics/lab';
import { labelled, PLANNED_WITHIN } from './labelled';
import { UNPLANNED } from './labels';
import { tilesOf } from './tiles';

const hex = fc
  .tuple(fc.nat(255), fc.nat(255), fc.nat(255))
  .map((rgb) => `#${rgb.map((v) => v.toString(16).padStart(2, '0')).join('')}`);

/** A step that colours are told apart by is so wide, ΔE00: nearer to the limit, or to another colour, than this, either may be said. */
const FINE = 1.6;

// culori's own nearest by its own CIEDE2000.
test('each colour is parted off as culori parts it: the nearest that was planned, or none within reach', () => {
  let near = 0;
  fc.assert(
    fc.property(fc.uniqueArray(hex, { minLength: 3, maxLength: 6 }), hex, (planned, seen) => {
      const [r, g, b] = [1, 3, 5].map((at) => parseInt(seen.slice(at, at + 2), 16));
      const rgba = new Uint8ClampedArray(4 * 36);
      for (let i = 0; i < 36; i++) rgba.set([r!, g!, b!, 255], 4 * i);
      const tiles = tilesOf({ width: 6, height: 6, rgba, pxPerMm: 2 });
      const said = labelled(
        tiles,
        planned.map((own, of) => ({ of, lab: hexToLab(own) })),
      )[14]!;
      const apart = differenceCiede2000();
      const [first, second] = nearest(planned, apart)(seen, 2);
      const off = apart(seen, first!);
      if (Math.abs(off - PLANNED_WITHIN) < FINE) return;
      if (off > PLANNED_WITHIN) expect(said).toBe(UNPLANNED);
      else if (apart(seen, second!) - off > FINE) {
        near++;
        expect(planned[said]).toBe(first);
      }
    }),
    { numRuns: 400 },
  );
  // The check says something only where some lay within reach.
  expect(near).toBeGreaterThan(40);
});
