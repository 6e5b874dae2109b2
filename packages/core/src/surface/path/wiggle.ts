import { Type } from '@sinclair/typebox';
import { apart, type PathShape, type Point } from './define';
import {
  acrossFace,
  beside,
  type Wave,
  WAVE_NUMBERS,
  WAVE_PARTS,
  waveHandles,
  waveMoved,
} from './wave';

/** A cup shaken from side to side as it goes: a sine along a line. */
export type Wiggle = { kind: 'wiggle' } & Wave;

/** Chords of one wave: by then a sine strays less than a hundredth of its swing. */
const CHORDS_PER_WAVE = 24;

export const wiggle = {
  id: 'wiggle',
  title: 'Wiggle',
  schema: Type.Object(
    { kind: Type.Literal('wiggle'), ...WAVE_PARTS },
    { additionalProperties: false },
  ),
  numbers: WAVE_NUMBERS,
  start: ({ widthMm, heightMm }) => ({ kind: 'wiggle', ...acrossFace(widthMm, heightMm) }),
  points: (path) => {
    const waves = apart(path.fromMm, path.toMm) / path.waveMm;
    const count = Math.max(2, Math.ceil(waves * CHORDS_PER_WAVE));
    return Array.from({ length: count + 1 }, (_, i): Point =>
      beside(path, i / count, path.swingMm * Math.sin((2 * Math.PI * waves * i) / count)),
    );
  },
  places: () => ['Begins', 'Ends'],
  handles: waveHandles,
  moved: waveMoved,
  says: ({ swingMm }) => `along a line, shaken ${Math.round(2 * swingMm)} mm from side to side`,
} as const satisfies PathShape<Wiggle>;
