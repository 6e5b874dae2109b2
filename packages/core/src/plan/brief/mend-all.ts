import { patchPlan } from '../document/patch';
import type { Plan } from '../document/schema';
import type { Studio } from '../document/studio';
import { brief } from './brief';

/** More than so many of one kind nobody has. */
const MOST = 48;

/**
 * Takes every remark of one kind by its own act, one after another: each is worked out on the plan the one before left, since places in it move.
 * Ends where an act does not take its remark away.
 */
export function mendAll(plan: Plan, code: string, studio: Studio = {}): Plan {
  let mended = plan;
  const done = new Set<string>();
  for (let i = 0; i < MOST; i++) {
    const next = brief(mended, studio).remarks.find(
      (r) => r.code === code && r.fix && !done.has(r.message),
    );
    if (!next?.fix) break;
    done.add(next.message);
    mended = patchPlan(mended, next.fix.patch);
  }
  return mended;
}
