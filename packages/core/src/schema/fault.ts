/** One thing wrong with a document: where (JSON pointer) and what, with how to mend it. */
export interface Fault {
  readonly path: string;
  readonly message: string;
}
