import { applyPatch } from 'rfc6902';
import type { PatchOp } from '../../remark';
import { copyOf } from './copy';
import type { Plan } from './schema';

/** The plan with a patch (RFC 6902) applied; the plan handed in stays as it was. Throws an Error where the patch does not fit. */
export function patchPlan(plan: Plan, patch: readonly PatchOp[]): Plan {
  const copy = copyOf(plan);
  const failed = applyPatch(copy, copyOf(patch) as Parameters<typeof applyPatch>[1]).find(
    (e) => e !== null,
  );
  if (failed) throw new Error(`the fix does not fit this plan any more: ${failed.message}`);
  return copy;
}
