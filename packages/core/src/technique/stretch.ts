import { EXTENDER_MM, type Move } from '../verb';
import type { Needs, Stage } from './define';
import { spun } from './laid';

/**
 * Seconds of tilt for each mm to a corner: a film on a slope drains to √(ν·L ÷ (g·sin a·t)) (Nusselt), so larger pieces want
 * longer, in proportion. At 9° and medium thickness this leaves about a millimetre.
 */
const S_PER_MM = 0.05;
const LEAST_S = 4;

/** A little of every colour for repairs, where the figure does not hold a reserve of its own. */
export const KEEP = { use: 'keep', overBase: { share: 0.05 } } as const;

/** A base under the colours whatever the school: what is not stretched over the whole face needs wet ground beside it. */
export const ON_BASE = [
  { use: 'base', overBase: { filmMm: 1 }, inAll: { filmMm: 0.8 } },
  KEEP,
] as const;

/** What a pour stretched by tilting needs of its plan. */
export const STRETCH_NEEDS = {
  consistency: 'medium',
  uses: [{ use: 'base', overBase: { filmMm: 1 } }, KEEP],
  loading: 'layered',
  cups: { least: 1 },
  tools: [],
} as const satisfies Needs;

/** What can be set of the stretching, and what is usual. */
export const STRETCH_SETTINGS = {
  torch: {
    kind: 'choice',
    label: 'Torch',
    of: ['end', 'first', 'sectors', 'none'],
    names: {
      end: 'At the end',
      first: 'First',
      sectors: 'Quarter by quarter',
      none: 'Not at all',
    },
  },
  angleDeg: { kind: 'number', label: 'Tilt', min: 2, max: 30, unit: 'deg' },
  by: {
    kind: 'choice',
    label: 'Stretched',
    of: ['tilts', 'spin', 'both'],
    names: { tilts: 'By tilting', spin: 'On a turntable', both: 'Tilted, then spun' },
  },
} as const;
export const STRETCH_USUAL = { torch: 'end', angleDeg: 9, by: 'tilts' } as const;

/** A minute's turns, and seconds, that leave a film of medium paint about a millimetre thick: t = 3ν ÷ 4ω²h² (Emslie, Bonner and Peck 1958). */
const SPIN = { turnsPerMin: 60, s: 17 };
/** After tilts the spin only draws the design outward (judgement). */
const SPIN_AFTER_S = 6;

interface Wishes {
  /**
   * After stretching, for control; before it, so that cells grow with the paint; after it a quarter of the face at a time, each looked at before the next,
   * so that one that has enough is left alone; or not at all.
   */
  readonly torch: 'end' | 'first' | 'sectors' | 'none';
  readonly angleDeg: number;
  /** By tilting, on a turntable, or by both one after the other: a spin draws alike to all sides, a tilt where it is led. */
  readonly by: 'tilts' | 'spin' | 'both';
}

/**
 * The moves of a pour that is stretched by tilting: ground made wet, the paint laid down, each corner taken in turn, rest
 * and drying. What techniques of this kind differ in is how the paint comes down, and what is done `then` to what has been stretched.
 */
export function stretch(
  stage: Stage,
  paint: readonly Move[],
  { torch, angleDeg, by }: Wishes,
  then: readonly Move[] = [],
): Move[] {
  const torchMove = (id: string): Move => ({ id, verb: 'torch', s: 8 });
  return [
    ...wetGround(stage),
    ...paint,
    ...(torch === 'first'
      ? [torchMove('torch-first'), { id: 'look', verb: 'rest', s: 120 } as const]
      : []),
    ...extended(stage),
    ...drawnOut(stage, angleDeg, by),
    ...then,
    ...(torch === 'end' ? [torchMove('torch-end')] : []),
    ...(torch === 'sectors' ? quarters(stage) : []),
    REST,
    ...(torch === 'none' ? [] : [torchMove('torch-again')]),
    ...DRY,
  ];
}

/** Time to see what a quarter does before the next, s (judgement). */
const LOOK_S = 30;

/** A short pass over each quarter of the face, and a look after each. */
function quarters({ widthMm, heightMm }: Stage): Move[] {
  const wide = Math.min(1000, Math.round(Math.max(widthMm, heightMm) / 2));
  return QUARTERS.flatMap(([x, y], i): Move[] => [
    {
      id: `torch-${i + 1}`,
      verb: 'torch',
      atMm: [Math.round(x * widthMm), Math.round(y * heightMm)],
      widthMm: wide,
      s: 4,
    },
    { id: `look-${i + 1}`, verb: 'rest', s: LOOK_S },
  ]);
}
/** Their middles, round the face, as shares of its sides. */
const QUARTERS = [
  [0.25, 0.25],
  [0.75, 0.25],
  [0.75, 0.75],
  [0.25, 0.75],
] as const;

