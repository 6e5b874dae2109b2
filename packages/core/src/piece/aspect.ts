/** What people look at on a finished piece (handbook 8). */
export const ASPECTS = {
  cells: 'Cells',
  bands: 'Bands',
  mud: 'Clean colours',
  cover: 'Cover',
  edges: 'Edges',
  calm: 'Calm places',
} as const;

export type Aspect = keyof typeof ASPECTS;
export const ASPECT_IDS = Object.keys(ASPECTS) as Aspect[];

/** How well an aspect came out. */
export const GRADES = ['good', 'fair', 'poor'] as const;
export type Grade = (typeof GRADES)[number];

const WORTH: Readonly<Record<Grade, number>> = { good: 1, fair: 0.5, poor: 0 };

/** How well it came out on the whole, 0 to 1: the mean of what was judged; undefined where nothing was. */
export function gradeOf(verdict: Partial<Record<Aspect, Grade>> = {}): number | undefined {
  const given = Object.values(verdict);
  return given.length === 0
    ? undefined
    : given.reduce((sum, grade) => sum + WORTH[grade], 0) / given.length;
}
