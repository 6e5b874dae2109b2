import { actOf } from './act';
import { meet } from './meet';
import { type Motion, unpack, whole } from './motion';
import type { Pour } from './simulate';
import type { Step } from './step';
import { CHANNELS, traceBack } from './trace-frame';
import type { Back, Traced } from './traced';

/** Ways found, each once: some acts reckon long before they know theirs. */
const found = new WeakMap<Step, Back>();

/** The way back through a step of a pour. */
export function wayBack(step: Step, pour: Pick<Pour, 'scene' | 'site'>): Back {
  const known = found.get(step);
  if (known) return known;
  const back = step.motion ? throughFrame(step) : throughAct(step, pour);
  found.set(step, back);
  return back;
}

const throughAct = ({ source, did }: Step, { scene, site }: Pick<Pour, 'scene' | 'site'>): Back => {
  const act = scene.acts[source!]!;
  return actOf(act).back!(act, did, { site, source: source!, seed: scene.seed });
};

/** A frame: how the film moved, what went round beside that, and where paint came down. */
const throughFrame =
  (step: Step): Back =>
  (traced) => {
    const { kernel, site, count, amid } = traced;
    const { round, met = [] } = step;
    // Whoever is short of memory may have put it into less meanwhile.
    const motion = whole(step.motion!, site.grid);
    const through = amid ? amid.from : count;
    if (met.length > 0) remember(traced);
    kernel.trace(motion, through);
    if (round) kernel.circulate(round, through);
    if (amid) traceAmid(motion, traced, amid);
    for (const { source, disc, h } of met)
      meet(traced, disc, source, { motion, ...(h ? { h } : {}) });
  };

/**
 * The way back of places that set out amid a frame, to its beginning. Where they were before is told as if they had come at the same pace from its
 * end, so that their way through it is as straight as any other's.
 */
function traceAmid(
  motion: Motion,
  { kernel: { samples, before }, site: { grid }, count }: Traced,
  { from, until }: NonNullable<Traced['amid']>,
): void {
  if (from === count) return;
  const field = new Float32Array(CHANNELS * grid.nx * grid.ny);
  unpack(motion, field);
  for (let k = from; k < count; k++) {
    const share = until[k]!;
    for (const axis of AXES) before[axis][k] = samples[axis][k]!;
    traceBack(field, grid, samples, k, motion.box, share);
    for (const axis of AXES) {
      const to = samples[axis][k]!;
      before[axis][k] = to + (before[axis][k]! - to) / Math.max(share, LEAST_SHARE);
    }
  }
}

const AXES = ['x', 'y', 'z'] as const;
/** What sets out earlier in a frame than this is told as from here. */
const LEAST_SHARE = 0.02;

function remember({ kernel: { samples, before }, count }: Traced): void {
  before.x.set(samples.x.subarray(0, count));
  before.y.set(samples.y.subarray(0, count));
  before.z.set(samples.z.subarray(0, count));
}
