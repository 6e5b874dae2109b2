/** Words as options of a choice, each its own label. */
export const options = <T extends string>(...values: T[]): { value: T; label: T }[] =>
  values.map((value) => ({ value, label: value }));
