/** What a coat lies on, one piece. */
interface Coated {
  readonly areaCm2: number;
  /** Covered edges; nothing where they stay bare. */
  readonly edgeCm2: number;
}

/**
 * What a coat takes on one piece, mL: area × film, half the film on the edges (estimate), and what drips off it.
 * @param drips share of the whole that runs off an open edge; 0 for what is brushed on or held by a rim
 */
export const coatMl = ({ areaCm2, edgeCm2 }: Coated, filmMm: number, drips: number): number =>
  (((areaCm2 + edgeCm2 / 2) * filmMm) / 10) * (1 + drips);

/** How thick a coat of a varnish lies wet, mm, by how far a litre goes. */
export const filmOfCoverageMm = (m2PerL: number): number => 1 / m2PerL;
