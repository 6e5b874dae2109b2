/** Times a piece may be left for that are told of beforehand, min. */
export const LEFT_MIN = [15, 30, 60] as const;
export const LONGEST_S = 60 * Math.max(...LEFT_MIN);
