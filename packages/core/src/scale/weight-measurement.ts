/** What a scale says over the air: a weight, or that it could not weigh. */
export interface WeightMeasurement {
  /** Absent where the scale could not weigh. */
  readonly g?: number;
  /** It counts in steps of this, g. */
  readonly stepG: number;
}

const GRAMS_PER_POUND = 453.59237;
/** What the profile writes where the scale could not weigh. */
const UNSUCCESSFUL = 0xffff;

/**
 * Reads a Weight Measurement of the Bluetooth profile for weight scales (service 0x181D, characteristic 0x2A9D): a byte of flags, of which the
 * lowest says pounds, then the weight in steps of 5 g or of a hundredth of a pound, low byte first. Source: Bluetooth SIG, Weight Scale Service
 * 1.0, 3.2 (from memory; checked against hand-written bytes). Undefined where the bytes are no such measurement.
 */
export function readWeightMeasurement(bytes: DataView): WeightMeasurement | undefined {
  if (bytes.byteLength < 3) return undefined;
  const stepG = bytes.getUint8(0) & 1 ? GRAMS_PER_POUND / 100 : 5;
  const steps = bytes.getUint16(1, true);
  return { stepG, ...(steps === UNSUCCESSFUL ? {} : { g: Number((steps * stepG).toFixed(1)) }) };
}
