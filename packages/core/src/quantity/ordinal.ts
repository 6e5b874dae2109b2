const WORDS = [
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
  'eleventh',
  'twelfth',
] as const;

/** Which one in a row, as one says it: "second"; beyond twelve in figures, "23rd". */
export function ordinal(n: number): string {
  const word = WORDS[n - 1];
  if (word !== undefined) return word;
  const last = n % 100 > 10 && n % 100 < 14 ? 0 : n % 10;
  return `${n}${['th', 'st', 'nd', 'rd'][last] ?? 'th'}`;
}
