// Draws the signs of the home screen: a core sample, as the favicon. Writes apps/web/public/icons: node scripts/icons.mjs
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { PNG } from 'pngjs';

const GROUND = [0xe9, 0xe9, 0xe9];
/** In 32nds of the side: left, top, right, bottom, colour. */
const BOXES = [
  [8, 3, 24, 29, [0x16, 0x16, 0x16]],
  [10, 3, 22, 9, [0x8c, 0x1d, 0x3c]],
  [10, 9, 22, 16, [0xd8, 0xa5, 0x26]],
  [10, 16, 22, 22, [0x3b, 0x46, 0x4e]],
  [10, 22, 22, 27, [0xec, 0xe5, 0xd6]],
];

/** @param {number} scale of the sample within the side: smaller where a system cuts the corners off */
function icon(side, scale) {
  const png = new PNG({ width: side, height: side });
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const at = (v) => 16 + (((v + 0.5) / side) * 32 - 16) / scale;
      const [u, v] = [at(x), at(y)];
      const box = BOXES.findLast(([l, t, r, b]) => u >= l && u < r && v >= t && v < b);
      const [red, green, blue] = box?.[4] ?? GROUND;
      png.data.set([red, green, blue, 255], 4 * (y * side + x));
    }
  return PNG.sync.write(png, { colorType: 2 });
}

const folder = join(import.meta.dirname, '../apps/web/public/icons');
mkdirSync(folder, { recursive: true });
for (const [name, side, scale] of [
  ['icon-180', 180, 1],
  ['icon-192', 192, 1],
  ['icon-512', 512, 1],
  ['icon-masked-512', 512, 0.7],
])
  writeFileSync(join(folder, `${name}.png`), icon(side, scale));
