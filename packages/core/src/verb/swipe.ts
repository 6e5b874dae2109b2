import type { Factors } from '../factor';
import type { Point } from '../surface/path';
import { toward } from './mark/define';
import { defineVerb } from './define';
import { directionWords, placeWords } from './place';

/** What is drawn over the film, and how long it lies on it along its way. */
interface Tool {
  readonly held: string;
  readonly says: string;
  readonly lengthMm: number;
  /** What it weighs, where only that presses it down, g/m². */
  readonly gPerM2?: number;
  /** The factor of the height it is led at, where a hand does that. */
  readonly led?: 'knife-rides' | 'card-rides';
}

/** Weights are those of such things, the rest is tuned by eye. */
const TOOLS: Readonly<Record<string, Tool>> = {
  sheet: { held: 'a clean sheet', says: 'a sheet, by its own weight', gPerM2: 150, lengthMm: 40 },
  towel: {
    held: 'a damp towel',
    says: 'a damp towel, by its own weight',
    gPerM2: 300,
    lengthMm: 60,
  },
  knife: {
    held: 'the palette knife',
    says: 'a palette knife held flat',
    led: 'knife-rides',
    lengthMm: 6,
  },
  card: { held: 'a clean card', says: 'a card held slanting', led: 'card-rides', lengthMm: 10 },
};

/** The weight and the kinematic viscosity by which `sheet-rides` is told. */
const STATED_G = 150;
const STATED_NU = 9e-4;

/**
 * How high a tool goes, mm. What its own weight presses down rides on the paint it drags under itself, whose pressure goes with μ/gap²
 * (lubrication): so gap ∝ √(ν ÷ weight).
 */
const gapOf = ({ led, gPerM2 = STATED_G }: Tool, nu: number, factors: Factors): number =>
  led ? factors[led] : factors['sheet-rides'] * Math.sqrt((nu / STATED_NU) * (STATED_G / gPerM2));

const lineOf = (move: {
  readonly fromMm: Point;
  readonly towardDeg: number;
  readonly lengthMm: number;
}): readonly [Point, Point] => [move.fromMm, toward(move.fromMm, move.towardDeg, move.lengthMm)];

export const swipe = defineVerb({
  id: 'swipe',
  title: 'Swipe',
  fields: {
    fromMm: { kind: 'point', label: 'From' },
    towardDeg: { kind: 'number', label: 'Toward', min: -360, max: 360, unit: 'deg', usual: 0 },
    lengthMm: {
      kind: 'number',
      label: 'As far as',
      min: 10,
      max: 3000,
      unit: 'mm',
      usual: 150,
      grows: 'length',
    },
    widthMm: {
      kind: 'number',
      label: 'Wide',
      min: 5,
      max: 1000,
      unit: 'mm',
      usual: 100,
      grows: 'length',
    },
    tool: {
      kind: 'choice',
      label: 'With',
      of: ['sheet', 'towel', 'knife', 'card'],
      names: { sheet: 'Sheet', towel: 'Damp towel', knife: 'Palette knife', card: 'Card' },
    },
  },
  usualS: 10,
  paced: 'length',
  stroke: true,
  drawnOver: true,
  each: true,
  does: (move, { meanNu, factors }) => {
    const [fromMm, toMm] = lineOf(move);
    const tool = TOOLS[move.tool]!;
    return {
      acts: [
        {
          kind: 'blade',
          fromMm,
          toMm,
          widthMm: move.widthMm,
          gapMm: gapOf(tool, meanNu(), factors),
          lengthMm: tool.lengthMm,
          ...(tool.led === undefined ? { rides: true as const } : {}),
        },
      ],
    };
  },
  holds: ({ tool }) => TOOLS[tool]!.held,
  says: ({ fromMm, towardDeg, lengthMm, widthMm, tool }, scene) =>
    `Lay ${TOOLS[tool]!.says}, ${Math.round(widthMm / 10)} cm wide, with contact on ${placeWords(fromMm, scene.widthMm, scene.heightMm)} and draw it slowly toward the ${directionWords(towardDeg)}, ${Math.round(lengthMm / 10)} cm far. Wipe it before the next stroke.`,
  aim: {
    label: 'As far as',
    of: ({ fromMm, towardDeg, lengthMm }) => ({ fromMm, deg: towardDeg, mm: lengthMm }),
    to: (_, deg, mm) => ({ towardDeg: deg, lengthMm: Math.min(3000, Math.max(10, mm)) }),
  },
  reach: {
    label: 'Wide',
    of: ({ fromMm, towardDeg, widthMm }) => ({
      aboutMm: fromMm,
      mm: widthMm / 2,
      deg: towardDeg + 90,
    }),
    to: (_, mm) => ({ widthMm: Math.min(1000, Math.max(5, 2 * mm)) }),
  },
  marks: (move) => {
    const [fromMm, toMm] = lineOf(move);
    return [{ kind: 'path', path: { kind: 'line', fromMm, toMm } }];
  },
});
