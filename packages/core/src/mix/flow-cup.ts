/** A cup with a hole: how long it takes to run empty tells how thick what is in it is. */
export interface FlowCup {
  readonly id: string;
  readonly name: string;
  /** Kinematic viscosity from the time it runs, mm²/s. */
  readonly nuMm2S: (seconds: number) => number;
  /** Between these times the formula holds, s. */
  readonly fromS: number;
  readonly toS: number;
}

const iso = (mm: 3 | 4 | 5 | 6, a: number, b: number): FlowCup => ({
  id: `iso-${mm}`,
  name: `ISO cup, ${mm} mm`,
  nuMm2S: (t) => a * t - b / t,
  fromS: 30,
  toS: 100,
});

/** Flow cups artists own: ISO 2431 with 3 to 6 mm, and No. 4 of ASTM D1200 (formulas from memory). */
export const FLOW_CUPS: readonly FlowCup[] = [
  iso(3, 0.443, 200),
  iso(4, 1.37, 200),
  iso(5, 3.28, 220),
  iso(6, 6.9, 570),
  {
    id: 'astm-4',
    name: 'No. 4 cup',
    nuMm2S: (t) => 3.85 * (t - 4.49),
    fromS: 20,
    toS: 100,
  },
];

/** Viscosity of a mix of this density that runs so long out of a cup, Pa·s: μ = ρν. */
export const viscosityOfFlow = (cup: FlowCup, seconds: number, densityGPerMl: number): number =>
  // mm²/s × g/mL = mPa·s.
  (cup.nuMm2S(seconds) * densityGPerMl) / 1000;
