import { pathWords, strokesOf } from '../surface/path';
import { defineVerb } from './define';
import { pouredOnItsWay } from './empties';
import {
  HEIGHT,
  onTheWay,
  onTurntable,
  pouredAlong,
  QUICKENS,
  SOME,
  someOf,
  TO_HEIGHT,
  TURNS,
} from './poured-along';

export const trail = defineVerb({
  id: 'trail',
  title: 'Pour along',
  fields: {
    cups: { kind: 'cups', label: 'Cups, one after the other' },
    way: { kind: 'path', label: 'Way', usual: 'ring' },
    ml: SOME,
    heightMm: HEIGHT,
    toHeightMm: TO_HEIGHT,
    quickens: QUICKENS,
    turnsPerMin: TURNS,
  },
  usualS: 30,
  paced: 'volume',
  each: true,
  says: ({ cups, way, ml, heightMm, toHeightMm, quickens, turnsPerMin }, { cupName }) =>
    `Pour ${someOf(ml)}${cups.map(cupName).join(', then ')} ${pathWords(way)}, ${Math.round(heightMm / 10)} cm high${onTheWay(heightMm, toHeightMm, quickens)}, in an even stream${ml === undefined ? ', all of it on the way' : ''}${onTurntable(turnsPerMin)}.`,
  // One line without lifting: from one stroke to the next the stream goes on.
  does: ({ cups, way, ml, heightMm, toHeightMm, quickens, turnsPerMin, s, own }, desk) =>
    pouredAlong(
      strokesOf(way).flat(),
      cups,
      {
        heightMm,
        ...(ml ? { ml } : {}),
        ...(toHeightMm ? { toHeightMm } : {}),
        ...(quickens ? { quickens } : {}),
        ...(turnsPerMin ? { turnsPerMin } : {}),
        ...(own ? { s } : {}),
      },
      desk,
    ),
  wants: ({ turnsPerMin = 0 }) => (turnsPerMin > 0 ? 'turntable' : undefined),
  empties: pouredOnItsWay,
  marks: ({ way }) => [{ kind: 'path', path: way }],
  label: () => 'pour',
});
