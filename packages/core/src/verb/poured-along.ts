import { outletOf } from '../cup/outlets';
import { partPoured } from '../cup/part-poured';
import type { Cup } from '../cup/schema';
import type { Act } from '../flow/act';
import { along, alongInTime, type Point } from '../surface/path';
import type { Desk, Done, InCup, Take } from './define';
import { meanNu } from './thickness';

/** From how high paint is poured, as a field of a move. */
export const HEIGHT = {
  kind: 'number',
  label: 'From a height of',
  min: 5,
  max: 1000,
  unit: 'mm',
  usual: 60,
} as const;

/** How much of each cup, as a field of a move; all that is in it where it is absent. */
export const SOME = {
  kind: 'number',
  label: 'Of each cup only, mL',
  min: 0.5,
  max: 5000,
  optional: true,
  grows: 'volume',
} as const;

/** How much of it, in words before the cup's name. */
export const someOf = (ml?: number): string => (ml === undefined ? '' : `${tidy(ml)} mL of `);

/** How fast the piece turns about its middle meanwhile, clockwise, as a field of a move; absent where it stands still. */
export const TURNS = {
  kind: 'number',
  label: 'Turntable, turns a minute',
  min: 0,
  max: 120,
  optional: true,
} as const;

/** Where the height at the end is another, as a field of a move. */
export const TO_HEIGHT = {
  kind: 'number',
  label: 'Ending at a height of',
  min: 5,
  max: 1000,
  unit: 'mm',
  optional: true,
} as const;

/** How many times as fast a hand goes at the end as at the beginning, as a field of a move; as fast where it is absent. */
export const QUICKENS = {
  kind: 'number',
  label: 'Ends so many times as fast',
  min: 0.2,
  max: 5,
  optional: true,
} as const;

/** How a pour changes on its way, in words that follow how high it is. */
export const onTheWay = (heightMm: number, toHeightMm?: number, quickens = 1): string => {
  const to =
    toHeightMm === undefined || toHeightMm === heightMm
      ? ''
      : `, ${toHeightMm > heightMm ? 'rising' : 'sinking'} to ${Math.round(toHeightMm / 10)} cm`;
  if (quickens === 1) return to;
  return `${to}, ${quickens > 1 ? `in the end ${tidy(quickens)} times as fast` : `slowing to ${tidy(1 / quickens)} times as slow`}`;
};
const tidy = (times: number): number => Number(times.toFixed(1));

export const onTurntable = (turnsPerMin = 0): string =>
  turnsPerMin > 0 ? `, while it turns ${Math.round(turnsPerMin)} times a minute` : '';

/** From this high on a stream gets no thinner, mm. */
const HIGH_MM = 300;
/** Lobes stand so far from the middle of their vessel, as a share of its mouth's radius. */
const LOBES_AT = 0.55;

/** Kinematic viscosity the rate of a pour is stated for, m²/s: medium paint. Thicker runs slower. */
const STATED_NU = 9e-4;
/** However little there is, a hand takes this long over it, s. */
const LEAST_S = 3;
/** Points a turn of the table is told by, and the most in all: after hundreds of turns a ring more is none to be told apart. */
const POINTS_A_TURN = 64;
const MOST_POINTS = 4_000;

/** How a hand pours. */
interface How {
  readonly heightMm: number;
  readonly toHeightMm?: number;
  readonly quickens?: number;
  readonly turnsPerMin?: number;
  /** Over an upturned foot with so many lobes. */
  readonly lobes?: number;
  /** So much of each cup and no more. */
  readonly ml?: number;
  /** All cups together, where somebody says how long. */
  readonly s?: number;
}

/** What of a cup is poured. */
interface Held extends InCup {
  readonly id: string;
  readonly layersMl?: readonly number[];
}

