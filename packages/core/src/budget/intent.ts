import type { Budget, Intent } from './schema';

interface IntentDefinition {
  readonly name: string;
  readonly says: string;
  /** How much of it against the others. */
  readonly parts: number;
}

/**
 * What a colour may be for, and how much of it that takes: background or dominant most, strong darks little, an accent less
 * (common practice, no published source; the parts are an estimate).
 */
export const INTENTS: Readonly<Record<Intent, IntentDefinition>> = {
  background: { name: 'Background', says: 'the calm the others stand on', parts: 4 },
  dominant: { name: 'Dominant', says: 'what one sees first', parts: 4 },
  support: { name: 'Support', says: 'goes along with it', parts: 2 },
  dark: { name: 'Strong dark', says: 'a little goes far', parts: 1 },
  accent: { name: 'Accent', says: 'only a spark', parts: 0.6 },
};

/** Shares by what each colour is for; one without an intent counts as support. */
export function sharesByIntent(shares: Budget['shares']): Budget['shares'] {
  const parts = shares.map((s) => INTENTS[s.intent ?? 'support'].parts);
  const whole = parts.reduce((sum, p) => sum + p, 0);
  return shares.map(({ set: _, ...s }, i) => ({
    ...s,
    share: Number((parts[i]! / whole).toFixed(4)),
  }));
}
