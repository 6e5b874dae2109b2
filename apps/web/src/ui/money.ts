/** A sum of money as it is written, two places always. */
export const money = (sum: number): string => sum.toFixed(2);
