import { along, alongInTime, apart, lengthOfLine, type Point } from '../../surface/path';
import { addFootprint, type Spot } from '../disc';
import { tilted } from '../grid';
import type { Site } from '../ground';
import { laminate, type Portion, portionMl, strataKey, thicknessOf, withMore } from '../lamination';
import { mouth } from '../mouth';
import { noise } from '../noise';
import { type ActDefinition, shiftedAll } from './define';

/** Paint arriving from above on a disc that may move. */
export interface Stream extends Portion {
  readonly kind: 'stream';
  /** Where it goes, followed evenly; or, where it is `timed`, from each of its places to the next in the same time. */
  readonly pathMm: readonly (readonly [number, number])[];
  readonly timed?: true;
  /** Radius of the disc at shares of its paint, 0..1, straight between them. */
  readonly radiusMm: readonly { readonly at: number; readonly mm: number }[];
  /** How far the disc strays from its path. */
  readonly strayMm: number;
  readonly s: number;
  /** Fills the film to the ground where it stands, as a cup turned over does; else it lies on what is there. */
  readonly core: boolean;
  /** It comes through so many openings alike, set evenly on a ring round its way; through one where it says nothing. */
  readonly openings?: { readonly n: number; readonly ringMm: number };
}

/**
 * How many of its radii a stream may move in one frame, and in one step of it; the frames it is poured in at the least. At twice as many a ribbon’s
 * layers come out rippled, frame by frame, though each has its volume.
 */
const RADII_PER_FRAME = 0.7;
/** A thread finer than the film's cells that lies on what is there is spread over some of them anyway: it may go so many in a frame. */
const THREAD_CELLS = 3;
const RADII_PER_STEP = 0.35;
const LEAST_FRAMES = 24;
/** The first frame of what lies on what is there is so small a part of it: the film is no measure yet, for a stream doubles it at once. */
const BEGINS = 200;

/**
 * A stream that fills the cells on its way so many times over, with so much film, m, has a disc at least so wide, cells: all of its paint comes out from
 * under it, and into a finer one nothing would find its way back, for the film knows no finer way. A thread that goes by is as fine as it is.
 */
const FILLS = 4;
const FILLED_M = 2e-3;
const LEAST_CELLS = 1;

/** Radius of a stream's disc, cells, at the least. */
function leastRadius(stream: Stream, { cellMm, grid }: Site): number {
  const cells = 1 + lengthOfLine(stream.pathMm) / cellMm;
  const eachM3 = (portionMl(stream) * 1e-6) / (stream.openings?.n ?? 1);
  return eachM3 > FILLS * cells * FILLED_M * grid.dx ** 2 ? LEAST_CELLS : 0;
}

/** How far it would go at its fastest all along, mm. */
function fastestMm({ pathMm, timed }: Stream): number {
  if (!timed) return lengthOfLine(pathMm);
  const steps = pathMm.slice(1).map((p, i) => apart(pathMm[i]!, p));
  return steps.reduce((most, step) => Math.max(most, step), 0) * steps.length;
}

/** Where a stream's discs are when a share of its paint has left, one for each opening. */
export function spotsOf(stream: Stream, site: Site, seed: number): (s: number) => readonly Spot[] {
  const at = (stream.timed ? alongInTime : along)(stream.pathMm);
  const { n, ringMm } = stream.openings ?? { n: 1, ringMm: 0 };
  const turned = ((stream.stackedDeg ?? 0) * Math.PI) / 180;
  const ring = Array.from({ length: n }, (_, k): Point => {
    const angle = (2 * Math.PI * k) / n;
    return [ringMm * Math.cos(angle), ringMm * Math.sin(angle)];
  });
  const least = leastRadius(stream, site);
  const stray = (s: number, axis: number) =>
    stream.strayMm * noise(4 * s, axis * 7.3, 0.5, seed + 23);
  return (s) => {
    const [x, y] = at(s);
    const r = Math.max(least, radius(stream, s) / site.cellMm);
    return ring.map(([dx, dy]) => ({
      x: (x + dx + stray(s, 1) + site.originMm[0]) / site.cellMm,
      y: (y + dy + stray(s, 2) + site.originMm[1]) / site.cellMm,
      r,
      s,
      turned,
    }));
  };
}

