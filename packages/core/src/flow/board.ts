import type { Limb } from '../surface/shape/shape';

/** What holds paint back: a front on dry ground, a dry edge, and the part of that an edge holds once it is wet. */
export interface Holds {
  readonly frontMm: number;
  readonly edgeMm: number;
  readonly wetEdgeShare: number;
}

/** A surface as paint finds it, before any lies on it. */
export interface Board {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Outline as closed rings of x, y pairs, mm; inside by the even-odd rule, so holes are rings too. */
  readonly rings: readonly (readonly number[])[];
  /** Where tilts must carry paint to, mm. */
  readonly reachesMm: readonly (readonly [number, number])[];
  /** Parts that want paint of their own, such as strokes of letters: their names, and lines along their middles, mm. Absent where the face is one. */
  readonly limbs?: readonly Limb[];
  /** Height of a raised rim, mm: what stands higher runs over it. Absent where the edge is open. */
  readonly rimMm?: number;
  /** Of the film on it, what a raw ground holds fast, mm. Absent where it is sealed or primed. */
  readonly drinksMm?: number;
  /** Sides that are part of the piece: how far down, and what film stays on them. Absent where what runs over is lost. */
  readonly edge?: { readonly depthMm: number; readonly filmMm: number };
  /** What holds paint back, where it is not as usual. */
  readonly holds?: Holds;
  /** By what its unevenness is thrown. */
  readonly seed: number;
}
