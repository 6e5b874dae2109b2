/** A fresh id made on this device: 128 random bits, so that two devices never choose the same. */
export function newId(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))]
    .map((b) => b.toString(16).padStart(2, '0'))
    .join('');
}
