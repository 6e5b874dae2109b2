import type { FactorId } from '../factor';
import type { CareCode } from './care';
import { defineVerb } from './define';
import { directionWords, placeWords } from './place';

/** How air strikes: pressure and drag at its hardest, Pa, and how wide the place it strikes is (σ), mm. Drag and width from science-flow 6, tuned there. */
interface Air {
  readonly says: string;
  /** What is held for it. */
  readonly held?: string;
  readonly presses: FactorId;
  readonly shearPa: number;
  readonly spotMm: number;
  /** Not everybody has one. */
  readonly machine?: true;
  readonly care?: CareCode;
}

type AirId = 'mouth' | 'straw' | 'dryer';

/** A mouth is broad, a straw fine, a dryer steady and strong. */
const AIRS: Readonly<Record<AirId, Air>> = {
  mouth: { says: 'Blow', presses: 'mouth-blows', shearPa: 10, spotMm: 13 },
  straw: {
    says: 'Blow through a straw',
    held: 'the straw',
    care: 'straw',
    presses: 'straw-blows',
    shearPa: 12,
    spotMm: 7,
  },
  dryer: {
    says: 'Push with the cool dryer',
    held: 'the dryer, set cool',
    care: 'mains',
    presses: 'dryer-blows',
    shearPa: 11,
    spotMm: 20,
    machine: true,
  },
};

/** Two breaths nearer than this, and as much alike in direction, go over the same place. */
const SAME_MM = 12;
const SAME_DEG = 15;

/** How wide the fan of its mark is. */
const SPREAD_DEG = 40;

export const blow = defineVerb({
  id: 'blow',
  title: 'Blow',
  fields: {
    fromMm: { kind: 'point', label: 'From' },
    towardDeg: { kind: 'number', label: 'Toward', min: -360, max: 360, unit: 'deg', usual: 0 },
    reachMm: {
      kind: 'number',
      label: 'As far as',
      min: 5,
      max: 1000,
      unit: 'mm',
      usual: 80,
      grows: 'length',
    },
    air: {
      kind: 'choice',
      label: 'With',
      of: ['mouth', 'straw', 'dryer'],
      names: { mouth: 'Mouth', straw: 'Straw', dryer: 'Cool dryer' },
    },
  },
  usualS: 1.5,
  paced: 'length',
  stroke: true,
  each: true,
  does: ({ fromMm, towardDeg, reachMm, air, s }, { factors }) => {
    const { presses, shearPa, spotMm } = AIRS[air as AirId];
    // Pa ÷ (kg/m³) = m²/s².
    const density = 1000 * factors['mixed-weighs'];
    return {
      acts: [
        {
          kind: 'jet',
          fromMm,
          towardDeg,
          reachMm,
          press: factors[presses] / density,
          shear: shearPa / density,
          spotMm,
          s,
        },
      ],
    };
  },
  says: ({ fromMm, towardDeg, reachMm, air }, { widthMm, heightMm }) =>
    `${AIRS[air as AirId].says} from ${placeWords(fromMm, widthMm, heightMm)} toward the ${directionWords(towardDeg)}, ${Math.round(reachMm / 10)} cm far, low over the film. Not twice in one place.`,
  spoils: (move, earlier) => {
    const apart = Math.hypot(
      move.fromMm[0] - earlier.fromMm[0],
      move.fromMm[1] - earlier.fromMm[1],
    );
    const turned = Math.abs(((move.towardDeg - earlier.towardDeg + 540) % 360) - 180);
    return apart < SAME_MM && turned < SAME_DEG
      ? 'blows where it was blown before: twice in one place lifts the base'
      : undefined;
  },
  care: ({ air }) => (AIRS[air as AirId].care ? [AIRS[air as AirId].care!] : []),
  holds: ({ air }) => AIRS[air as AirId].held,
  wants: ({ air }) => (AIRS[air as AirId].machine ? 'dryer' : undefined),
  aim: {
    label: 'As far as',
    of: ({ fromMm, towardDeg, reachMm }) => ({ fromMm, deg: towardDeg, mm: reachMm }),
    to: (_, deg, mm) => ({ towardDeg: deg, reachMm: Math.min(1000, Math.max(5, mm)) }),
  },
  marks: ({ fromMm, towardDeg, reachMm }) => [
    { kind: 'fan', fromMm, towardDeg, reachMm, spreadDeg: SPREAD_DEG },
  ],
});
