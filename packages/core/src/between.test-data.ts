import fc from 'fast-check';

/** Parts a range is told in. */
const PARTS = 2 ** 30;

/**
 * Numbers spread evenly over a range, its ends now and then. Those of `fc.double` are spread evenly over all numbers a computer can tell: from 0 to 1,
 * nine of ten are less than a millionth, and hardly any is near a half.
 */
export const between = (min: number, max: number): fc.Arbitrary<number> =>
  fc.oneof(
    { arbitrary: fc.constantFrom(min, max), weight: 1 },
    {
      arbitrary: fc
        .noBias(fc.nat(PARTS))
        .map((part) => Math.min(max, min + ((max - min) * part) / PARTS)),
      weight: 9,
    },
  );
