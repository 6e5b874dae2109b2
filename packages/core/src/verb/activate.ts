import { outletOf } from '../cup/outlets';
import { pathWords, strokesOf } from '../surface/path';
import { defineVerb } from './define';

/** It is run out of a small cup at so many mL a second, and never in less than this. */
const ML_PER_S = 3;
const LEAST_S = 2;

export const activate = defineVerb({
  id: 'activate',
  title: 'Lay activator',
  fields: {
    mix: { kind: 'mix', label: 'Mix', use: 'activator' },
    way: { kind: 'path', label: 'Way', usual: 'line' },
    /** Absent: all that is left of what is set aside. */
    ml: {
      kind: 'number',
      label: 'So much, mL',
      min: 0.1,
      max: 5000,
      grows: 'volume',
      optional: true,
    },
    wideMm: {
      kind: 'number',
      label: 'Wide',
      min: 1,
      max: 200,
      unit: 'mm',
      usual: 12,
      grows: 'length',
    },
  },
  usualS: 15,
  paced: 'volume',
  each: true,
  draws: 'activator',
  // Activator on the very edge sticks: a margin is left (handbook 11; the figure an estimate).
  sticksWithinMm: 8,
  says: ({ mix, way, ml }, { mixName }) =>
    `Run ${mixName(mix)} ${pathWords(way)}, ${ml === undefined ? 'all that is set aside for it' : `about ${ml} mL`}. Not to the very edge: there it sticks.`,
  does: ({ mix, way, ml: asked, wideMm }, { densityOf, inPot }) => {
    const ml = asked ?? inPot('activator', mix);
    if (ml <= 0) return {};
    return {
      acts: [
        {
          kind: 'stream',
          pathMm: strokesOf(way).flat(),
          radiusMm: [{ at: 0, mm: wideMm / 2 }],
          strayMm: 0,
          s: Math.max(LEAST_S, ml / ML_PER_S),
          core: false,
          strata: [{ mix, ml, dive: 0 }],
          stir: 0,
          outlet: outletOf('rim'),
          lamination: 'stack',
        },
      ],
      takes: [{ use: 'activator', mix, ml, g: ml * densityOf(mix) }],
    };
  },
  marks: ({ way }) => [{ kind: 'path', path: way }],
  label: () => 'activator',
});
