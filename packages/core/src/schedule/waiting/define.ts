import type { Factors } from '../../factor';
import type { Span } from '../span';

/** What a school looks at: how long the film takes to feel dry, and what it is. */
interface Drying {
  readonly touch: Span;
  readonly wetMm: number;
  readonly small: boolean;
}

/** A school of waiting before a coat. A new one is one such file, named in `index.ts`. */
export interface WaitingDefinition {
  readonly id: string;
  readonly title: string;
  readonly says: string;
  /** When it would coat, hours after the pour. */
  readonly coats: (drying: Drying, factors: Factors) => Span;
}

export const defineWaiting = <const W extends WaitingDefinition>(waiting: W): W => waiting;
