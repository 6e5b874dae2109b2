import { contours } from 'd3-contour';
import fc from 'fast-check';
import { patchesOf } from './patches';

const ACROSS = 9;
const DOWN = 7;
const picture = fc.uint8Array({
  min: 0,
  max: 2,
  minLength: ACROSS * DOWN,
  maxLength: ACROSS * DOWN,
});

test('squares that touch by a side are of one patch if and only if they are of one colour', () =>
  fc.assert(
    fc.property(picture, (labels) => {
      const { patches, patchOf } = patchesOf(labels, ACROSS, DOWN);
      for (let i = 0; i < labels.length; i++) {
        expect(patches[patchOf[i]!]!.label).toBe(labels[i]);
        if (i % ACROSS > 0) expect(patchOf[i] === patchOf[i - 1]).toBe(labels[i] === labels[i - 1]);
        if (i >= ACROSS)
          expect(patchOf[i] === patchOf[i - ACROSS]).toBe(labels[i] === labels[i - ACROSS]);
      }
    }),
  ));

test('a patch hangs together, and its box and size are those of its squares', () =>
  fc.assert(
    fc.property(picture, (labels) => {
      const { patches, patchOf } = patchesOf(labels, ACROSS, DOWN);
      for (const { id, size, left, right, top, bottom } of patches) {
        const own = [...patchOf.keys()].filter((i) => patchOf[i] === id);
        expect(own).toHaveLength(size);
        const [xs, ys] = [own.map((i) => i % ACROSS), own.map((i) => Math.floor(i / ACROSS))];
        expect([left, right, top, bottom]).toEqual([
          Math.min(...xs),
          Math.max(...xs),
          Math.min(...ys),
          Math.max(...ys),
        ]);
        // All of it is reached from its first square, by sides.
        const reached = new Set([own[0]!]);
        for (const i of reached)
          for (const [j, near] of [
            [i - 1, i % ACROSS > 0],
            [i + 1, i % ACROSS < ACROSS - 1],
            [i - ACROSS, true],
            [i + ACROSS, true],
          ] as const)
            if (near && patchOf[j] === id) reached.add(j);
        expect(reached.size).toBe(size);
      }
    }),
  ));

// d3-contour's marching squares part a picture by themselves as well.
test('there are as many patches of a colour as d3-contour has rims of it', () =>
  fc.assert(
    fc.property(picture, (labels) => {
      const { patches } = patchesOf(labels, ACROSS, DOWN);
      for (const colour of [0, 1, 2]) {
        const mask = Array.from(labels, (label) => (label === colour ? 1 : 0));
        const { coordinates } = contours().size([ACROSS, DOWN]).contour(mask, 0.5);
        expect(coordinates).toHaveLength(patches.filter(({ label }) => label === colour).length);
      }
    }),
  ));
