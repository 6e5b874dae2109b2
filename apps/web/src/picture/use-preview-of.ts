import { brief, type Plan, previewOf } from '@potter/core/plan';
import { useMemo } from 'react';
import type { Had } from './had';
import { useSeveral } from './several';

/** As large as a phone shows it, px. */
const PX = 512;
const OF_THIS = 'this';
const NONE: Parameters<typeof useSeveral>[0] = [];

/** The preview of a plan; undefined till it is computed, and where nobody asks. */
export function usePreviewOf(plan: Plan | undefined): Had | undefined {
  const wanted = useMemo(
    () =>
      plan ? [{ key: OF_THIS, preview: () => previewOf(plan, brief(plan), plan.seed ?? 1) }] : NONE,
    [plan],
  );
  const { had } = useSeveral(wanted, { pixels: PX });
  return plan && had.get(OF_THIS);
}
