import { deltaE2000 } from '../optics/delta-e';
import { EVENERS } from '../optics/evened';
import { DRAWN_BLACK, DRAWN_WHITE, TEST_WHITE } from '../optics/film';
import { type Lab, xyzToLab } from '../optics/lab';
import { heldRatio } from '../optics/reserve';
import { classSeen } from '../optics/seen';
import { LINEAR, linearToHex, linearToXyz, type Rgb } from '../optics/srgb';
import type { OpacityClass } from '../paint/schema';
import { type Pixels, solve, through } from '../photograph';
import type { FoundField } from './find-fields';
import { type Area, BARE_BAR, BARE_PAPER, besideBar, BOXES, middleOf, overBar } from './layout';

/** What one box of a card showed. */
export interface BoxRead {
  /** Coats it was painted with. */
  readonly coats: number;
  /** ISO 6504-3: Y over black ÷ Y over white 0.80, 0..1; and how far off it may be, in 95 of 100 cases. */
  readonly contrastRatio: number;
  readonly within: number;
  /** As the eye judges the bar. */
  readonly class: OpacityClass;
  readonly besideHex: string;
  readonly overHex: string;
}

/** A field as it was read; a box nobody painted is left out. */
export interface FieldRead {
  readonly boxes: readonly BoxRead[];
  /** Why it could not be read, in words. */
  readonly fault?: string;
}

/** Reflectance of printed black: from memory, laser and ink print on plain paper 0.03 to 0.07; and of the paper. */
export const PRINT_BLACK = { usual: 0.05, least: 0.03, most: 0.07 } as const;
const PAPER = { usual: EVENERS['white-paper'].y, least: 0.8, most: 0.9 } as const;
/** Every so many mm an area is looked at. */
const STEP_MM = 0.3;
/** An area is parted in so many, to see how far they agree. */
const PARTS = 4;
/** A box that is so like bare paper, and bare bar, as shares of paper's light, is not painted. */
const UNPAINTED = 0.05;
/** Paper as bright as this, or with the bar no darker than this share of it, cannot be judged by. */
const BURNT = 0.97;
const FLAT = 0.6;
/** Paper that strays so far from the plane of all of it is painted over, or lies in a shadow; fewer clean places than this do not tell the light. */
const STRAYS = 0.05;
const FEWEST = 5;

/**
 * Reads every painted box of a field: its light evened by the bare paper, a plane in linear light; black and white tell the rest. What a film is over any
 * ground follows from what it is over two (Kubelka 1948: R = R0 + T²G / (1 − R0·G)), channel by channel.
 * @param black reflectance of the printed bar where it was measured; else it is told from the picture with care, and its range tells how far off the result may be
 */
