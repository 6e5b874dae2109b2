import { hexToLab, type Lab } from '../optics/lab';
import type { Rgb } from '../optics/srgb';
import { type Bands, bandsOf } from './bands';
import { isMud } from './blends';
import { calmOf } from './calm';
import { type CellTold, toldCells } from './cells-told';
import { type Composition, compositionOf } from './composition';
import { contrastOf } from './contrast';
import { type Island, islandsOf } from './islands';
import { type Example, labelled } from './labelled';
import { MUD, OFF, UNPLANNED } from './labels';
import { fittedLight } from './light-fit';
import { sharpestOf } from './sharpness';
import { symmetryOf } from './symmetry';
import { labAt, relit, type Picture, type Tiles, tilesOf } from './tiles';

/** A colour that was planned, by its id, as it is meant to be seen; the bare ground is one of them. */
export interface Planned {
  readonly id: string;
  readonly hex: string;
  /** As it is seen where it is thin, over white: a glaze is the colour it is of. */
  readonly thinHex?: string;
  /** Others that look the same: what is read of this one is of all of them together. */
  readonly also?: readonly string[];
}

/** A place of which somebody said what colour it is: shares of the picture's sides, and the colour's id. */
export interface Told {
  readonly at: readonly [number, number];
  readonly id: string;
}

/** What each square of a picture is, row-major, `across` × `down`, each `mm` wide: the number of a planned colour, `UNPLANNED`, `MUD`, or `OFF` the piece. */
export interface ColourMap {
  readonly across: number;
  readonly down: number;
  readonly mm: number;
  readonly label: Uint8Array;
  /** 1 where it is calm. */
  readonly calm: Uint8Array;
}

/** What a photograph, or a computed picture, shows, read closely. Shares are of the piece's face. */
export interface CloseRead extends Bands, Composition {
  /** Of each planned colour, by id. */
  readonly shares: Readonly<Record<string, number>>;
  readonly unplanned: number;
  readonly mud: number;
  readonly calm: number;
  readonly cells: {
    readonly count: number;
    readonly medianMm: number;
    /** Standard deviation of widths over their mean. */
    readonly spread: number;
    readonly share: number;
    /** What part of them lies in each ninth, row by row. */
    readonly ninths: readonly number[];
    readonly islands: readonly Island[];
  };
  /** How wide the sharpest borders are, mm; absent where there is hardly one. */
  readonly sharpestMm?: number;
  readonly symmetry: readonly [leftRight: number, topBottom: number];
  /** How each planned colour looks here, as a mean, L*, a*, b*; absent where there is none of it. */
  readonly looks: Readonly<Record<string, Lab>>;
  /** What red, green and blue were multiplied by to meet the planned colours; 1, 1, 1 where the light was known. */
  readonly light: Rgb;
  readonly map: ColourMap;
}

/**
 * Reads a picture closely: which colour each half millimetre is, and what follows from it.
 * @param light `known` where its light was told, or it is a computed picture; else it is told by the planned colours themselves
 * @param shiny wet or coated: a lamp may shine in it
 * @param told places somebody has put right: each is one more example of its colour
 * @param cells what somebody said of cells
 */
export function readClosely(
  picture: Picture,
  planned: readonly Planned[],
  {
    light = 'fitted',
    shiny = false,
    told = [],
    cells = [],
  }: {
    light?: 'known' | 'fitted';
    shiny?: boolean;
    told?: readonly Told[];
    cells?: readonly CellTold[];
  } = {},
): CloseRead {
  const taken = tilesOf(picture);
  const gains: Rgb = light === 'known' ? [1, 1, 1] : fittedLight(taken, planned.flatMap(hexesOf));
  const tiles = light === 'known' ? taken : relit(taken, gains);
  const { across, down, mm, on } = tiles;
  const examples: Example[] = [
    ...planned.flatMap((colour, of) => hexesOf(colour).map((hex) => ({ of, lab: hexToLab(hex) }))),
    ...told.flatMap((place) => exampleOf(tiles, planned, place)),
  ];
  const labels = labelled(tiles, examples, shiny ? planned.map(({ hex }) => hex) : []);
  const contrast = contrastOf(tiles);
  const calm = calmOf(tiles, contrast);
  const known = examples.map(({ lab }) => lab);
  const label = labels.map((of, i) =>
    of === UNPLANNED && isMud(labAt(tiles, i), known) ? MUD : of,
  );
  const sharpestMm = sharpestOf(tiles);
  const islands = toldCells(
    islandsOf(labels, across, down, mm),
    cells,
    [across * mm, down * mm],
    (x, y) =>
      labels[
        Math.min(down - 1, Math.floor(y / mm)) * across + Math.min(across - 1, Math.floor(x / mm))
      ]!,
  );
  return {
    ...countsOf(label, tiles, planned),
    calm: shareOf(calm, on),
    cells: cellsOf(islands, tiles),
    symmetry: symmetryOf(tiles),
    ...bandsOf(tiles),
    ...compositionOf(tiles, contrast),
    ...(sharpestMm === undefined ? {} : { sharpestMm }),
    light: gains,
    map: { across, down, mm, label, calm },
  };
}