function radius({ radiusMm }: Stream, s: number): number {
  const next = radiusMm.findIndex((k) => k.at >= s);
  const [a, b] = [radiusMm[Math.max(0, next - 1)], radiusMm[next] ?? radiusMm[radiusMm.length - 1]];
  if (!a || !b) return 0;
  return b.at > a.at ? a.mm + ((b.mm - a.mm) * (s - a.at)) / (b.at - a.at) : b.mm;
}

/** Cells it may move in one frame. */
const perFrame = ({ core }: Stream, r: number): number =>
  core ? RADII_PER_FRAME * r : Math.max(RADII_PER_FRAME * r, THREAD_CELLS);

export const stream: ActDefinition<Stream> = {
  id: 'stream',
  weight: ({ s }) => s,
  brings: ({ strata, folds }) =>
    folds === undefined ? strata : strata.map(({ mix, ml }) => ({ mix, ml, folds })),
  key: (act) => ({ ...act, strata: strataKey(act) }),
  strays: (act, { byMm, slower, moreMl }) => ({
    ...act,
    pathMm: shiftedAll(act.pathMm, byMm),
    s: act.s * slower,
    strata: withMore(act.strata, moreMl),
  }),
  began: (act, { site, seed }) => {
    const { x, y } = spotsOf(act, site, seed)(0)[0]!;
    return [x, y];
  },
  span: (act, under) => {
    const { kernel, site, seed, source } = under;
    const wholeM3 = portionMl(act) * 1e-6;
    const rate = wholeM3 / act.s;
    const each = rate / (act.openings?.n ?? 1);
    const level = tilted(under.nu);
    const cellsPerS = fastestMm(act) / site.cellMm / act.s;
    under.laid(wholeM3);
    const nuAt = thicknessOf(act, under.nuOf);
    const spots = spotsOf(act, site, seed);
    const spotsAt = (t: number) => spots(t / act.s);
    const leaves = act.core
      ? mouth(
          kernel.film,
          { wholeM3, s: act.s, stands: lengthOfLine(act.pathMm) === 0, spots },
          () => under.lowerNu,
        )
      : undefined;
    const sweepsS = (t: number) => perFrame(act, spotsAt(t)[0]!.r) / Math.max(cellsPerS, 1e-9);
    let besideM3 = 0;
    return {
      s: act.s,
      felt: 1,
      driveAt: () => level,
      longestS: (t) =>
        Math.min(
          act.s / (t === 0 && !act.core ? BEGINS : LEAST_FRAMES),
          act.core ? sweepsS(t) : Infinity,
        ),
      pours: [
        {
          source,
          untilS: act.s,
          m3PerS: rate,
          core: act.core,
          nuAt: (t) => nuAt(t / act.s),
          sweepsS: act.core ? () => Infinity : sweepsS,
          leastSteps: (t, seconds) =>
            // One finer than a cell falls on whole ones.
            Math.ceil(
              (cellsPerS * seconds) / (RADII_PER_STEP * Math.max(1, spots(t / act.s)[0]!.r)),
            ),
          spotsAt: (t) => {
            const all = spotsAt(t);
            if (!leaves) return all;
            const left = leaves(t, all, besideM3);
            return all.map((spot, n) => ({ ...spot, ...left[n]! }));
          },
          feed: (t, seconds) => {
            for (const spot of spotsAt(t + seconds / 2)) {
              const missed = addFootprint(kernel.film.source, spot, site, each);
              under.missed(source, missed, each * seconds, spot);
              besideM3 += each * seconds * missed.reduce((sum, share) => sum + share, 0);
            }
          },
          peakM: (r, seconds) => (2 * each * seconds) / (Math.PI * (r * site.grid.dx) ** 2),
        },
      ],
    };
  },
  strata: laminate,
};
