/** A way to order colours in a cup. */
export interface OrderSchool {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  /** How well a colour lies on another, 0 to 1; hexes of masstones, `above` went in later. */
  readonly score: (below: string, above: string) => number;
}
