/** Whatever takes pictures of a resting piece by itself. The watch knows no other; what a source cannot do is absent. */
export interface CameraSource {
  /** What it sees all the time, for standing it over the piece. */
  readonly stream?: MediaStream;
  /** Its time, ms since 1970. */
  readonly now: () => number;
  /** How many times as fast as the wall's its clock goes. */
  readonly pace: number;
  /** Takes a picture. Throws an Error that says what to do where it cannot any more. */
  readonly take: () => Promise<Blob>;
  readonly close: () => void;
}
