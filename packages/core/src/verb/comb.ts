import { lengthOfLine, pathWords, type Point, strokesOf } from '../surface/path';
import { defineVerb } from './define';

/** What lies a tool's width from it goes along by a third. */
const REACH = 1;
const USUAL_APART_MM = 15;

export const comb = defineVerb({
  id: 'comb',
  title: 'Comb',
  fields: {
    way: { kind: 'path', label: 'Way', usual: 'line' },
    tines: { kind: 'number', label: 'Tines', min: 1, max: 60, usual: 1 },
    apartMm: {
      kind: 'number',
      label: 'Tines are apart',
      min: 1,
      max: 200,
      unit: 'mm',
      grows: 'length',
      optional: true,
    },
    toolMm: { kind: 'number', label: 'Thick as', min: 0.5, max: 30, unit: 'mm', usual: 3 },
  },
  usualS: 10,
  holds: ({ tines }) => (tines > 1 ? 'the comb' : 'a skewer'),
  paced: 'length',
  stroke: true,
  each: true,
  does: ({ way, tines, apartMm = USUAL_APART_MM, toolMm }, { factors }) => {
    const lines = strokesOf(way).flatMap((line) =>
      besideEachOther(line, Math.round(tines), apartMm),
    );
    return {
      acts: lines.map((points) => ({
        kind: 'drag' as const,
        lineMm: points,
        takesMm: Math.min(
          factors['comb-takes-at-most'],
          factors['comb-takes'] * lengthOfLine(points),
        ),
        reachMm: REACH * toolMm,
      })),
    };
  },
  says: ({ way, tines, apartMm = USUAL_APART_MM, toolMm }) =>
    tines < 2
      ? `Draw a skewer ${toolMm} mm thick through the film ${pathWords(way)}, down to the ground. Wipe it before the next stroke.`
      : `Draw a comb of ${Math.round(tines)} tines, ${Math.round(apartMm)} mm apart, through the film ${pathWords(way)}. Wipe it before the next stroke.`,
  marks: ({ way }) => [{ kind: 'path', path: way }],
});

/** The ways of so many tines of a comb that is held square to where it sets out and not turned on its way. */
function besideEachOther(line: readonly Point[], tines: number, apartMm: number): Point[][] {
  const [from, to] = [line[0]!, line[1]!];
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const across = length > 0 ? [(from[1] - to[1]) / length, (to[0] - from[0]) / length] : [0, 1];
  return Array.from({ length: tines }, (_, n) => {
    const by = (n - (tines - 1) / 2) * apartMm;
    return line.map(([x, y]): Point => [x + by * across[0]!, y + by * across[1]!]);
  });
}
