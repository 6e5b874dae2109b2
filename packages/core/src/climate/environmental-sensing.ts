/** What these characteristics write where nothing is known. */
const NO_TEMPERATURE = -0x8000;
const NO_HUMIDITY = 0xffff;

const inHundredths = (steps: number): number => Number((steps / 100).toFixed(2));

/**
 * Reads a Temperature of the Bluetooth profile for surroundings (service 0x181A, characteristic 0x2A6E): hundredths of a degree Celsius, signed, low
 * byte first. Source: Bluetooth SIG, Environmental Sensing Service 1.0, and its list of characteristics (from memory; checked against hand-written
 * bytes). Undefined where the bytes are no such reading, or it is not known.
 */
export function readTemperature(bytes: DataView): number | undefined {
  if (bytes.byteLength < 2) return undefined;
  const steps = bytes.getInt16(0, true);
  return steps === NO_TEMPERATURE ? undefined : inHundredths(steps);
}

/** Reads a Humidity of the same profile (characteristic 0x2A6F): hundredths of a per cent, low byte first. Undefined as for `readTemperature`. */
export function readHumidity(bytes: DataView): number | undefined {
  if (bytes.byteLength < 2) return undefined;
  const steps = bytes.getUint16(0, true);
  return steps === NO_HUMIDITY || steps > 10_000 ? undefined : inHundredths(steps);
}
