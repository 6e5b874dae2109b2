/** Saves without an answer that one save may name: the last of them decides, and no device waits for more. */
export const MOST_UNANSWERED = 50;
