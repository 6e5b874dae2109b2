import type { Plan, PourTold } from '@potter/core/plan';

/** A pour that is asked for: of which plan, by which chance, looked at how finely. */
export interface PourAsked {
  readonly plan: Plan;
  readonly seed?: number;
  /** Longer side of the picture it is judged by, px. */
  readonly px: number;
}

/** What came of it, and a digest of its picture: the same plan, seed and size give the same. */
export type PourAnswer = PourTold & { readonly hash: string };
