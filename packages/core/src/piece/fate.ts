/** What became of a colour on the piece. */
export const FATES = ['survived', 'lost', 'took-over'] as const;
export type Fate = (typeof FATES)[number];

export const FATE_WORDS: Readonly<Record<Fate, string>> = {
  survived: 'Survived',
  lost: 'Lost',
  'took-over': 'Took over',
};
