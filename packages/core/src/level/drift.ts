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
}

/**
 * How far the top of a film creeps down a board that leans, mm: its speed is ρ g sin θ h² / 2 μ, the surface speed of a film that runs down a plane
 * (Nusselt 1916; as the flow of the preview), and falls as the film sets, by half every `setsAfterMin`. It never gets further than that speed
 * for `setsAfterMin` / ln 2.
 */
export function driftMm(film: LeaningFilm, minutes: number): number {
  const { mmPerM, filmMm, viscosityPaS, densityGPerMl, setsAfterMin } = film;
  const h = filmMm / 1000;
  const mPerS = (densityGPerMl * 1000 * GRAVITY * (mmPerM / 1000) * h * h) / (2 * viscosityPaS);
  const forS = ((60 * setsAfterMin) / Math.LN2) * (1 - 2 ** (-minutes / setsAfterMin));
  return 1000 * mPerS * forS;
}