export function readField(pixels: Pixels, field: FoundField, black?: number): FieldRead {
  const look = (area: Area) => areaOf(pixels, field, area);
  const papers = BARE_PAPER.map((area) => ({ at: middleOf(area), seen: look(area) }));
  if (papers.some(({ seen }) => seen === undefined))
    return { boxes: [], fault: 'Part of the card is outside the picture.' };
  if (papers.every(({ seen }) => Math.max(...seen!) > BURNT))
    return {
      boxes: [],
      fault: 'The paper is burnt out: take it with less light, or away from the lamp.',
    };
  const clean = evenOf(papers.map(({ at, seen }) => ({ at, seen: seen! })));
  if (!clean)
    return { boxes: [], fault: 'A shadow or a shine lies over the card: take it in even light.' };
  const planes = [0, 1, 2].map((c) =>
    planeOf(clean.map(({ at, seen }) => [at[0], at[1], seen[c]!] as const)),
  );
  /** As shares of what paper sends back there. */
  const evened = (area: Area): Rgb => {
    const [x, y] = middleOf(area);
    return look(area)!.map((seen, c) => seen / planes[c]!(x, y)) as unknown as Rgb;
  };
  const bar = evened(BARE_BAR);
  if (bar[1] > FLAT) return { boxes: [], fault: 'The bar is hardly darker than the paper.' };
  const usual: Card = { printed: black ?? printedOf(bar), paper: PAPER.usual };
  const boxes = BOXES.flatMap((box, i): BoxRead[] => {
    const beside = besideBar(box).flatMap(parted).map(evened);
    const over = parted(overBar(box)).map(evened);
    const [besideMean, overMean] = [meanOf(beside), meanOf(over)];
    const bare =
      besideMean.every((v) => Math.abs(v - 1) < UNPAINTED) &&
      overMean.every((v, c) => Math.abs(v - bar[c]!) < UNPAINTED);
    if (bare) return [];
    const by = (card: Card, b = besideMean, o = overMean) => filmOf(b, o, bar, card);
    const film = by(usual);
    const ratio = ratioOf(film);
    // Parts of the box by themselves tell how even the coat and the light are; the black how far off all of them may be.
    const parts = over.map((o, k) => ratioOf(by(usual, beside[k]!, o)));
    const spread = deviation(parts) / Math.sqrt(parts.length);
    // What is not known of print and paper lies within four deviations.
    const unknown = (least: Card, most: Card) =>
      Math.abs(ratioOf(by(most)) - ratioOf(by(least))) / 4;
    const printed =
      black === undefined
        ? unknown({ ...usual, printed: PRINT_BLACK.least }, { ...usual, printed: PRINT_BLACK.most })
        : 0;
    const papered = unknown({ ...usual, paper: PAPER.least }, { ...usual, paper: PAPER.most });
    const [white, dark] = [DRAWN_WHITE, DRAWN_BLACK].map((ground) => labOver(film, ground));
    return [
      {
        coats: i + 1,
        contrastRatio: heldRatio(ratio),
        within: Math.max(LEAST_WITHIN, 2 * Math.hypot(spread, printed, papered)),
        class: classSeen(deltaE2000(white!, dark!)),
        besideHex: linearToHex(overGround(film, usual.paper)),
        overHex: linearToHex(overGround(film, usual.printed)),
      },
    ];
  });
  return boxes.length > 0 ? { boxes } : { boxes, fault: 'Neither box is painted.' };
}

/** Nothing is read more closely than this: a camera's own curve is not known. */
const LEAST_WITHIN = 0.015;

interface Seen {
  readonly at: readonly [number, number];
  readonly seen: Rgb;
}

/** The places where paper is only paper, the most straying left out one by one; undefined where too few are left. */
function evenOf(papers: readonly Seen[]): readonly Seen[] | undefined {
  let left = papers;
  while (left.length >= FEWEST) {
    const plane = planeOf(left.map(({ at, seen }) => [at[0], at[1], seen[1]] as const));
    const strays = left.map(({ at, seen }) => Math.abs(seen[1] / plane(at[0], at[1]) - 1));
    const most = strays.indexOf(Math.max(...strays));
    if (strays[most]! <= STRAYS) return left;
    left = left.filter((_, i) => i !== most);
  }
  return undefined;
}

/** Mean linear light of an area, channel by channel; undefined where it reaches out of the picture. */
function areaOf(
  { width, height, rgba }: Pixels,
  field: FoundField,
  { x, y, wide, tall }: Area,
): Rgb | undefined {
  const sum = [0, 0, 0];
  let count = 0;
  for (let v = y + STEP_MM / 2; v < y + tall; v += STEP_MM)
    for (let u = x + STEP_MM / 2; u < x + wide; u += STEP_MM) {
      const [px, py] = through(field, [u, v]);
      const [i, j] = [Math.floor(px), Math.floor(py)];
      if (i < 0 || j < 0 || i >= width || j >= height) return undefined;
      count++;
      for (let c = 0; c < 3; c++) sum[c]! += LINEAR[rgba[4 * (j * width + i) + c]!]!;
    }
  return sum.map((all) => all / count) as unknown as Rgb;
}

