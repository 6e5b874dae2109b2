import { type ColourName, colourName } from './colour-name';
import { deltaE2000 } from './delta-e';
import { reflectanceOf } from './film';
import { xyzToLab } from './lab';
import { BANDS, WX, WY, WZ } from './observer';
import { oklch } from './oklch';
import { remember } from './remember';
import { qOf } from './reserve';
import type { Spectrum } from './spectrum';
import { linearToHex, type Rgb, xyzToLinear } from './srgb';

/** How two colours get on where they touch in a pour. */
export interface Neighbours {
  /** 0..1, higher is better: contrast that survives the blend. */
  readonly score: number;
  /** 0..1, how far the blend dulls into brown, olive, grey or black. */
  readonly mud: number;
  readonly deltaE: number;
  readonly verdict: 'merge' | 'mud' | 'dulls' | 'low' | 'clean';
  /** Colour the blend makes that is neither parent's, e.g. pink of red and white. */
  readonly makes?: ColourName;
  /** Colour in the middle of the blend. */
  readonly blendHex: string;
}

const DIRTY: readonly ColourName[] = ['brown', 'olive', 'grey', 'black'];
const NEUTRAL: readonly ColourName[] = ['white', 'grey', 'black'];
/** What a colour goes by too: a dark green that is named teal makes no green with gold. */
const ALSO: Readonly<Partial<Record<ColourName, readonly ColourName[]>>> = {
  teal: ['green'],
  green: ['teal'],
};
const STEPS = 9;

/** Pairs kept at hand: all of a palette of a hundred colours. */
const known = remember<Neighbours>(8192);

/**
 * Judges a pair by nine blends between their masstones, weighted so that a strong dark does not swamp the
 * path. The same whichever comes first. Limits are estimates tuned on the pigment table; docs/science.md "Neighbours".
 */
export function neighbours(hexA: string, hexB: string): Neighbours {
  const [first, second] = hexA <= hexB ? [hexA, hexB] : [hexB, hexA];
  return known(`${first}${second}`, () => judge(first, second));
}

function judge(hexA: string, hexB: string): Neighbours {
  const qA = qOf(hexA);
  const qB = qOf(hexB);
  const gA = strength(qA);
  const gB = strength(qB);
  const a = look(qA, gA, qB, gB, 0);
  const b = look(qA, gA, qB, gB, 1);
  const path = Array.from({ length: STEPS }, (_, j) => look(qA, gA, qB, gB, (j + 1) / (STEPS + 1)));

  const deltaE = deltaE2000(a.lab, b.lab);
  const contrast = Math.min(1, Math.max(0, (deltaE - 5) / 35));
  const chromatic = a.chroma >= 0.05 && b.chroma >= 0.05;
  const lost = chromatic
    ? Math.max(0, 1 - Math.min(...path.map((p) => p.chroma)) / Math.min(a.chroma, b.chroma))
    : 0;
  const counts =
    NEUTRAL.includes(a.name) || NEUTRAL.includes(b.name)
      ? (['brown', 'olive'] as ColourName[])
      : DIRTY;
  const dirty =
    path.filter((p) => counts.includes(p.name) && p.name !== a.name && p.name !== b.name).length /
    STEPS;
  const mud = Math.min(1, 0.6 * lost * (dirty > 0 ? 1 : 0.4) + 0.8 * dirty);
  const known = [a.name, b.name].flatMap((name) => [name, ...(ALSO[name] ?? [])]);
  const makes = mostMade(path.map((p) => p.name).filter((n) => !known.includes(n)));
  return {
    score: contrast * (1 - mud),
    mud,
    deltaE,
    verdict:
      deltaE < 10
        ? 'merge'
        : mud >= 0.5
          ? 'mud'
          : mud >= 0.25
            ? 'dulls'
            : deltaE < 20
              ? 'low'
              : 'clean',
    ...(makes ? { makes } : {}),
    blendHex: path[(STEPS - 1) / 2]?.hex ?? hexA,
  };
}

/** Looks at the blend of two colours, share `w` of the second. */
function look(qA: Spectrum, gA: number, qB: Spectrum, gB: number, w: number) {
  const a = (1 - w) / gA / ((1 - w) / gA + w / gB);
  let x = 0;
  let y = 0;
  let z = 0;
  for (let i = 0; i < BANDS; i++) {
    const r = reflectanceOf(a * qA[i]! + (1 - a) * qB[i]!);
    x += WX[i]! * r;
    y += WY[i]! * r;
    z += WZ[i]! * r;
  }
  const xyz: Rgb = [x, y, z];
  const linear: Rgb = xyzToLinear(xyz);
  return {
    lab: xyzToLab(xyz),
    name: colourName(linear),
    chroma: oklch(linear).c,
    hex: linearToHex(linear),
  };
}

/** Mean of √q: divides out how strongly a colour pulls, so that the path runs evenly between the two. */
function strength(q: Spectrum): number {
  let sum = 0;
  for (const v of q) sum += Math.sqrt(v);
  return sum / BANDS;
}

/** The name that comes up most, if on two points or more. */
function mostMade(names: readonly ColourName[]): ColourName | undefined {
  let best: ColourName | undefined;
  let most = 1;
  for (const name of new Set(names)) {
    const count = names.filter((n) => n === name).length;
    if (count > most) [best, most] = [name, count];
  }
  return best;
}
