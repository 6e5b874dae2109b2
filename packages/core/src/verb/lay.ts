import { defineVerb } from './define';

export const lay = defineVerb({
  id: 'lay',
  title: 'Lay base',
  fields: {
    mix: { kind: 'mix', label: 'Mix', use: 'base' },
    /** Absent: all that is set aside for it. */
    filmMm: { kind: 'number', label: 'Film', min: 0.05, max: 10, unit: 'mm', optional: true },
  },
  usualS: 120,
  paced: 'volume',
  each: true,
  draws: 'base',
  says: ({ mix, filmMm }, { mixName, openRim }) =>
    `Spread ${mixName(mix)} over the whole face${openRim ? ' and edges' : ', into every corner of the rim'}${filmMm === undefined ? ', all that is set aside for it' : `, about ${filmMm} mm thick`}.`,
  does: ({ mix, filmMm }, { areaCm2, densityOf, inPot }) => {
    const ml = filmMm === undefined ? inPot('base', mix) : (areaCm2 * filmMm) / 10;
    if (ml <= 0) return {};
    return {
      acts: [{ kind: 'overlay', mix, filmMm: (ml / areaCm2) * 10 }],
      takes: [{ use: 'base', mix, ml, g: ml * densityOf(mix) }],
    };
  },
});