/** All that a planned colour may be seen as. */
export const hexesOf = ({ hex, thinHex }: Planned): string[] =>
  thinHex === undefined ? [hex] : [hex, thinHex];

function exampleOf(tiles: Tiles, planned: readonly Planned[], { at, id }: Told): Example[] {
  const of = planned.findIndex((colour) => colour.id === id);
  const { across, down, on } = tiles;
  const [x, y] = [Math.floor(at[0] * across), Math.floor(at[1] * down)];
  const tile = Math.min(down - 1, y) * across + Math.min(across - 1, x);
  return of >= 0 && on[tile] ? [{ of, lab: labAt(tiles, tile) }] : [];
}

function countsOf(
  label: Uint8Array,
  tiles: Tiles,
  planned: readonly Planned[],
): Pick<CloseRead, 'shares' | 'unplanned' | 'mud' | 'looks'> {
  const counts = new Float64Array(256);
  const sums = new Float64Array(3 * 256);
  let face = 0;
  for (let i = 0; i < label.length; i++) {
    const of = label[i]!;
    if (of === OFF) continue;
    face++;
    counts[of]!++;
    for (let k = 0; k < 3; k++) sums[3 * of + k]! += tiles.lab[3 * i + k]!;
  }
  const share = (of: number) => (face > 0 ? counts[of]! / face : 0);
  return {
    shares: Object.fromEntries(planned.map(({ id }, of) => [id, share(of)])),
    unplanned: share(UNPLANNED) + share(MUD),
    mud: share(MUD),
    looks: Object.fromEntries(
      planned.flatMap(({ id }, of) =>
        counts[of]! > 0
          ? [[id, [0, 1, 2].map((k) => sums[3 * of + k]! / counts[of]!) as unknown as Lab]]
          : [],
      ),
    ),
  };
}

function cellsOf(islands: readonly Island[], { across, down, mm, on }: Tiles): CloseRead['cells'] {
  const widths = islands.map(({ widthMm }) => widthMm).sort((a, b) => a - b);
  const count = widths.length;
  const mean = widths.reduce((sum, width) => sum + width, 0) / (count || 1);
  const ninths = new Array<number>(9).fill(0);
  let areaMm2 = 0;
  for (const { atMm, widthMm } of islands) {
    const [x, y] = [third(atMm[0] / (across * mm)), third(atMm[1] / (down * mm))];
    ninths[3 * y + x]! += 1 / count;
    areaMm2 += (Math.PI / 4) * widthMm * widthMm;
  }
  const faceMm2 = on.reduce((sum, is) => sum + is, 0) * mm * mm;
  return {
    count,
    medianMm: count === 0 ? 0 : (widths[(count - 1) >> 1]! + widths[count >> 1]!) / 2,
    spread:
      count === 0
        ? 0
        : Math.sqrt(widths.reduce((sum, width) => sum + (width - mean) ** 2, 0) / count) / mean,
    share: faceMm2 > 0 ? Math.min(1, areaMm2 / faceMm2) : 0,
    ninths,
    islands,
  };
}

const third = (share: number): number => Math.min(2, Math.max(0, Math.floor(3 * share)));

function shareOf(is: Uint8Array, on: Uint8Array): number {
  const face = on.reduce((sum, one) => sum + one, 0);
  return face > 0 ? is.reduce((sum, one) => sum + one, 0) / face : 0;
}
