import { fromLine } from '../surface/outline/from-line';
import { DRY_M } from './film';
import type { Pour } from './simulate';

/** How a part of a face came out that wants paint of its own, such as a stroke of a letter. */
export interface LimbTold {
  readonly name: string;
  /** Share of it that is wet, 0..1, and the mean film where it is, mm. */
  readonly coveredShare: number;
  readonly meanMm: number;
}

/** Every part of a face as it came out; each place belongs to the part whose middle line is nearest. None where the face is one. */
export function limbsTold({
  site: { grid, inside, cellMm, originMm },
  h,
  scene,
}: Pour): LimbTold[] {
  const { limbs = [] } = scene;
  if (limbs.length === 0) return [];
  const [cells, wet, sum] = [0, 1, 2].map(() => new Float64Array(limbs.length)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  for (let i = 0; i < h.length; i++) {
    if (!inside[i]) continue;
    const x = ((i % grid.nx) + 0.5) * cellMm - originMm[0];
    const y = (Math.floor(i / grid.nx) + 0.5) * cellMm - originMm[1];
    let own = 0;
    let least = Infinity;
    limbs.forEach(({ alongMm }, n) => {
      const far = fromLine(x, y, alongMm);
      if (far >= least) return;
      least = far;
      own = n;
    });
    cells[own]!++;
    if (h[i]! < DRY_M) continue;
    wet[own]!++;
    sum[own]! += h[i]!;
  }
  return limbs.map(({ name }, n) => ({
    name,
    coveredShare: cells[n]! > 0 ? wet[n]! / cells[n]! : 0,
    meanMm: wet[n]! > 0 ? (1000 * sum[n]!) / wet[n]! : 0,
  }));
}
