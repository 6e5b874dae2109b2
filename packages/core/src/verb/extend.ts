import { defineVerb } from './define';

/** How wide it is run round, where nothing is said, mm (common practice, no published source; the figure an estimate). */
export const EXTENDER_MM = 25;

/** What is thinned and run round the rim before stretching: the design is drawn out there first, and its middle keeps its shape (handbook 2). */
export const extend = defineVerb({
  id: 'extend',
  title: 'Run extender round',
  fields: {
    mix: { kind: 'mix', label: 'Mix', use: 'extender' },
    wideMm: {
      kind: 'number',
      label: 'Wide',
      min: 2,
      max: 300,
      unit: 'mm',
      usual: EXTENDER_MM,
      grows: 'length',
    },
    /** Absent: all that is set aside for it. */
    ml: {
      kind: 'number',
      label: 'So much, mL',
      min: 0.1,
      max: 5000,
      grows: 'volume',
      optional: true,
    },
  },
  usualS: 40,
  paced: 'length',
  each: true,
  draws: 'extender',
  says: ({ mix, wideMm, ml }, { mixName }) =>
    `Run ${mixName(mix)} all round just inside the edge, about ${Math.round(wideMm)} mm wide, ${ml === undefined ? 'all that is set aside for it' : `about ${ml} mL`}: the paint slides out on it, and the middle keeps its shape.`,
  does: ({ mix, wideMm, ml: asked }, { areaCm2, outlineMm, densityOf, inPot }) => {
    const ml = asked ?? inPot('extender', mix);
    const cm2 = Math.min(areaCm2, (outlineMm * wideMm) / 100);
    if (ml <= 0 || cm2 <= 0) return {};
    return {
      acts: [{ kind: 'overlay', mix, filmMm: (ml / cm2) * 10, bandMm: wideMm }],
      takes: [{ use: 'extender', mix, ml, g: ml * densityOf(mix) }],
    };
  },
});
