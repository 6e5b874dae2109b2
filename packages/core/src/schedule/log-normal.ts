/**
 * A time of which only a span is known, as a log-normal: it is below the span's beginning in one case of ten, beyond its end in another. Times that
 * come of many factors, each by a share, lie like that (Limpert, Stahel and Abbt 2001).
 */
export interface LogNormal {
  /** Mean and standard deviation of ln t. */
  readonly mu: number;
  readonly sigma: number;
}

/** What lies beyond the ends of a span, on each side. */
const BEYOND = 0.1;
/** Of the standard normal distribution, what is exceeded in one case of ten (tables). */
const Z10 = 1.2815515655446004;

/** @param from beginning of the span; @param to its end, in the same unit, both above 0 */
export const logNormalOf = (from: number, to: number): LogNormal => ({
  mu: (Math.log(from) + Math.log(to)) / 2,
  sigma: Math.max(1e-6, (Math.log(to) - Math.log(from)) / (2 * Z10)),
});

/** Share of the standard normal distribution below z: by the error function as Abramowitz and Stegun have it (7.1.26), to 1.5e−7. */
export function below(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const tail =
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) *
    t *
    Math.exp(-x * x);
  return z < 0 ? tail / 2 : 1 - tail / 2;
}

/** Steps of the halving: to a part in 10¹² of a decade. */
const HALVINGS = 60;

/** The time below which it lies with this share, where it is known to lie between two others. */
export function quantile(
  { mu, sigma }: LogNormal,
  share: number,
  between: { readonly after?: number; readonly before?: number } = {},
): number {
  const at = (t: number) => below((Math.log(t) - mu) / sigma);
  const low = between.after === undefined || between.after <= 0 ? 0 : at(between.after);
  const high = between.before === undefined ? 1 : at(between.before);
  // Far out there is nothing left to tell shares by: then it is as soon as it can be, or as late.
  if (high - low < 1e-9) return between.after ?? between.before ?? Math.exp(mu);
  const wanted = low + share * (high - low);
  let [from, to] = [mu - 12 * sigma, mu + 12 * sigma];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (from + to) / 2;
    if (below((middle - mu) / sigma) < wanted) from = middle;
    else to = middle;
  }
  return Math.exp((from + to) / 2);
}

/** The span again, of what is known by now. */
export const spanOf = (
  of: LogNormal,
  between: { readonly after?: number; readonly before?: number } = {},
): readonly [from: number, to: number] => [
  quantile(of, BEYOND, between),
  quantile(of, 1 - BEYOND, between),
];
