import type { Brief } from '../brief/brief';
import type { Plan } from '../document/schema';

/** One way to decide something of a plan. */
export interface Variant {
  /** What parts it from the others of its decision. */
  readonly key: string;
  /** In a few words: "1.4 times as steep". */
  readonly says: string;
  /** Any plan of these colours decided so. */
  readonly make: (plan: Plan) => Plan;
}

/** Something an artist decides by looking. A new one is one such file, named in `index.ts`. */
export interface Decision {
  readonly id: string;
  readonly name: string;
  /** Ways to decide it other than the plan's own. */
  readonly variants: (plan: Plan, brief: Brief) => readonly Variant[];
}
