import { BOXES, FIELD } from '@potter/core/card';
import { opacityCards, templateSvg } from '@potter/core/format';
import { filmReflectance, TEST_WHITE } from '@potter/core/optics';
import sharp from 'sharp';
import { chance, type Flat } from '@potter/core/camera';

/** Round a printed card there is so much paper, mm; it is cut there. */
const ROUND_MM = 2;
const PX_PER_MM = 5;
/** Of linear sRGB, ITU-R BT.709. */
const LUMINANCE = [0.2126, 0.7152, 0.0722] as const;

/** A made card: printed from its own drawing, and painted with films of which everything is known. */
export interface MadeCard extends Flat {
  /** By field, by coats. */
  readonly ratios: readonly (readonly number[])[];
}

const toByte = (v: number): number =>
  255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055);

export async function madeCard(seed: number, fields = 1): Promise<MadeCard> {
  const random = chance(seed * 53 + 11);
  const between = (a: number, b: number) => a + (b - a) * random();
  const [drawing] = opacityCards('Cards', ['Quince yellow', 'Slate', 'Oat milk'].slice(0, fields));
  const { data, info } = await sharp(Buffer.from(templateSvg(drawing!)), {
    density: 25.4 * PX_PER_MM,
  })
    .resize({ width: Math.round((FIELD.wide + 2 * ROUND_MM) * PX_PER_MM) })
    .flatten({ background: '#fff' })
    .raw()
    .toBuffer({ resolveWithObject: true });
  const { width, height, channels } = info;
  const black = between(0.03, 0.07);
  const paper = between(0.8, 0.9);
  const rgba = new Uint8ClampedArray(4 * width * height);
  const linear = new Float64Array(3 * width * height);
  for (let i = 0; i < width * height; i++)
    for (let c = 0; c < 3; c++)
      linear[3 * i + c] = black + ((paper - black) * data[channels * i + c]!) / 255;
  const ratios = Array.from({ length: fields }, (_, field) => {
    const colour = [between(0.03, 0.9), between(0.03, 0.9), between(0.03, 0.9)];
    const sx = Math.exp(between(Math.log(0.15), Math.log(6)));
    return BOXES.map((box, b) => {
      const film = (ground: number, c: number, thick = 1) => {
        const q = (1 - colour[c]!) ** 2 / (2 * colour[c]!);
        return filmReflectance(q, 1, sx * (b + 1) * thick, ground);
      };
      const top = field * (FIELD.tall + 6);
      for (let y = 0; y < height; y++)
        for (let x = 0; x < width; x++) {
          const [mx, my] = [
            x / PX_PER_MM - ROUND_MM - box.x,
            y / PX_PER_MM - ROUND_MM - top - box.y,
          ];
          // A brush goes over the line here and there, and lays on a little more and less.
          const rim = 0.8 * Math.sin(my * 1.3 + seed) + 0.6 * Math.sin(mx * 0.9);
          if (
            mx < 1 + rim * 0.6 ||
            mx > box.wide - 1 + rim ||
            my < 1 - rim ||
            my > box.tall - 1 + rim
          )
            continue;
          const thick = 1 + 0.05 * Math.sin(2.1 * my + 0.3 * mx);
          for (let c = 0; c < 3; c++) {
            const i = 3 * (y * width + x) + c;
            linear[i] = film(linear[i]!, c, thick);
          }
        }
      const y = (ground: number) => LUMINANCE.reduce((sum, w, c) => sum + w * film(ground, c), 0);
      return y(0) / y(TEST_WHITE);
    });
  });
  for (let i = 0; i < width * height; i++) {
    for (let c = 0; c < 3; c++) rgba[4 * i + c] = toByte(linear[3 * i + c]!);
    rgba[4 * i + 3] = 255;
  }
  return { width, height, rgba, ratios };
}
