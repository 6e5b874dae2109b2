/** The piece after so many turns of its pour. */
export interface Key {
  readonly turns: number;
  readonly picture: Blob;
}
