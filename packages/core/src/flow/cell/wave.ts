import { type Fastest, fastest } from './dispersion';

/** The fastest wave is looked for once for films nearly alike: shares a fiftieth apart, the rest by factors of these. */
const SHARES = 50;
const PER_DOUBLING = 3;
const PER_E = 6;

/** No wave of mixing films is told apart from one of so little tension. */
const NO_TENSION = 1e-4;

const known = new Map<number, Fastest | undefined>();

/** See `fastest`; of films nearly like these. */
export function waveOf(upper: number, ratio: number, tension: number): Fastest | undefined {
  const share = Math.min(SHARES - 1, Math.max(1, Math.round(upper * SHARES)));
  const doublings = Math.min(24, Math.max(-24, Math.round(Math.log2(ratio) * PER_DOUBLING)));
  const es = tension < NO_TENSION ? -100 : Math.round(Math.log(tension) * PER_E);
  const key = (share * 64 + doublings + 32) * 256 + es + 128;
  if (!known.has(key))
    known.set(
      key,
      fastest({
        upper: share / SHARES,
        ratio: 2 ** (doublings / PER_DOUBLING),
        tension: tension < NO_TENSION ? 0 : Math.exp(es / PER_E),
      }),
    );
  return known.get(key);
}
