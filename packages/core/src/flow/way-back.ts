import { actOf } from './act';
import { meet } from './meet';
import { whole } from './motion';
import type { Pour } from './simulate';
import type { Step } from './step';
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
    const { kernel, site, count } = traced;
    const { round, met = [] } = step;
    // Whoever is short of memory may have put it into less meanwhile.
    const motion = whole(step.motion!, site.grid);
    if (met.length > 0) remember(traced);
    kernel.trace(motion, count);
    if (round) kernel.circulate(round, count);
    for (const { source, disc, h } of met)
      meet(traced, disc, source, { motion, ...(h ? { h } : {}) });
  };

function remember({ kernel: { samples, before }, count }: Traced): void {
  before.x.set(samples.x.subarray(0, count));
  before.y.set(samples.y.subarray(0, count));
  before.z.set(samples.z.subarray(0, count));
}
