import type { Shape } from './schema';
import type { Support } from './supports';

/** A blank as it is sold. */
export interface StockSize {
  readonly shape: Shape;
  readonly support: Support;
  /** The unit it is sold by. */
  readonly unit: 'cm' | 'in';
  readonly edgeDepthMm: number;
}

const IN = 25.4;
/** Edges of stretched canvas: thin, and gallery-wrapped (handbook 1, common practice). */
const THIN_MM = 18;
const DEEP_MM = 38;

const rect = (
  unit: 'cm' | 'in',
  support: Support,
  edgeDepthMm: number,
  ...sides: [number, number][]
) =>
  sides.map(([w, h]): StockSize => {
    const mm = unit === 'cm' ? 10 : IN;
    return {
      unit,
      support,
      edgeDepthMm,
      shape: { kind: 'rect', widthMm: w * mm, heightMm: h * mm },
    };
  });
const round = (unit: 'cm' | 'in', support: Support, edgeDepthMm: number, ...across: number[]) =>
  across.map((d): StockSize => ({
    unit,
    support,
    edgeDepthMm,
    shape: { kind: 'round', diameterMm: d * (unit === 'cm' ? 10 : IN) },
  }));

/** Sizes people buy, small to large within each kind (common practice, no published source). */
export const SIZES: readonly StockSize[] = [
  ...rect(
    'cm',
    'canvas',
    THIN_MM,
    [20, 20],
    [20, 30],
    [24, 30],
    [30, 30],
    [30, 40],
    [40, 40],
    [40, 50],
    [50, 50],
    [50, 70],
    [60, 80],
    [70, 100],
    [80, 100],
    [100, 100],
  ),
  ...round('cm', 'canvas', THIN_MM, 20, 30, 40, 50),
  ...rect('cm', 'tile', 8, [10, 10], [15, 15], [20, 20]),
  ...round('cm', 'tile', 8, 9, 10),
  ...rect(
    'in',
    'canvas',
    THIN_MM,
    [5, 7],
    [6, 6],
    [8, 8],
    [8, 10],
    [9, 12],
    [10, 10],
    [11, 14],
    [12, 12],
    [12, 16],
    [16, 20],
    [18, 24],
    [20, 20],
    [24, 36],
    [30, 40],
    [36, 48],
  ),
  ...rect('in', 'canvas', DEEP_MM, [24, 24], [30, 30], [36, 36]),
  ...round('in', 'canvas', THIN_MM, 8, 10, 12, 16, 20, 24),
  ...rect('in', 'tile', 8, [4, 4], [6, 6]),
  ...round('in', 'tile', 8, 4),
];
