/** Kinematic viscosity of parts mixed or poured together, m²/s: ln ν by volume (Arrhenius; Grunberg and Nissan 1949 without interaction). */
export function meanNu(
  parts: readonly { readonly mix: string; readonly ml: number }[],
  nuOf: (mix: string) => number,
): number {
  let ml = 0;
  let sum = 0;
  for (const part of parts) {
    ml += part.ml;
    sum += part.ml * Math.log(nuOf(part.mix));
  }
  return ml > 0 ? Math.exp(sum / ml) : ANY_NU;
}

/** Where nothing is poured nothing flows; any number does. */
const ANY_NU = 1e-3;