/** An area in parts side by side. */
const parted = ({ x, y, wide, tall }: Area): Area[] =>
  Array.from({ length: PARTS }, (_, k) => ({
    x: x + (k * wide) / PARTS,
    y,
    wide: wide / PARTS,
    tall,
  }));

/** The plane that lies best through values at places, by least squares. */
function planeOf(
  values: readonly (readonly [x: number, y: number, value: number])[],
): (x: number, y: number) => number {
  const rows = [0, 1, 2].map((i) =>
    [0, 1, 2, 3].map((j) =>
      values.reduce((sum, [x, y, value]) => {
        const terms = [1, x, y, value];
        return sum + terms[i]! * terms[j]!;
      }, 0),
    ),
  );
  const [a, b, c] = solve(rows) ?? [meanOf(values.map((v) => [v[2], 0, 0]))[0], 0, 0];
  return (x, y) => a! + b! * x + c! * y;
}

const meanOf = (of: readonly Rgb[]): Rgb =>
  [0, 1, 2].map((c) => of.reduce((sum, rgb) => sum + rgb[c]!, 0) / of.length) as unknown as Rgb;

const deviation = (of: readonly number[]): number => {
  const mean = of.reduce((sum, v) => sum + v, 0) / of.length;
  return Math.sqrt(of.reduce((sum, v) => sum + (v - mean) ** 2, 0) / Math.max(1, of.length - 1));
};

/**
 * What the bar sends back where nobody measured it: between the usual, and what the picture shows of it, which flare of the lens makes paler and which has
 * to be what prints are.
 */
function printedOf(bar: Rgb): number {
  const shown = linearToXyz(bar)[1] * PAPER.usual;
  const { usual, least, most } = PRINT_BLACK;
  return (usual + Math.min(most, Math.max(least, shown))) / 2;
}

/** What a card's black and white send back. */
interface Card {
  readonly printed: number;
  readonly paper: number;
}

/** A film as what it is over nothing, and what it lets through twice, channel by channel. */
interface Film {
  readonly r0: Rgb;
  readonly t2: Rgb;
}

/** The film that looks so beside the bar and over it, as shares of what paper sends back; `bar` is how the bare bar looks. */
function filmOf(beside: Rgb, over: Rgb, bar: Rgb, { printed, paper }: Card): Film {
  // Flare of the lens adds the same to dark and pale: black and white are brought to what they are.
  const reflectance = (seen: number, c: number): number =>
    Math.min(
      0.99,
      Math.max(0.001, printed + ((seen - bar[c]!) / (1 - bar[c]!)) * (paper - printed)),
    );
  const r0: number[] = [];
  const t2: number[] = [];
  for (let c = 0; c < 3; c++) {
    const onPaper = reflectance(beside[c]!, c);
    const onBar = Math.min(onPaper, reflectance(over[c]!, c));
    // The more it sends back over nothing the more it does over the bar: halving finds it.
    let [low, high] = [0, onBar];
    for (let i = 0; i < 40; i++) {
      const r = (low + high) / 2;
      const through2 = ((onPaper - r) * (1 - r * paper)) / paper;
      if (r + (through2 * printed) / (1 - r * printed) < onBar) low = r;
      else high = r;
    }
    const r = (low + high) / 2;
    r0.push(r);
    t2.push(((onPaper - r) * (1 - r * paper)) / paper);
  }
  return { r0: r0 as unknown as Rgb, t2: t2 as unknown as Rgb };
}

const overGround = ({ r0, t2 }: Film, ground: number): Rgb =>
  r0.map((r, c) => r + (t2[c]! * ground) / (1 - r * ground)) as unknown as Rgb;

const ratioOf = (film: Film): number =>
  linearToXyz(overGround(film, 0))[1] / linearToXyz(overGround(film, TEST_WHITE))[1];

const labOver = (film: Film, ground: number): Lab =>
  xyzToLab(linearToXyz(overGround(film, ground)));
