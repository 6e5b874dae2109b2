/** Words as a sentence begins with them. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
