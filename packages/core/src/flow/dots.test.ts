import { hexToLab } from '../optics/lab';
import { deltaE2000 } from '../optics/delta-e';
import { filmSpectrum } from '../optics/film';
import { paintOptics } from '../optics/reserve';
import { hexToSpectrum, spectrumToHex } from '../optics/spectrum';
import { type Dot, dotHighMm, dotMl, layDots } from './dots';

const SIDE = 60;
const inkOf = (hex: string, opacity: 'opaque' | 'transparent') => {
  const { q, s } = paintOptics({
    id: 'p',
    name: 'p',
    hex,
    opacity,
    body: 'soft',
    finish: 'satin',
  });
  return { q, s };
};
const INKS = { slate: inkOf('#3b464e', 'opaque'), plum: inkOf('#4a2146', 'transparent') };

/** A picture of one colour, a px a mm, with these dots on it. */
function laid(dots: readonly Dot[], ground = '#d8a526') {
  const rgba = new Uint8ClampedArray(SIDE * SIDE * 4);
  const rgb = [1, 3, 5].map((i) => parseInt(ground.slice(i, i + 2), 16));
  for (let i = 0; i < rgba.length; i += 4) rgba.set([...rgb, 255], i);
  layDots({ rgba, width: SIDE, height: SIDE, pxPerMm: 1 }, dots, { inks: INKS });
  return (x: number, y: number) =>
    `#${[0, 1, 2].map((c) => rgba[4 * (y * SIDE + x) + c]!.toString(16).padStart(2, '0')).join('')}`;
}

test('a dot holds what the cap of a ball does: π h (3r² + h²)/6, a half ball where it is as high as wide', () => {
  const [r, h] = [5, dotHighMm(5)];
  // The ball it is cut from: R = (r² + h²)/2h; the cap by its own formula, π h² (3R − h)/3.
  const ball = (r * r + h * h) / (2 * h);
  expect(dotMl(r)).toBeCloseTo((Math.PI * h * h * (3 * ball - h)) / 3 / 1000, 9);
  expect(dotMl(2 * r) / dotMl(r)).toBeCloseTo(8, 9);
});

test('an opaque dot has its mix’s colour in its middle and nothing beyond its rim; off the surface nothing is laid', () => {
  const at = laid([{ mix: 'slate', atMm: [30, 30], rMm: 8 }]);
  expect(deltaE2000(hexToLab(at(30, 30)), hexToLab('#3b464e'))).toBeLessThan(2);
  expect(at(30, 40)).toBe('#d8a526');
  expect(at(5, 5)).toBe('#d8a526');
});

test('through a transparent dot the ground shows as through a film as high (Kubelka 1948), within 3 ΔE00', () => {
  const tint = { q: Float64Array.from(INKS.plum.q), s: INKS.plum.s };
  for (const ground of ['#ece5d6', '#d8a526', '#3b464e']) {
    const at = laid([{ mix: 'plum', atMm: [30.5, 30.5], rMm: 3 }], ground);
    const film = filmSpectrum(tint, 1000 * dotHighMm(3), hexToSpectrum(ground));
    expect(deltaE2000(hexToLab(at(30, 30)), hexToLab(spectrumToHex(film)))).toBeLessThan(3);
  }
});

test('a petal is drawn out to its point, the later dot lies on the earlier', () => {
  const petal: Dot = { mix: 'slate', atMm: [20, 30], rMm: 5, pulledMm: [44, 30] };
  const at = laid([petal]);
  expect(at(32, 30)).not.toBe('#d8a526');
  expect(at(47, 30)).toBe('#d8a526');
  expect(at(12, 30)).toBe('#d8a526');
  // Narrower the farther out.
  const wide = (x: number) =>
    Array.from({ length: SIDE }, (_, y) => at(x, y)).filter((hex) => hex !== '#d8a526').length;
  expect(wide(26)).toBeGreaterThan(wide(38));
  const over = laid([petal, { mix: 'plum', atMm: [20, 30], rMm: 2 }]);
  expect(over(20, 30)).not.toBe(at(20, 30));
});
