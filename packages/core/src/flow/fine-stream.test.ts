import type { Stream } from './act/stream';
import { emptyBirths } from './births';
import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import { traceBirths } from './trace';

const [ACROSS, FROM_MM] = [25, 40];

/** How much of the middle of a piece came from each of the acts, and how much of that from the first half of its paint. */
function middleOf(what: Partial<Stream>, cells: number) {
  const stream = flipped([100, 100], 90, 6, {
    core: false,
    s: 12,
    radiusMm: [{ at: 0, mm: 2 }],
    ...what,
  });
  const { pour, kernel, site } = poured(
    scene([BASE, stream, { kind: 'rest', s: 20 }], { nu: 3e-4 }),
    cells,
  );
  const count = ACROSS * ACROSS;
  const births = emptyBirths(count);
  const place = (n: number, axis: 0 | 1) =>
    (FROM_MM + ((200 - 2 * FROM_MM) * (n + 0.5)) / ACROSS + site.originMm[axis]) / site.cellMm;
  endOf(
    traceBirths(
      pour,
      kernel,
      {
        index: Int32Array.from({ length: count }, (_, i) => i),
        x: Float32Array.from({ length: count }, (_, i) => place(i % ACROSS, 0)),
        y: Float32Array.from({ length: count }, (_, i) => place(Math.floor(i / ACROSS), 1)),
        z: new Float32Array(count).fill(1),
        count,
      },
      births,
    ),
  );
  let streamed = 0;
  let early = 0;
  for (let i = 0; i < count; i++) {
    if (births.source[i] !== 1) continue;
    streamed++;
    // What is lost on the way back is taken for its first paint.
    if (births.s[i]! < 0.5) early++;
  }
  return { streamed: streamed / count, early: early / streamed };
}

// A film that is looked at coarsely shows the same pour: what stands finer than its cells, wherever between them, is found on the way back.
test.each<[string, Partial<Stream>]>([
  ['in the middle of a cell', {}],
  ['in a corner of one', { pathMm: [[103, 97]] }],
  ['through five openings', { openings: { n: 5, ringMm: 17 } }],
])('a stream that stands %s, finer than it: a coarse film tells as a fine one', (_, what) => {
  const [coarse, fine] = [middleOf(what, 32), middleOf(what, 64)];
  // Of five that stand three cells apart a few still are lost between them.
  expect(Math.abs(coarse.streamed - fine.streamed)).toBeLessThan(0.05);
  expect(Math.abs(coarse.early - fine.early)).toBeLessThan(0.15);
});
