import { hexToOklch as of } from './oklch';

/** A colour as it lies in a strip of swatches. */
export interface Swatch {
  readonly hex: string;
  /** Hiding reserve of two coats. */
  readonly reserve: number;
  readonly densityGPerMl: number;
}

export type ArrangementId = 'own' | 'dark' | 'wheel' | 'covers' | 'weight';

/** A way to lay swatches; the least `key` comes first. */
export interface Arrangement {
  readonly id: ArrangementId;
  readonly name: string;
  readonly key: (swatch: Swatch, at: number) => number;
}

/** Colours of less chroma have no place on the wheel: they come after it, dark to light. */
const NEUTRAL = 0.035;

export const ARRANGEMENTS: readonly Arrangement[] = [
  { id: 'own', name: 'My own', key: (_, at) => at },
  { id: 'dark', name: 'Dark to light', key: ({ hex }) => of(hex).l },
  {
    id: 'wheel',
    name: 'Round the wheel',
    key: ({ hex }) => {
      const { l, c, h } = of(hex);
      return c < NEUTRAL ? 1000 + l : h;
    },
  },
  { id: 'covers', name: 'What covers first', key: ({ reserve }) => -reserve },
  { id: 'weight', name: 'Heavy to light', key: ({ densityGPerMl }) => -densityGPerMl },
];

/** Swatches in that order; those alike keep the order they had. */
export function arranged<T extends Swatch>(swatches: readonly T[], id: ArrangementId): T[] {
  const { key } = ARRANGEMENTS.find((a) => a.id === id) ?? ARRANGEMENTS[0]!;
  return swatches
    .map((swatch, at) => ({ swatch, key: key(swatch, at) }))
    .sort((a, b) => a.key - b.key)
    .map((s) => s.swatch);
}
