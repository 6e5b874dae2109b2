import type { Rgb } from './srgb';

const RAD = Math.PI / 180;
const POW25_7 = 25 ** 7;

/** CIEDE2000 colour difference of two CIELAB colours, kL = kC = kH = 1 (Sharma, Wu and Dalal 2005). */
export function deltaE2000([L1, a1, b1]: Rgb, [L2, a2, b2]: Rgb): number {
  const cBar7 = seventh((Math.hypot(a1, b1) + Math.hypot(a2, b2)) / 2);
  const g = 0.5 * (1 - Math.sqrt(cBar7 / (cBar7 + POW25_7)));
  const ap1 = (1 + g) * a1;
  const ap2 = (1 + g) * a2;
  const C1 = Math.hypot(ap1, b1);
  const C2 = Math.hypot(ap2, b2);
  const h1 = hue(b1, ap1);
  const h2 = hue(b2, ap2);

  const dL = L2 - L1;
  const dC = C2 - C1;
  let dh = 0;
  let hSum = h1 + h2;
  if (C1 * C2 !== 0) {
    dh = h2 - h1;
    if (dh > 180) dh -= 360;
    else if (dh < -180) dh += 360;
    if (Math.abs(h1 - h2) > 180) hSum += hSum < 360 ? 360 : -360;
    hSum /= 2;
  }
  const dH = 2 * Math.sqrt(C1 * C2) * Math.sin((dh / 2) * RAD);
  const L = (L1 + L2) / 2;
  const C = (C1 + C2) / 2;
  const T =
    1 -
    0.17 * Math.cos((hSum - 30) * RAD) +
    0.24 * Math.cos(2 * hSum * RAD) +
    0.32 * Math.cos((3 * hSum + 6) * RAD) -
    0.2 * Math.cos((4 * hSum - 63) * RAD);
  const SL = 1 + (0.015 * (L - 50) ** 2) / Math.sqrt(20 + (L - 50) ** 2);
  const SC = 1 + 0.045 * C;
  const SH = 1 + 0.015 * C * T;
  const c7 = seventh(C);
  const RT =
    -2 *
    Math.sqrt(c7 / (c7 + POW25_7)) *
    Math.sin(60 * Math.exp(-(((hSum - 275) / 25) ** 2)) * RAD);
  const l = dL / SL;
  const c = dC / SC;
  const h = dH / SH;
  return Math.sqrt(l * l + c * c + h * h + RT * c * h);
}

/** Quicker than a power, which takes a good part of all this. */
function seventh(v: number): number {
  const v3 = v * v * v;
  return v3 * v3 * v;
}

function hue(b: number, a: number): number {
  if (a === 0 && b === 0) return 0;
  const h = Math.atan2(b, a) / RAD;
  return h < 0 ? h + 360 : h;
}
