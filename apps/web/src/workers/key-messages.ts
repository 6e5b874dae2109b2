import type { KeyAsk } from '@potter/core/flow';

/** Pictures of the way there that a page asks for. */
export type KeysAsk = KeyAsk & {
  /** Nobody waits for them: half of the time is left to whatever else goes on. */
  readonly gently?: boolean;
};

/** The piece after so many turns of its pour. */
export interface Key {
  readonly turns: number;
  readonly picture: Blob;
}
