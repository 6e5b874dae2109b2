import type { ReadAnswer } from '@/workers/read-messages';

/** A picture of the piece as one column of the table. */
export interface Column {
  readonly title: string;
  readonly answer: ReadAnswer;
}
