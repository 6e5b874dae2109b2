import { outlineFrom } from '../surface/outline/from-drawing';
import { readSvg } from '../surface/outline/svg-file';
import { readPalette } from './palette';

// Files that once took minutes, or ran out of room: each is answered. None is timed; a test that never ends has failed.

test('two hundred thousand dashes are no palette', () => {
  expect(readPalette('-'.repeat(200_000)).faults).not.toEqual([]);
  expect(readPalette('--a '.repeat(50_000)).faults).not.toEqual([]);
  const bad = readPalette(`:root {\n${'  --a: blue;\n'.repeat(9000)}}`);
  expect(bad.faults).toHaveLength(40);
  expect(bad.faults[0]).toEqual({
    path: 'line 2',
    message: '--a must be a colour such as #d8a526; it is "blue"',
  });
  expect(bad.faults[39]!.path).toBe('line 41');
});

test('groups in groups are refused before they are followed', () => {
  const nested = (n: number) =>
    `<svg xmlns="http://www.w3.org/2000/svg">${'<g>'.repeat(n)}<path d="M0 0H90V90z"/>${'</g>'.repeat(n)}</svg>`;
  for (const n of [201, 3000, 100_000])
    expect(readSvg(nested(n))).toEqual({
      ok: false,
      fault: expect.stringMatching(/nested deeper than 200/),
    });
  expect(readSvg(nested(150)).ok).toBe(true);
  // A comment that talks of groups nests nothing.
  expect(readSvg(nested(2).replace('<g>', `<!-- ${'<g>'.repeat(500)} --><g>`)).ok).toBe(true);
});

test('a zigzag of thirty thousand corners is simplified or refused, with words how to mend it', () => {
  const corners = Array.from(
    { length: 30_000 },
    (_, i) => `${(i % 2) * 300} ${(i / 500).toFixed(4)}`,
  );
  const read = readSvg(
    `<svg xmlns="http://www.w3.org/2000/svg"><path d="M${corners.join('L')}z"/></svg>`,
  );
  const outline = read.ok ? outlineFrom(read.value.rings, 1) : read;
  expect(outline).toEqual({ ok: false, fault: expect.stringMatching(/points|crosses itself/) });
});
