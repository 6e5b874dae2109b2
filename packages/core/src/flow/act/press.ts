import { fieldAt } from '../field-at';
import type { Site } from '../ground';
import { type AtOnce, backBy, reshape } from '../at-once';
import { type ActDefinition, shifted } from './define';

/** Something round pressed into the film and lifted: part of what lay under it goes out and lies in a rim round it. */
export interface Press {
  readonly kind: 'press';
  readonly atMm: readonly [number, number];
  /** Radius of what touches, mm. */
  readonly rMm: number;
  /** Share of the film that stays under it, the lowest, 0..1. */
  readonly leaves: number;
}

/** The rim reaches out to so many radii, and toward the edge of what touches less is pressed out, over this part of the radius. */
const RIM = 1.4;
const SOFT = 0.3;
/** Parts of the radius volumes are summed in. */
const RINGS = 64;

export const press: ActDefinition<Press, Float32Array> = {
  id: 'press',
  weight: () => 0,
  brings: () => [],
  key: (act) => act,
  strays: (act, { byMm }) => ({ ...act, atMm: shifted(act.atMm, byMm) }),
  *run(act, { kernel: { film }, site }) {
    const did = Float32Array.from(film.h);
    reshape(film, site, pressInto(did, site, act).after);
    yield { weight: 0, did };
  },
  back: (act, h, { site }) => backBy(pressInto(h, site, act).before),
};

/** What a press makes of a film; distances from its middle in its radii. */
function pressInto(h: Float32Array, site: Site, { atMm, rMm, leaves }: Press): AtOnce {
  const { cellMm, originMm, grid, inside } = site;
  const r = rMm / cellMm;
  const [cx, cy] = [(atMm[0] + originMm[0]) / cellMm, (atMm[1] + originMm[1]) / cellMm];
  const distance = (x: number, y: number) => Math.hypot(x - cx, y - cy) / r;
  const stays = (rho: number): number => {
    const t = Math.min(1, Math.max(0, (rho - 1 + SOFT) / SOFT));
    return leaves + (1 - leaves) * t * t * (3 - 2 * t);
  };
  // What is pressed out, summed outward from the middle, and the face the rim lies on, in cells.
  const out = new Float64Array(RINGS + 1);
  let rimCells = 0;
  for (let i = 0; i < h.length; i++) {
    const rho = distance((i % grid.nx) + 0.5, Math.floor(i / grid.nx) + 0.5);
    if (!inside[i] || rho >= RIM) continue;
    if (rho >= 1) rimCells++;
    else {
      const ring = Math.floor(rho * RINGS) + 1;
      out[ring] = out[ring]! + h[i]! * (1 - stays(rho));
    }
  }
  for (let n = 1; n <= RINGS; n++) out[n] = out[n]! + out[n - 1]!;
  const rim = rimCells > 0 ? out[RINGS]! / rimCells : 0;
  const share = (rho: number) => (rho * rho - 1) / (RIM * RIM - 1);
  /** The radius within which a share of what was pressed out lay. */
  const radiusOf = (part: number): number => {
    let n = 1;
    while (n < RINGS && out[n]! < part * out[RINGS]!) n++;
    const own = out[n]! - out[n - 1]!;
    return (n - 1 + (own > 0 ? (part * out[RINGS]! - out[n - 1]!) / own : 0.5)) / RINGS;
  };
  return {
    after: (x, y) => {
      const rho = distance(x, y);
      if (rho >= RIM) return undefined;
      const was = h[Math.floor(y) * grid.nx + Math.floor(x)]!;
      return rho < 1 ? was * stays(rho) : was + rim;
    },
    before: (x, y, z) => {
      const rho = distance(x, y);
      if (rho >= RIM) return undefined;
      if (rho < 1) return [x, y, z * stays(rho)];
      const own = fieldAt(h, site, x, y);
      const level = z * (own + rim);
      if (level <= own) return [x, y, own > 0 ? level / own : z];
      // Laid down from the middle outward, the lower first.
      const from = radiusOf(share(rho));
      const left = stays(from);
      return [
        cx + ((x - cx) * from) / rho,
        cy + ((y - cy) * from) / rho,
        left + (1 - left) * Math.min(1, (level - own) / rim),
      ];
    },
  };
}
