import { defineVerb } from './define';
import { pouredThrough } from './empties';
import { placeWords } from './place';
import { HEIGHT, onTurntable, pouredAlong, SOME, someOf, TURNS } from './poured-along';

export const pour = defineVerb({
  id: 'pour',
  title: 'Pour',
  fields: {
    cups: { kind: 'cups', label: 'Cups, one after the other' },
    atMm: { kind: 'point', label: 'Where' },
    ml: SOME,
    heightMm: HEIGHT,
    turnsPerMin: TURNS,
    /** Over an upturned foot: the paint runs off it in so many lobes. */
    lobes: { kind: 'number', label: 'Over a foot with lobes', min: 2, max: 12, optional: true },
  },
  usualS: 30,
  paced: 'volume',
  each: true,
  says: (
    { cups, atMm, ml, heightMm, turnsPerMin, lobes },
    { cupName, widthMm, heightMm: surfaceMm },
  ) =>
    `Pour ${someOf(ml)}${cups.map(cupName).join(', then ')} on ${lobes ? `the foot that stands on ${placeWords(atMm, widthMm, surfaceMm)}, so that it runs off in ${Math.round(lobes)} lobes` : `${placeWords(atMm, widthMm, surfaceMm)} in one place`}, ${Math.round(heightMm / 10)} cm high, in an even stream${onTurntable(turnsPerMin)}.`,
  does: ({ cups, atMm, ml, heightMm, turnsPerMin, lobes, s, own }, desk) =>
    pouredAlong(
      [atMm],
      cups,
      {
        heightMm,
        ...(ml ? { ml } : {}),
        ...(turnsPerMin ? { turnsPerMin } : {}),
        ...(lobes ? { lobes: Math.round(lobes) } : {}),
        ...(own ? { s } : {}),
      },
      desk,
    ),
  wants: ({ turnsPerMin = 0 }) => (turnsPerMin > 0 ? 'turntable' : undefined),
  empties: pouredThrough,
  marks: ({ atMm }) => [{ kind: 'disc', atMm, rMm: 0 }],
  label: () => 'pour',
});
