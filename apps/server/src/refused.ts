import type { RefusalCode } from '@potter/contract';
import { REFUSALS } from '@potter/contract/refusals';
import type { Fault } from '@potter/core/schema';

/** A request that cannot be carried out: a code for programs, which says the status, and a message for people. */
export class Refused extends Error {
  readonly statusCode: number;

  constructor(
    readonly code: RefusalCode,
    message: string,
    readonly faults: readonly Fault[] = [],
    readonly revision?: number,
  ) {
    super(message);
    this.statusCode = REFUSALS[code];
  }
}
