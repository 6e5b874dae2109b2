import { squaredUp, type Corners, type Place } from '@potter/core/photograph';
import { readClosely } from '@potter/core/reading';
import { handShot } from '../../../../scripts/camera';
import { madePiece } from '../../test/made-piece';
import { cornersOf, taken } from '../../test/taken';
const SIZE = [800, 600] as const;
const f = Number(process.argv[2] ?? 0), n = Number(process.argv[3] ?? 1);
let bad = 0;
for (let seed = f; seed < f + n; seed++) {
  const piece = madePiece(seed); const shot = handShot(3000 + seed, SIZE, piece, seed % 3 === 0 ? 0.3 : 0);
  const corners = cornersOf(piece, shot).map(([x, y]): Place => [x / SIZE[0], y / SIZE[1]]) as unknown as Corners;
  const sq = squaredUp(await taken(piece, shot), corners, piece.width, piece.height)!;
  const r = readClosely({ ...sq, pxPerMm: piece.pxPerMm }, piece.planned, { shiny: shot.gloss > 0 });
  const cells = piece.cells.length; const sorted = [...piece.cells].sort((a, b) => a - b); const med = (sorted[(cells - 1) >> 1]! + sorted[cells >> 1]!) / 2;
  const w: string[] = [];
  for (const { id } of piece.planned) if (Math.abs(r.shares[id]! - piece.shares[id]!) > 0.03) w.push(id + ' ' + (r.shares[id]! - piece.shares[id]!).toFixed(3));
  if (Math.abs(r.unplanned - piece.unplanned) > 0.03) w.push('unpl ' + (r.unplanned - piece.unplanned).toFixed(3));
  if (Math.abs(r.mud - piece.mud) > 0.03) w.push('mud ' + (r.mud - piece.mud).toFixed(3));
  if (Math.abs(r.cells.count - cells) > Math.max(2, 0.1 * cells)) w.push(`cells ${cells} ${r.cells.count}`);
  if (Math.abs(r.cells.medianMm / med - 1) > 0.1) w.push(`med ${med} ${r.cells.medianMm}`);
  if (w.length) { bad++; console.log(seed, 'gloss', shot.gloss, r.light.map((g) => g.toFixed(2)).join(' '), w.join('; ')); }
  if (n === 1) console.log(r.cells.islands.map((i) => `${i.atMm.map((v) => v.toFixed(0))}:${i.widthMm.toFixed(1)}/${i.of}`).join(' '), '\n', sorted.map((v) => v.toFixed(1)).join(' '));
}
console.log('bad', bad, 'of', n);