/** Cups poured out one after the other along a line, or in one place. */
export function pouredAlong(
  pathMm: readonly Point[],
  cups: readonly string[],
  { heightMm, toHeightMm = heightMm, quickens = 1, turnsPerMin = 0, lobes, ml: only, s }: How,
  { inCup, outletOf: outletIn, nuOf, densityOf, factors, ...face }: Desk,
): Done {
  const [closeMm, highMm] = [factors['stream-close'], factors['stream-high']];
  const wideAt = (mm: number) => closeMm - (closeMm - highMm) * Math.min(1, mm / HIGH_MM);
  const [wideMm, endsMm] = [wideAt(heightMm), wideAt(toHeightMm)];
  const folds =
    1 +
    Math.max(0, (heightMm + toHeightMm) / 2 - factors['folds-above']) / factors['folds-double-in'];
  const wayMm = paced(pathMm, quickens);
  // A cup named twice is empty the second time.
  const held = [...new Set(cups)].flatMap((id): Held[] => {
    const cup = inCup(id);
    if (!cup || cup.ml <= 0) return [];
    if (only === undefined || only >= cup.ml) return [{ ...cup, id }];
    const layersMl = partPoured(cup, outletOf(outletIn(id)), only);
    const strata = cup.strata.map((layer, k) => ({ ...layer, ml: layersMl[k]! }));
    const g = strata.reduce((sum, { mix, ml }) => sum + ml * densityOf(mix), 0);
    return [{ ...cup, id, strata, layersMl, ml: only, g }];
  });
  const wholeMl = held.reduce((sum, { ml }) => sum + ml, 0);
  const middle: Point = [face.widthMm / 2, face.heightMm / 2];
  let turned = 0;
  return {
    acts: held.map((cup): Act => {
      const { id, ml, strata, stir } = cup;
      const openings =
        lobes === undefined
          ? openingsOf(id, outletIn(id), face)
          : { n: lobes, ringMm: (LOBES_AT * factors['foot-is-wide']) / 2 };
      const tipMm = tipOf(outletIn(id));
      const stated = factors[tipMm === undefined ? 'poured-per-second' : 'squeezed-per-second'];
      const rate = stated * Math.sqrt(STATED_NU / meanNu(strata, nuOf));
      const seconds = s === undefined ? Math.max(LEAST_S, ml / rate) : (s * ml) / wholeMl;
      const before = turned;
      turned += (turnsPerMin * seconds) / 60;
      return {
        kind: 'stream',
        pathMm: turnsPerMin > 0 ? turnedBack(wayMm, middle, before, turned) : wayMm.pathMm,
        ...(turnsPerMin > 0 || wayMm.timed ? { timed: true as const } : {}),
        // Through n openings runs n times less each.
        radiusMm: (tipMm === undefined
          ? [wideMm, ...(endsMm === wideMm ? [] : [endsMm])].map(
              (mm) => mm / Math.sqrt(openings?.n ?? 1),
            )
          : [(tipMm + factors['tip-swells']) / 2]
        ).map((mm, at) => ({ at, mm })),
        strayMm: factors['pour-strays'],
        s: seconds,
        core: false,
        strata,
        stir,
        outlet: outletOf(outletIn(id)),
        lamination: 'stack',
        ...(cup.beside ? { beside: true as const } : {}),
        ...stackedBy(cup, pathMm),
        ...(folds > 1 ? { folds } : {}),
        ...(openings ? { openings } : {}),
      };
    }),
    takes: held.map(({ id, ml, g, layersMl }): Take => ({
      cup: id,
      ml,
      g,
      ...(layersMl ? { layersMl } : {}),
    })),
  };
}

const tipOf = (outlet: Cup['outlet']): number | undefined =>
  typeof outlet === 'object' && 'tipMm' in outlet ? outlet.tipMm : undefined;

/** Openings a cup lets its paint out through, where there are several: holes of a strainer, lobes of a bottle's foot. */
function openingsOf(
  cup: string,
  outlet: Cup['outlet'],
  { lobesOf, mouthMm }: Pick<Desk, 'lobesOf' | 'mouthMm'>,
): { readonly n: number; readonly ringMm: number } | undefined {
  if (typeof outlet === 'object' && 'holes' in outlet)
    return { n: outlet.holes, ringMm: outlet.ringMm / 2 };
  const lobes = lobesOf(cup);
  return lobes > 1 ? { n: lobes, ringMm: (LOBES_AT * mouthMm(cup)) / 2 } : undefined;
}

/**
 * Which way strata lie stacked in the stream: toward the pouring side, and across it where they leave beside each other. Where nobody says which
 * side that is, one pours the way one goes, and holds the cup so all along.
 */
function stackedBy({ beside, pourSideDeg }: InCup, way: readonly Point[]): { stackedDeg?: number } {
  if (!beside) return pourSideDeg === undefined ? {} : { stackedDeg: pourSideDeg };
  const [from, to] = [way[0]!, way.at(-1)!];
  const ahead = pourSideDeg ?? (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI;
  return { stackedDeg: ahead + 90 };
}

/** Points a way is told by where a hand does not go over it evenly. */
const PACED_POINTS = 160;

/** A way as a hand goes over it, and whether its points are told by time. */
interface Gone {
  readonly pathMm: readonly Point[];
  readonly timed: boolean;
}

/**
 * A way as it is gone over by a hand whose pace changes evenly in time, to so many times as fast: at a share s of the time it is at
 * (s + (k − 1)s²/2) ÷ (1 + (k − 1)/2) of the way.
 */
function paced(pathMm: readonly Point[], k: number): Gone {
  if (k === 1 || pathMm.length < 2) return { pathMm, timed: false };
  const at = along(pathMm);
  const count = Math.max(PACED_POINTS, pathMm.length);
  return {
    pathMm: Array.from({ length: count + 1 }, (_, n): Point => {
      const s = n / count;
      return at((s + ((k - 1) * s * s) / 2) / (1 + (k - 1) / 2));
    }),
    timed: true,
  };
}

/** A hand's way as it falls on a piece that turns clockwise under it from so many turns to so many: turned back by what that has turned. */
function turnedBack(
  { pathMm, timed }: Gone,
  [cx, cy]: Point,
  fromTurns: number,
  toTurns: number,
): readonly Point[] {
  const wanted = Math.max(2, Math.ceil((toTurns - fromTurns) * POINTS_A_TURN));
  const count = Math.min(MOST_POINTS, wanted);
  const at = (timed ? alongInTime : along)(pathMm);
  return Array.from({ length: count + 1 }, (_, n): Point => {
    const [x, y] = at(n / count);
    const angle = -2 * Math.PI * (fromTurns + ((toTurns - fromTurns) * n) / count);
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    return [cx + (x - cx) * cos - (y - cy) * sin, cy + (x - cx) * sin + (y - cy) * cos];
  });
}
