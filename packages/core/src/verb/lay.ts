import { defineVerb } from './define';
import { directionWords } from './place';

/** Ends of a strip are told in hundredths of the face. */
const WHOLE = 100;
/** How long the arrow is that strips are turned by, mm. */
const ARROW_MM = 60;

interface Laid {
  readonly towardDeg?: number;
  readonly fromPercent?: number;
  readonly toPercent?: number;
}

/** Whether it covers a part of the face only. */
const isPart = ({ fromPercent = 0, toPercent = WHOLE }: Laid): boolean =>
  fromPercent > 0 || toPercent < WHOLE;

/** Which part of the face it covers, in words. */
function partWords({ towardDeg = 0, fromPercent = 0, toPercent = WHOLE }: Laid): string {
  const [far, near] = [directionWords(towardDeg), directionWords(towardDeg + 180)];
  if (fromPercent <= 0) return `the ${near} ${Math.round(toPercent)} % of the face`;
  if (toPercent >= WHOLE) return `the ${far} ${Math.round(WHOLE - fromPercent)} % of the face`;
  return `a band from ${Math.round(fromPercent)} to ${Math.round(toPercent)} % of the face, counted from ${near} to ${far}`;
}

export const lay = defineVerb({
  id: 'lay',
  title: 'Lay base',
  fields: {
    mix: { kind: 'mix', label: 'Mix', use: 'base' },
    /** Absent: all that is set aside for it. */
    filmMm: { kind: 'number', label: 'Film', min: 0.05, max: 10, unit: 'mm', optional: true },
    /** A base of several colours: each a strip across the face. */
    towardDeg: {
      kind: 'number',
      label: 'Strips go toward',
      min: -360,
      max: 360,
      unit: 'deg',
      optional: true,
    },
    fromPercent: { kind: 'number', label: 'From, %', min: 0, max: 99, optional: true },
    toPercent: { kind: 'number', label: 'To, %', min: 1, max: 100, optional: true },
  },
  usualS: 120,
  paced: 'volume',
  each: true,
  draws: 'base',
  says: (move, { mixName, openRim }) =>
    `Spread ${mixName(move.mix)} over ${isPart(move) ? partWords(move) : `the whole face${openRim ? ' and edges' : ', into every corner of the rim'}`}${move.filmMm === undefined ? ', all that is set aside for it' : `, about ${move.filmMm} mm thick`}.`,
  does: (move, { areaCm2, densityOf, inPot, stripOf }) => {
    const { mix, filmMm, towardDeg = 0, fromPercent = 0, toPercent = WHOLE } = move;
    const strip = isPart(move)
      ? stripOf(towardDeg, fromPercent / WHOLE, toPercent / WHOLE)
      : undefined;
    const cm2 = strip ? strip.areaMm2 / 100 : areaCm2;
    const ml = filmMm === undefined ? inPot('base', mix) : (cm2 * filmMm) / 10;
    if (ml <= 0 || cm2 <= 0) return {};
    return {
      acts: [
        {
          kind: 'overlay',
          mix,
          filmMm: (ml / cm2) * 10,
          ...(strip
            ? { part: { deg: strip.deg, beginsMm: strip.beginsMm, endsMm: strip.endsMm, cm2 } }
            : {}),
        },
      ],
      takes: [{ use: 'base', mix, ml, g: ml * densityOf(mix) }],
    };
  },
  aim: {
    label: 'Which way strips go',
    of: (move, { widthMm, heightMm }) =>
      isPart(move)
        ? { fromMm: [widthMm / 2, heightMm / 2], deg: move.towardDeg ?? 0, mm: ARROW_MM }
        : undefined,
    to: (_, towardDeg) => ({ towardDeg }),
  },
  amiss: ({ fromPercent = 0, toPercent = WHOLE }) =>
    fromPercent >= toPercent
      ? { says: 'lays a strip that ends before it begins', mends: { toPercent: WHOLE } }
      : undefined,
});
