/** A colour of which two pictures do not show as much. */
export interface Unequal {
  readonly id: string;
  /** How much more of it the first shows, as a share of the face. */
  readonly by: number;
}

/** A reading is right to three points; two of them differ by more than both may be off. */
const TELLS = 0.05;

/** Colours that one picture shows more of than another by more than readings may be off, most first: what a preview over- or underrates. */
export const unequalIn = (
  one: Readonly<Record<string, number>>,
  other: Readonly<Record<string, number>>,
): Unequal[] =>
  Object.keys(one)
    .map((id) => ({ id, by: one[id]! - (other[id] ?? 0) }))
    .filter(({ by }) => Math.abs(by) >= TELLS)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by));
