import type { Former } from '@potter/contract';

/** A change on its way to the studio, kept on this device until the studio has it. */
export interface Letter {
  /** What it changes, such as `run.<id>`: of a page's letters about one thing the newer takes the older ones' place. */
  readonly about: string;
  /** This letter's own id: a newer one about the same thing has another. */
  readonly id: string;
  /** Letters go in this order; later ones are larger. */
  readonly at: number;
  readonly method: 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  /** Data, or a picture as it is. */
  readonly body?: unknown;
  /** The studio takes the body as a change of what stands there, not as the whole of it. */
  readonly change?: boolean;
  /** Of a change: what was seen wherever it changed something. Without it the body takes the place of whatever stands. */
  readonly was?: Former;
  /** What it is in an artist's words: "The pour of Quince and Slate". */
  readonly names: string;
  /** Why the studio will not have it, in its words: kept here, sent no more until the artist says so. */
  readonly refused?: string;
}

/** A change as it is handed in; its id and its place in the order are the outbox's. */
export type Posted = Omit<Letter, 'id' | 'at' | 'refused'>;
