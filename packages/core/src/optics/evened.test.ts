import fc from 'fast-check';
import { between } from '../between.test-data';
import { evened, meanColour } from './evened';
import { hexToLinear, linearToHex, type Rgb } from './srgb';

// Closed form: light × reflectance, channel by channel, is undone by a thing of known reflectance in the same light.
test('what a lamp did to a colour is undone by a grey card beside it', () =>
  fc.assert(
    fc.property(
      fc.tuple(...[0, 1, 2].map(() => between(0.5, 1.15))),
      fc.tuple(...[0, 1, 2].map(() => between(0.05, 0.8))),
      (light, own) => {
        const under = (r: readonly number[]) =>
          linearToHex(r.map((v, c) => v * light[c]!) as unknown as Rgb);
        const seen = hexToLinear(evened(under(own), under([0.18, 0.18, 0.18]), 'grey-card'));
        // Eight bits a channel, twice.
        own.forEach((v, c) => expect(Math.abs(seen[c]! - v)).toBeLessThan(0.025));
      },
    ),
  ));

test('something grey takes the cast and leaves the light; grey of itself changes nothing', () => {
  expect(evened('#d8a526', '#808080', 'neutral')).toBe('#d8a526');
  const [r, g, b] = hexToLinear(evened('#a09070', '#a09070', 'neutral'));
  expect(r).toBeCloseTo(g!, 2);
  expect(g).toBeCloseTo(b!, 2);
});

test('paper comes out as light as paper; nothing leaves what a screen can show', () => {
  expect(hexToLinear(evened('#9c9478', '#9c9478', 'white-paper'))[1]).toBeCloseTo(0.85, 1);
  expect(evened('#ffffff', '#000000', 'white-paper')).toBe('#ffffff');
});

test('the mean of pixels is one of light, not of digits; what is see-through does not count', () => {
  // Half black, half white is 0.5 of the light: #bcbcbc.
  expect(meanColour(Uint8ClampedArray.of(0, 0, 0, 255, 255, 255, 255, 255))).toBe('#bcbcbc');
  expect(meanColour(Uint8ClampedArray.of(216, 165, 38, 255, 0, 0, 0, 0))).toBe('#d8a526');
  expect(meanColour(new Uint8ClampedArray())).toBe('#808080');
});
