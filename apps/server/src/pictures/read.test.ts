import { type Corners, type Place, squaredUp } from '@potter/core/photograph';
import { cannotTell, type CloseRead, growthOf, readClosely } from '@potter/core/reading';
import { handShot, type Shot } from '@potter/core/camera';
import { madePiece, type MadePiece } from '../../test/made-piece';
import { cornersOf, taken } from '../../test/taken';

/** What is read off a photograph is held against the piece it was taken of, by a camera that shares nothing with what reads. */
const FULL = 'POTTER_FULL' in globalThis;
const SIZE = [800, 600] as const;

/** A piece as it is photographed by a shot, squared up by its true corners. */
async function squaredOf(piece: MadePiece, shot: Shot) {
  const corners = cornersOf(piece, shot).map(([x, y]): Place => [x / SIZE[0], y / SIZE[1]]);
  const { width, height, pxPerMm } = piece;
  const photograph = await taken(piece, shot);
  return { ...squaredUp(photograph, corners as unknown as Corners, width, height)!, pxPerMm };
}

async function read(piece: MadePiece, shot: Shot) {
  const squared = await squaredOf(piece, shot);
  const told = readClosely(squared, piece.planned, { shiny: shot.gloss > 0 });
  const [upperLeft, upperRight] = cornersOf(piece, shot) as [Place, Place];
  const across = Math.hypot(upperRight[0] - upperLeft[0], upperRight[1] - upperLeft[1]);
  const taking = { burnt: squared.burnt, pxPerMm: (across * piece.pxPerMm) / piece.width };
  return { told, cannot: cannotTell(taking, told) };
}

const shotOf = (seed: number, piece: MadePiece): Shot =>
  handShot(3000 + seed, SIZE, piece, seed % 3 === 0 ? 0.3 : 0);

/** The n-th piece, photographed and read: several tests look at the same. */
const reading = new Map<number, ReturnType<typeof readNth>>();
const nth = (seed: number) => {
  const known = reading.get(seed) ?? readNth(seed);
  // The full run has hundreds of them.
  if (seed < 2) reading.set(seed, known);
  return known;
};
async function readNth(seed: number) {
  const piece = madePiece(seed);
  const shot = shotOf(seed, piece);
  return { piece, shot, ...(await read(piece, shot)) };
}

/** Everything of a reading that is too far off, in words. */
function wrong(told: CloseRead, piece: MadePiece): string[] {
  const cells = piece.cells.length;
  const sorted = [...piece.cells].sort((a, b) => a - b);
  const medianMm = (sorted[(cells - 1) >> 1]! + sorted[cells >> 1]!) / 2;
  const off: (readonly [string, number, number])[] = [
    ...piece.planned.map(
      ({ id }) => [`share ${id}`, told.shares[id]! - piece.shares[id]!, 0.03] as const,
    ),
    ['unplanned', told.unplanned - piece.unplanned, 0.03],
    ['mud', told.mud - piece.mud, 0.03],
    ['cells', told.cells.count - cells, Math.max(2, 0.1 * cells)],
    ['median', told.cells.medianMm / medianMm - 1, 0.1],
  ];
  return off.flatMap(([what, by, most]) =>
    Math.abs(by) > most ? [`${what} off by ${by.toFixed(3)}`] : [],
  );
}

test(
  'colours, blends nobody planned, mud and cells are read off made photographs as they are',
  async () => {
    const count = FULL ? 200 : 2;
    const faults: string[] = [];
    for (let seed = 0; seed < count; seed++) {
      const { piece, told, cannot } = await nth(seed);
      expect(cannot.nothing).toBe(false);
      for (const fault of wrong(told, piece)) faults.push(`seed ${seed}: ${fault}`);
    }
    // One in twenty may have something off.
    expect(faults.length <= count / 20 ? [] : faults).toEqual([]);
  },
  FULL ? 2_400_000 : 90_000,
);

test('what is too small or too blurred is not told', async () => {
  const { piece, shot, cannot } = await nth(1);
  expect(cannot).toEqual({ nothing: false, fine: true, says: [] });
  const blurred = await read(piece, { ...shot, blurPx: 7 });
  expect(blurred.cannot.fine).toBe(false);
  expect(blurred.cannot.says.join()).toMatch(/blurred/);
  const far = await read(piece, { ...shot, fills: 0.08 });
  expect(far.cannot.nothing).toBe(true);
  expect(far.cannot.says.join()).toMatch(/go nearer/);
}, 60_000);

test('a place that is put right puts its colour right: a paint that dried otherwise than planned', async () => {
  const piece = madePiece(2);
  const shot = shotOf(2, piece);
  // The plan has its first colour much lighter than it came out.
  const [first, ...others] = piece.planned;
  const misplanned: MadePiece = { ...piece, planned: [{ ...first!, hex: '#f2a0e0' }, ...others] };
  const { told } = await read(misplanned, shot);
  expect(Math.abs(told.shares.c0! - piece.shares.c0!)).toBeGreaterThan(0.05);
  const [r, g, b] = [1, 3, 5].map((at) => parseInt(first!.hex.slice(at, at + 2), 16));
  const pixel = piece.rgba.findIndex(
    (_, i) =>
      i % 4 === 0 &&
      [0, 12, 24, -12].every(
        (d) =>
          piece.rgba[i + d] === r && piece.rgba[i + d + 1] === g && piece.rgba[i + d + 2] === b,
      ),
  );
  const at = [
    (((pixel / 4) % piece.width) + 0.5) / piece.width,
    (Math.floor(pixel / 4 / piece.width) + 0.5) / piece.height,
  ] as const;
  const right = readClosely(await squaredOf(piece, shot), misplanned.planned, {
    told: [{ at, id: 'c0' }],
  });
  expect(Math.abs(right.shares.c0! - piece.shares.c0!)).toBeLessThan(0.03);
}, 60_000);

test(
  'between two photographs of a piece at rest the growth of its cells is told within 5 %',
  async () => {
    for (let seed = 0; seed < (FULL ? 40 : 1); seed++) {
      const later = madePiece(seed, { grown: 1.18 });
      const before = await nth(seed);
      const after = await read(later, shotOf(seed + 500, later));
      const { grown, pairs } = growthOf(before.told.cells.islands, after.told.cells.islands)!;
      // The smallest are lost where a photograph is blurred.
      expect(pairs).toBeGreaterThan(0.6 * before.piece.cells.length);
      expect(Math.abs(grown - 0.18)).toBeLessThan(0.05);
    }
  },
  FULL ? 900_000 : 60_000,
);
