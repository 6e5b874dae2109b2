import { outlineFrom } from './from-drawing';
import { areaOf } from './measure';
import { MOST_SVG, readSvg } from './svg-file';

const svg = (inside: string, attributes = '') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inside}</svg>`;

const ringsOf = (text: string) => {
  const read = readSvg(text);
  if (!read.ok) throw new Error(read.fault);
  return read.value.rings;
};

test('basic shapes have their areas', () => {
  expect(areaOf(ringsOf(svg('<rect width="30" height="20"/>')))).toBeCloseTo(600, 6);
  expect(areaOf(ringsOf(svg('<circle cx="9" cy="9" r="100"/>'))) / (Math.PI * 1e4)).toBeCloseTo(
    1,
    3,
  );
  expect(areaOf(ringsOf(svg('<ellipse rx="40" ry="10"/>'))) / (Math.PI * 400)).toBeCloseTo(1, 2);
  expect(areaOf(ringsOf(svg('<polygon points="0,0 40,0 40,30"/>')))).toBeCloseTo(600, 6);
  // A rounded rectangle: w·h − (4 − π)·r².
  expect(areaOf(ringsOf(svg('<rect width="300" height="200" rx="40"/>')))).toBeCloseTo(
    60000 - (4 - Math.PI) * 1600,
    -2,
  );
});

test('a leaf of two curves, and a loop of one, enclose what they do', () => {
  // A cubic loop with handles a and b from one point has the area 3/20 · |a × b| (Green's theorem).
  expect(areaOf(ringsOf(svg('<path d="M0 0C300 200 -300 200 0 0Z"/>')))).toBeCloseTo(
    (3 / 20) * (300 * 200 + 300 * 200),
    -2,
  );
  expect(
    ringsOf(svg('<path d="M10 120C60 10 220 0 290 110C230 230 70 240 10 120Z"/>')),
  ).toHaveLength(1);
});

test('transforms of groups are gone through from the inside', () => {
  const [ring] = ringsOf(
    svg('<g transform="translate(100 0)"><rect transform="scale(2)" width="5" height="5"/></g>'),
  );
  expect(ring).toEqual([100, 0, 110, 0, 110, 10, 100, 10]);
});

test('what is not drawn is left out, what is drawn twice is one', () => {
  expect(
    ringsOf(svg('<defs><rect width="9" height="9"/></defs><rect width="5" height="5"/>')),
  ).toHaveLength(1);
  expect(ringsOf(svg('<rect width="5" height="5"/><path d="M0 0h5v5h-5z"/>'))).toHaveLength(1);
  expect(
    ringsOf(svg('<rect width="5" height="5"/><rect style="display:none" width="7" height="7"/>')),
  ).toHaveLength(1);
});

test('a file that gives its width in millimetres says how long its unit is', () => {
  const read = readSvg(
    svg('<rect width="50" height="50"/>', 'width="200mm" viewBox="0 0 100 100"'),
  );
  expect(read).toMatchObject({ ok: true, value: { mmPerUnit: 2 } });
  expect(
    readSvg(svg('<rect width="5" height="5"/>', 'width="200" viewBox="0 0 100 100"')),
  ).toMatchObject({
    ok: true,
    value: expect.not.objectContaining({ mmPerUnit: expect.anything() }),
  });
});

test.each([
  ['no XML', 'hello', /no sound SVG/],
  ['not closed', '<svg><path d="M0 0h5v5z">', /no sound SVG/],
  ['another kind of file', '<html><body/></html>', /begins with <html>/],
  ['a script', svg('\n<script>alert(1)</script>'), /a script in line 2/],
  ['a script in defs', svg('<defs><script/></defs><rect width="5" height="5"/>'), /a script/],
  ['an event', svg('<rect width="5" height="5" onload="x()"/>'), /script \(onload\)/],
  ['an image', svg('<image href="x.png"/>'), /an image/],
  ['a clone', svg('<use href="#a"/>'), /clone/],
  [
    'an outer reference',
    svg('<rect width="5" height="5" fill="url(https://example.org/a#b)"/>'),
    /outside it/,
  ],
  ['a link', svg('<g xlink:href="http://example.org/"/>', 'xmlns:xlink="x"'), /outside it/],
  [
    'an import',
    svg('<style>@import url(x.css);</style><rect width="5" height="5"/>'),
    /style sheet/,
  ],
  [
    'an entity of its own',
    '<!DOCTYPE svg [<!ENTITY a "b">]><svg><title>&a;</title></svg>',
    /no sound SVG/,
  ],
  ['nothing drawn', svg('<text>Quince</text>'), /turned into paths/],
  ['a broken path', svg('<path d="M0 0 L oops"/>'), /line 1 cannot be read/],
  [
    'too many rings',
    svg(
      Array.from({ length: 300 }, (_, i) => `<rect x="${i * 9}" width="5" height="5"/>`).join(''),
    ),
    /300 separate outlines/,
  ],
  ['far too large', 'x'.repeat(MOST_SVG + 1), /too large/],
])('%s is refused in words', (_, text, fault) => {
  const read = readSvg(text);
  expect(read.ok).toBe(false);
  if (!read.ok) expect(read.fault).toMatch(fault);
});

test('a drawing of two megabytes becomes an outline a plan can hold, of the same area', () => {
  const n = 115_000;
  const points = Array.from({ length: n }, (_, i) => {
    const a = (i * 2 * Math.PI) / n;
    const r = 400 + 60 * Math.sin(9 * a);
    return `${(500 + r * Math.cos(a)).toFixed(4)},${(500 + r * Math.sin(a)).toFixed(4)}`;
  });
  const text = svg(`<polygon points="${points.join(' ')}"/>`);
  expect(text.length).toBeGreaterThan(2_000_000);
  const rings = ringsOf(text);
  const made = outlineFrom(rings, 0.3);
  expect(made.ok).toBe(true);
  if (!made.ok) return;
  expect(made.value.path.length).toBeLessThan(100_000);
  // ∫ r²/2 over the turn = π (400² + 60²/2).
  const { areaMm2 } =
    jest.requireActual<typeof import('../shape/outline')>('../shape/outline').outline;
  expect(areaMm2(made.value) / (Math.PI * (400 ** 2 + 60 ** 2 / 2) * 0.09)).toBeCloseTo(1, 3);
});
