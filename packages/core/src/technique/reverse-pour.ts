import type { Move } from '../verb';
import { defineTechnique } from './define';
import { puddles } from './laid';
import { halfOf } from './place';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const reversePour = defineTechnique({
  id: 'reverse-pour',
  name: 'Reverse pour',
  says: 'The pattern is laid first as puddles; then the background is drawn through it in a thin line from a tip, begun off the edge.',
  shows: 'Fields of colour parted and lightened by lines of calm background.',
  sights: ['fields', 'calm'],
  minds: [
    'Begin the line off the edge: a line that begins on the face begins with a blot.',
    'A dividing ribbon rescues a dull picture.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    loading: 'single',
    cups: { least: 2 },
    tools: ['A bottle with a tip'],
  },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'The background comes last, through all the others.',
  },
  settings: {
    swingMm: { kind: 'number', label: 'Swing to each side', min: 0, max: 400, unit: 'mm' },
    waves: { kind: 'number', label: 'Waves', min: 0.5, max: 20 },
    ...STRETCH_SETTINGS,
  },
  defaults: { swingMm: 70, waves: 2.5, ...STRETCH_USUAL, torch: 'none', angleDeg: 6 },
  moves: (stage, { swingMm, waves, torch, angleDeg, by }) => {
    const { widthMm, heightMm } = stage;
    const background = stage.backgroundCup ?? stage.cups.at(-1)!;
    const y = Math.round(heightMm / 2);
    const pattern = stage.cups.filter((cup) => cup !== background);
    const line: Move = {
      id: 'line',
      verb: 'trail',
      cups: [background],
      way: {
        kind: 'wiggle',
        fromMm: [-10, y],
        toMm: [widthMm + 10, y],
        swingMm: Math.round(Math.min(swingMm, 0.7 * halfOf(stage))),
        waveMm: Math.round(widthMm / waves),
      },
      heightMm: 20,
      s: 15,
    };
    return stretch(stage, [...puddles(stage, pattern, stage.cups), line], { torch, angleDeg, by });
  },
});
