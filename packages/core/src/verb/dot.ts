import { type Dot, dotHighMm, dotMl } from '../flow/dots';
import { pathWords, type Path, type Point, strokesOf } from '../surface/path';
import { defineVerb } from './define';
import { spotsOn } from './spots-on';

/** A tool's tip makes a dot about so much wider than itself (common practice, no published source). */
const WIDER = 1.2;

export const dot = defineVerb({
  id: 'dot',
  title: 'Dots',
  fields: {
    mix: { kind: 'mix', label: 'Mix', use: 'dots' },
    way: { kind: 'path', label: 'Way', usual: 'ring' },
    apartMm: {
      kind: 'number',
      label: 'Dots are apart',
      min: 0.5,
      max: 500,
      unit: 'mm',
      usual: 12,
      grows: 'length',
    },
    dotMm: {
      kind: 'number',
      label: 'A dot across',
      min: 0.5,
      max: 60,
      unit: 'mm',
      usual: 5,
      grows: 'length',
    },
    endMm: {
      kind: 'number',
      label: 'The last one across',
      min: 0.5,
      max: 60,
      unit: 'mm',
      grows: 'length',
      optional: true,
    },
    pullMm: {
      kind: 'number',
      label: 'Brushed outward by',
      min: -200,
      max: 200,
      unit: 'mm',
      grows: 'length',
      optional: true,
    },
  },
  usualS: 60,
  each: true,
  draws: 'dots',
  onDry: {
    title: 'Dots',
    mm: ({ dotMm, endMm = 0 }) => dotHighMm(Math.max(dotMm, endMm) / 2),
  },
  holds: ({ dotMm, pullMm }) =>
    `a dotting tool ${(dotMm / WIDER).toFixed(1)} mm across${pullMm ? ', a fine brush' : ''}`,
  says: ({ mix, way, dotMm, endMm, pullMm, apartMm }, { mixName }) =>
    `Dots of ${mixName(mix)}, ${dotMm}${endMm === undefined ? '' : ` down to ${endMm}`} mm across, ${Math.round(apartMm)} mm apart, ${pathWords(way)}.${
      pullMm
        ? ` Brush each ${Math.abs(Math.round(pullMm))} mm ${pullMm > 0 ? 'outward' : 'inward'} while it is wet.`
        : endMm === undefined
          ? ' Dip for each.'
          : ' Dip once: they get smaller.'
    }`,
  does: (move, { densityOf, inPot, widthMm, heightMm }) => {
    const dots = dotsIn(move, { widthMm, heightMm });
    const ml = Math.min(
      inPot('dots', move.mix),
      dots.reduce((sum, { rMm }) => sum + dotMl(rMm), 0),
    );
    if (ml <= 0) return {};
    return {
      // On a film that is still wet they are drops like any other.
      acts: [
        {
          kind: 'drop',
          spotsMm: dots.map(({ atMm }) => atMm),
          strata: [{ mix: move.mix, ml, dive: 0 }],
          stir: 0,
          outlet: { from: 'top', reach: 0, cling: 0 },
          lamination: 'rings',
        },
      ],
      takes: [{ use: 'dots', mix: move.mix, ml, g: ml * densityOf(move.mix) }],
    };
  },
  dots: (move, scene) => dotsIn(move, scene),
  marks: (move, scene) =>
    dotsIn(move, scene).map(({ atMm, rMm }) => ({ kind: 'disc' as const, atMm, rMm })),
});

/** The dots of a move, in the order they are set. */
function dotsIn(
  move: {
    readonly mix: string;
    readonly way: Path;
    readonly apartMm: number;
    readonly dotMm: number;
    readonly endMm?: number | undefined;
    readonly pullMm?: number | undefined;
  },
  face: { readonly widthMm: number; readonly heightMm: number },
): Dot[] {
  const { mix, way, apartMm, dotMm, endMm = dotMm, pullMm = 0 } = move;
  const about: Point =
    way.repeat?.aboutMm ??
    (way.kind === 'ring' ? way.centreMm : [face.widthMm / 2, face.heightMm / 2]);
  return strokesOf(way).flatMap((line) => {
    const spots = spotsOn([line], apartMm, { closed: way.kind === 'ring' });
    return spots.map((atMm, i): Dot => {
      const share = spots.length > 1 ? i / (spots.length - 1) : 0;
      const rMm = (dotMm + (endMm - dotMm) * share) / 2;
      const [dx, dy] = [atMm[0] - about[0], atMm[1] - about[1]];
      const out = Math.hypot(dx, dy);
      return pullMm === 0 || out === 0
        ? { mix, atMm, rMm }
        : {
            mix,
            atMm,
            rMm,
            pulledMm: [atMm[0] + (dx / out) * pullMm, atMm[1] + (dy / out) * pullMm],
          };
    });
  });
}
