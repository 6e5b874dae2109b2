import type { Evidence } from '../remark';

/** What was done at the table, where a pour of the plan was carried out. */
export interface AtTable {
  /** How long a move really took, s; undefined where nobody timed it. */
  readonly tookS: (move: string) => number | undefined;
}

/** A cause as a plan's own figures weigh it. */
export interface Weighed {
  /** How many times what is usual, or what goes well: at 1 it is at the limit, beyond it likely. */
  readonly times: number;
  /** The figure, as one says it: "film 1.6 mm, twice the usual". */
  readonly says: string;
}

/** Something that spoils a piece. A new one is one such file, named under the faults it causes. */
export interface CauseDefinition {
  readonly id: string;
  /** What it is, a few words. */
  readonly title: string;
  /** What to do about it next time, a sentence. */
  readonly nextTime: string;
  /** Undefined where the plan cannot tell, or it does not come into question. */
  readonly weigh: (evidence: Evidence, table: AtTable) => Weighed | undefined;
}

/** Something seen on a finished piece that was not meant. A new one is one such file, named in `index.ts`. */
export interface FaultDefinition {
  readonly id: string;
  readonly title: string;
  /** How one knows it. */
  readonly says: string;
  readonly causes: readonly CauseDefinition[];
}

export const defineFault = <const Id extends string>(
  fault: FaultDefinition & { readonly id: Id },
): FaultDefinition & { readonly id: Id } => fault;

/** "twice the usual", "1.6 times the usual"; nothing where it is no more than that. */
export const timesWords = (times: number): string =>
  times < 1.1
    ? ''
    : times > 1.9 && times < 2.1
      ? ', twice the usual'
      : `, ${times.toFixed(1)} times the usual`;
