const GRAVITY = 9.81;

/** A film on a board that leans. */
export interface LeaningFilm {
  /** Of the board, down its steepest line, mm a metre. */
  readonly mmPerM: number;
  readonly filmMm: number;
  readonly viscosityPaS: number;
  readonly densityGPerMl: number;
  /** It is twice as thick every so long, min. */
  readonly setsAfterMin: number;
  /** Thicker than this it stands where too little drags at it, Pa·s. */
  readonly standsFromPaS: number;
  /** How much that is for each Pa·s more, Pa. */
  readonly standsByPa: number;
}

/**
 * How far the top of a film creeps down a board that leans, mm. Its speed is ρ g sin θ h² / 2 μ, the surface speed of a film that runs down a plane
 * (Nusselt 1916), times (1 − y/P)² where it has a yield y, P being what drags at the ground under it (Bingham 1922; both from memory, and as the flow
 * of the preview). As it sets μ doubles every `setsAfterMin`, so that its way is an integral over viscosities, in closed form. It never gets further
 * than its first speed for `setsAfterMin` / ln 2, and stands for good once its yield is all that drags at it.
 */
export function driftMm(film: LeaningFilm, minutes: number): number {
  const { mmPerM, filmMm, viscosityPaS, densityGPerMl, setsAfterMin } = film;
  const { standsFromPaS, standsByPa } = film;
  const heightM = filmMm / 1000;
  const dragPa = densityGPerMl * 1000 * GRAVITY * (mmPerM / 1000) * heightM;
  if (dragPa <= 0) return 0;
  const thickest = viscosityPaS * 2 ** (minutes / setsAfterMin);
  // 1 − y/P = held − perPaS·μ where there is a yield.
  const perPaS = standsByPa / dragPa;
  const held = 1 + perPaS * standsFromPaS;
  const begins = Math.max(viscosityPaS, Math.min(standsFromPaS, thickest));
  const ends = Math.max(begins, Math.min(thickest, held / perPaS));
  // ∫ dμ/μ² and ∫ (held − perPaS·μ)² dμ/μ²; without a yield it goes on for ever.
  const runs = 1 / viscosityPaS - 1 / begins;
  const slows =
    held ** 2 * (1 / begins - 1 / ends) -
    (perPaS > 0 ? 2 * held * perPaS * Math.log(ends / begins) - perPaS ** 2 * (ends - begins) : 0);
  return ((1000 * heightM * dragPa * 60 * setsAfterMin) / (2 * Math.LN2)) * (runs + slows);
}
