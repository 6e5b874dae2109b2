import { outletOf } from '../cup/outlets';
import { along, lengthOfLine, pathWords, strokesOf } from '../surface/path';
import { toward } from './mark/define';
import { defineVerb } from './define';
import { pouredOnItsWay } from './empties';
import { directionWords } from './place';

/** It is laid down in so long, s. */
const LAID_S = 3;
/** Places it is told by. */
const POINTS = 120;

export const string = defineVerb({
  id: 'string',
  title: 'String pull',
  fields: {
    cup: { kind: 'cup', label: 'Dipped in' },
    way: { kind: 'path', label: 'Laid along, to where it is pulled', usual: 's' },
    towardDeg: {
      kind: 'number',
      label: 'Pulled toward',
      min: -360,
      max: 360,
      unit: 'deg',
      usual: 90,
    },
    stringMm: { kind: 'number', label: 'Thick as', min: 0.5, max: 15, unit: 'mm', usual: 4 },
  },
  usualS: 20,
  holds: () => 'the string',
  each: true,
  says: ({ cup, way, towardDeg, stringMm }, { cupName }) =>
    `Draw a string ${stringMm} mm thick through ${cupName(cup)}, lay it ${pathWords(way)}, and pull it off by its end toward the ${directionWords(towardDeg)}, low and in one go.`,
  // A thread slowly drawn out of paint would carry 1.34 Ca^⅔ of its radii (Landau and Levich 1942, Derjaguin 1943, from memory); paint's Ca is
  // about 1.4, past where that holds.
  does: ({ cup, way, towardDeg, stringMm }, { inCup, outletOf: outletIn, factors }) => {
    const coated = 1 + factors['string-coats'];
    const held = inCup(cup);
    if (!held || held.ml <= 0) return {};
    const line = strokesOf(way).flat();
    const at = along(line);
    const length = lengthOfLine(line);
    const a = stringMm / 2;
    // mm³ → mL.
    const ml = Math.min(held.ml, (Math.PI * ((a * coated) ** 2 - a * a) * length) / 1000);
    if (!(ml > 0)) return {};
    const share = ml / held.ml;
    return {
      acts: [
        {
          kind: 'stream',
          pathMm: line,
          radiusMm: [{ at: 0, mm: a * coated }],
          strayMm: 0,
          s: LAID_S,
          core: false,
          strata: held.strata.map((layer) => ({ ...layer, ml: layer.ml * share })),
          stir: held.stir,
          outlet: outletOf(outletIn(cup)),
          lamination: 'stack',
        },
        {
          kind: 'pull',
          lineMm: Array.from({ length: POINTS + 1 }, (_, k) => at(k / POINTS)),
          towardDeg,
          radiusMm: a * coated,
          takes: factors['string-takes'],
        },
      ],
      takes: [{ cup, ml, g: held.g * share }],
    };
  },
  empties: pouredOnItsWay,
  aim: {
    label: 'Pulled toward',
    of: ({ way, towardDeg }) => ({
      fromMm: strokesOf(way).at(-1)!.at(-1)!,
      deg: towardDeg,
      mm: TAIL_MM,
    }),
    to: (_, deg) => ({ towardDeg: deg }),
  },
  marks: ({ way, towardDeg }) => {
    const end = strokesOf(way).flat().at(-1)!;
    return [
      { kind: 'path', path: way },
      {
        kind: 'path',
        path: { kind: 'line', fromMm: end, toMm: toward(end, towardDeg, TAIL_MM) },
      },
    ];
  },
});

/** The arrow that shows which way it is pulled is so long, mm. */
const TAIL_MM = 60;
