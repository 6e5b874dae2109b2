import type { Film } from './film';
import { type Site, wetted } from './ground';
import type { Board } from './board';

/** What went over the edge in one frame, by entries of `Site.brink`: what stays on the side there, and what runs off, m³. */
export interface Over {
  readonly at: Int32Array;
  readonly sideM3: Float32Array;
  readonly offM3: Float32Array;
}

/** The margin of a pour under way: everything that leaves the face passes it, and is counted here. */
export interface Margin {
  /** Takes up what ran over since it was last asked, and remembers that the edge is wet there. */
  readonly collect: () => void;
  /** What was taken up since this was last asked. */
  readonly frame: () => Over | undefined;
  /** Paint put on the sides, all round alike, m³; they hold that much less of what runs down. */
  readonly wetSides: (m3: number) => void;
  /** Takes off the sides all but a share of what they hold, all round alike; returns what went, m³. They catch again as much as that. */
  readonly scrapeSides: (keeps: number) => number;
  /** What has run off each of `SIDES`, and what the sides have caught or been given, m³. */
  readonly offM3: () => readonly [number, number, number, number];
  readonly sidesM3: () => number;
}

/** Sides hold a film as far down as they go, evenly all round; what comes after that runs off. */
export function marginOf(
  { h, ground, grid }: Film,
  { brink, brinkSide, wetEdgeM, face }: Site,
  { edge }: Pick<Board, 'edge'>,
): Margin {
  const n = brink.length;
  const cellM2 = grid.dx * grid.dx;
  // 1 mm³ = 1e-9 m³.
  const mostM3 = edge && n > 0 ? (face.outlineMm * edge.depthMm * edge.filmMm * 1e-9) / n : 0;
  const held = new Float64Array(n);
  const side = new Float64Array(n);
  const off = new Float64Array(n);
  const offM3: [number, number, number, number] = [0, 0, 0, 0];
  let sidesM3 = 0;
  return {
    collect: () => {
      for (let k = 0; k < n; k++) {
        const i = brink[k]!;
        const over = h[i]!;
        if (over === 0) continue;
        h[i] = 0;
        ground[i] = wetted(ground[i]!, wetEdgeM);
        const m3 = over * cellM2;
        const stays = Math.min(m3, Math.max(0, mostM3 - held[k]!));
        held[k] = held[k]! + stays;
        sidesM3 += stays;
        side[k] = side[k]! + stays;
        off[k] = off[k]! + m3 - stays;
        offM3[brinkSide[k]!] = offM3[brinkSide[k]!]! + m3 - stays;
      }
    },
    frame: () => {
      const at: number[] = [];
      for (let k = 0; k < n; k++) if (side[k]! + off[k]! > 0) at.push(k);
      if (at.length === 0) return undefined;
      const over: Over = {
        at: Int32Array.from(at),
        sideM3: new Float32Array(at.length),
        offM3: new Float32Array(at.length),
      };
      for (let n = 0; n < at.length; n++) {
        over.sideM3[n] = side[at[n]!]!;
        over.offM3[n] = off[at[n]!]!;
      }
      side.fill(0);
      off.fill(0);
      return over;
    },
    wetSides: (m3) => {
      for (let k = 0; k < n; k++) held[k] = held[k]! + m3 / n;
      sidesM3 += m3;
    },
    scrapeSides: (keeps) => {
      for (let k = 0; k < n; k++) held[k] = held[k]! * keeps;
      const went = sidesM3 * (1 - keeps);
      sidesM3 -= went;
      return went;
    },
    offM3: () => offM3,
    sidesM3: () => sidesM3,
  };
}
