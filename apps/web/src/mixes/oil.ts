/** Oil is spoken of in drops a cup of this size. */
export const OIL_PER_ML = 60;
