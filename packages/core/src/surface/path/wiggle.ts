import { apart, type PathShape, type Point } from './define';
import { beside, ofWaves, type Wave } from './wave';

/** A cup shaken from side to side as it goes: a sine along a line. */
export type Wiggle = { kind: 'wiggle' } & Wave;

/** Chords of one wave: by then a sine strays less than a hundredth of its swing. */
const CHORDS_PER_WAVE = 24;

export const wiggle = {
  ...ofWaves('wiggle'),
  title: 'Wiggle',
  points: (path) => {
    const waves = apart(path.fromMm, path.toMm) / path.waveMm;
    const count = Math.max(2, Math.ceil(waves * CHORDS_PER_WAVE));
    return Array.from({ length: count + 1 }, (_, i): Point =>
      beside(path, i / count, path.swingMm * Math.sin((2 * Math.PI * waves * i) / count)),
    );
  },
  says: ({ swingMm }) =>
    `along a line, shaken ${Math.round(2 * Math.abs(swingMm))} mm from side to side`,
} as const satisfies PathShape<Wiggle>;
