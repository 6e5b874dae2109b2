import * as culori from 'culori';
import Color from 'colorjs.io';
import fc from 'fast-check';
import { deltaE2000 } from './delta-e';
import { hexToLab } from './lab';
import { hexToOklch, hueTurn, oklchToHex } from './oklch';

// Two general colour libraries, culori 4.0.2 and colorjs.io 0.7.1, as references.
const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const RUNS = { numRuns: 'POTTER_FULL' in globalThis ? 5000 : 300 };

test('Lab under D65 is theirs to 0.02, for colours at random', () =>
  fc.assert(
    fc.property(hex, (h) => {
      const mine = hexToLab(h);
      const theirs = culori.lab65(h)!;
      const others = new Color(h).to('lab-d65').coords;
      [theirs.l, theirs.a, theirs.b].forEach((v, i) =>
        expect(Math.abs(mine[i]! - v)).toBeLessThan(0.02),
      );
      others.forEach((v, i) => expect(Math.abs(mine[i]! - Number(v))).toBeLessThan(0.02));
    }),
    RUNS,
  ));

test('OKLCh is theirs, and the way back gives the colour again', () =>
  fc.assert(
    fc.property(hex, (h) => {
      const mine = hexToOklch(h);
      const theirs = culori.oklch(h)!;
      const others = new Color(h).to('oklch').coords;
      expect(mine.l).toBeCloseTo(theirs.l, 3);
      expect(mine.c).toBeCloseTo(theirs.c, 3);
      expect(mine.l).toBeCloseTo(Number(others[0]), 3);
      // The hue of a grey is noise.
      if (mine.c > 0.02) expect(hueTurn(mine.h, theirs.h!)).toBeLessThan(0.2);
      expect(deltaE2000(hexToLab(oklchToHex(mine)), hexToLab(h))).toBeLessThan(0.6);
    }),
    RUNS,
  ));

// colorjs.io computes CIEDE2000 in Lab under D50: it is handed our Lab figures as they are.
test('CIEDE2000 is that of the second library too', () =>
  fc.assert(
    fc.property(hex, hex, (a, b) => {
      const [labA, labB] = [hexToLab(a), hexToLab(b)];
      const as = (lab: typeof labA) => new Color('lab', [...lab]);
      // To 5e-6: a grey comes out of the transforms with a chroma of some 1e-7, and each library takes the hue of that in its own way.
      expect(deltaE2000(labA, labB)).toBeCloseTo(as(labA).deltaE2000(as(labB)), 5);
    }),
    RUNS,
  ));
