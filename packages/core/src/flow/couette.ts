/**
 * How paint goes along under a blade. Between the ground and a blade at `gap` it goes at ζ of the blade's way, ζ = height ÷ gap (Couette), and half of
 * it stays; what comes to lie at a share u of what stays was at ζ = 1 − √(1 − u), and went along by the contact's length · ζ/(1 − ζ) (science-flow 13).
 *
 * Reckoned in volumes along one line, so that it holds where more stays in one place than in another: each level is shifted by as much volume wherever
 * it lies, and none comes to lie twice. Near the beginning the uppermost would have come from before it: that is where what the blade carries from there
 * comes to lie; as much as that goes on past the end.
 */
export interface Couette {
  /** By how much volume what lies at a share of what stays was shifted. */
  readonly shift: (u: number) => number;
  /** So far along, by volume, what lies above this share of what stays comes from what the blade carried. */
  readonly topFrom: (volume: number) => number;
  /** How much of that lies up to there: all that the blade lays down as it goes, at the end of the line. */
  readonly laidBy: (volume: number) => number;
  /** The other way about: how far along so much has been laid. */
  readonly whereLaid: (laid: number) => number;
}

/**
 * @param contact what stays over the length the blade lies on the film
 * @param whole what stays along the whole line
 * @param spare how much the blade has to lay down at the most: where that is less it drags less along
 */
export function couette(contact: number, whole: number, spare: number): Couette {
  const laid = (reach: number, volume: number) =>
    reach + volume > 0 ? (reach * volume) / (reach + volume) : 0;
  // `laid(reach, whole) = spare`, solved for the reach.
  const reach =
    laid(contact, whole) > spare ? (spare * whole) / Math.max(whole - spare, 1e-30) : contact;
  return {
    shift: (u) => reach * (1 / Math.sqrt(Math.max(1e-12, 1 - u)) - 1),
    topFrom: (volume) => (reach > 0 ? 1 - (reach / (reach + volume)) ** 2 : 1),
    laidBy: (volume) => laid(reach, volume),
    whereLaid: (volume) => (reach * volume) / Math.max(reach - volume, 1e-30),
  };
}
