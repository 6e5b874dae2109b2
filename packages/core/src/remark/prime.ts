import type { Finding } from './evidence';

const GROUNDS = { white: '#f4f4f1', black: '#161616' } as const;

/** The fix that primes the surface, where the ground itself is what lies below. */
export const prime = (to: keyof typeof GROUNDS): NonNullable<Finding['fix']> => ({
  label: `Prime the surface ${to}`,
  patch: [{ op: 'replace', path: '/surface/ground', value: { hex: GROUNDS[to], finish: 'matt' } }],
});
