import type { RestAsk } from '@potter/core/flow';

type PracticeAsk = Omit<RestAsk, 'pixels'>;

/** What a practice camera does, away from the screen. */
export interface PracticeCamera {
  /** Pours the piece it looks down on; `tell` hears the share done. */
  readonly pour: (ask: PracticeAsk, tell: (share: number) => void) => Promise<void>;
  /** Takes a photograph of it after it was left alone for so long, s. */
  readonly take: (leftForS: number) => Promise<Blob>;
}
