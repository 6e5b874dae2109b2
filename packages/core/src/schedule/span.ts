/** A span of hours after the pour: the earliest and the latest it may be so far. */
export interface Span {
  readonly fromH: number;
  readonly toH: number;
}