/** Cells go on for a quarter of an hour and longer; then it dries (handbook 6 and 7, common practice). */
const REST: Move = { id: 'rest', verb: 'rest', s: 1200 };
const DRY: readonly Move[] = [
  { id: 'dry-touch', verb: 'dry', until: 'touch' },
  { id: 'dry-cured', verb: 'dry', until: 'cured' },
];

/** A pour that is not stretched: ground made wet, its own moves, rest and drying. */
export const unstretched = (stage: Stage, moves: readonly Move[]): Move[] => [
  ...wetGround(stage),
  ...moves,
  REST,
  ...DRY,
];

/** Wet edges, then a base, as far as they are set aside: a generous pour needs no base, but an edge to run over (handbook 6, common practice). */
function wetGround({ pot, bases, widthMm, heightMm }: Stage): Move[] {
  const edge = pot('edge');
  const moves: Move[] = [];
  if (edge?.mix !== undefined) moves.push({ id: 'edges', verb: 'edge', mix: edge.mix, s: 90 });
  // Strips across the longer side, one beside the other.
  const towardDeg = widthMm >= heightMm ? 0 : 90;
  let from = 0;
  bases.forEach(({ mix, share }, n) => {
    const to = n === bases.length - 1 ? 100 : Math.round(from + 100 * share);
    moves.push({
      id: n === 0 ? 'base' : `base-${n + 1}`,
      verb: 'lay',
      mix,
      ...(bases.length > 1 ? { towardDeg, fromPercent: from, toPercent: to } : {}),
      s: 120,
    });
    from = to;
  });
  return moves;
}

/** Extender round the rim, where some is set aside (handbook 2, common practice). */
const extended = ({ pot }: Stage): Move[] => {
  const mix = pot('extender')?.mix;
  return mix === undefined
    ? []
    : [{ id: 'extender', verb: 'extend', mix, wideMm: EXTENDER_MM, s: 40 }];
};

/** The paint drawn out over the face. Behind a raised rim nothing is spun: it would only stand up against it. */
function drawnOut(stage: Stage, angleDeg: number, by: Wishes['by']): Move[] {
  if (by === 'tilts' || stage.raisedRim) return tilts(stage, angleDeg);
  return by === 'spin'
    ? spun(stage, SPIN.turnsPerMin, SPIN.s)
    : [...tilts(stage, angleDeg), ...spun(stage, SPIN.turnsPerMin, SPIN_AFTER_S)];
}

/** Each corner, then the weight back to the middle before the next (handbook 6, common practice). */
export function tilts(stage: Stage, angleDeg: number): Move[] {
  const { widthMm, heightMm, reaches } = stage;
  if (stage.raisedRim) return circling(stage, angleDeg);
  const [cx, cy] = [widthMm / 2, heightMm / 2];
  return reaches.flatMap(([x, y], i): Move[] => {
    const towardDeg = Math.round((Math.atan2(y - cy, x - cx) * 180) / Math.PI);
    const s = Math.max(LEAST_S, Math.round(Math.hypot(x - cx, y - cy) * S_PER_MM));
    return [
      {
        id: `tilt-${i + 1}`,
        verb: 'tilt',
        towardDeg,
        angleDeg,
        s,
        note: 'Until the paint is over the edge there.',
      },
      {
        id: `back-${i + 1}`,
        verb: 'tilt',
        towardDeg: towardDeg > 0 ? towardDeg - 180 : towardDeg + 180,
        angleDeg: Math.round(angleDeg * 0.6),
        s: Math.max(LEAST_S / 2, Math.round(s * 0.4)),
        note: 'Bring the weight back to the middle.',
      },
    ];
  });
}

/** Places round a rim a tilt circles through. */
const ROUND = 8;

/** Behind a raised rim nothing may leave: the paint is led round in circles, low, until the base is under it everywhere (handbook 1 and 11, common practice). */
function circling({ widthMm, heightMm }: Stage, angleDeg: number): Move[] {
  const s = Math.max(LEAST_S, Math.round(Math.max(widthMm, heightMm) * S_PER_MM * 0.4));
  return Array.from({ length: ROUND }, (_, i): Move => {
    const turn = (360 / ROUND) * i;
    return {
      id: `tilt-${i + 1}`,
      verb: 'tilt',
      towardDeg: turn > 180 ? turn - 360 : turn,
      angleDeg: Math.max(2, Math.round(angleDeg / 2)),
      s,
      note: 'Circle on: the paint reaches the rim and does not run up it.',
    };
  });
}
