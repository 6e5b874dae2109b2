/** A rectangle on a card, mm from its upper left. */
export interface Area {
  readonly x: number;
  readonly y: number;
  readonly wide: number;
  readonly tall: number;
}

/** One field of an opacity card, mm: words at the left, then the bare bar, then a box for each coat. */
export const FIELD = { wide: 176, tall: 54 } as const;
/** The black bar runs through everything right of the words, a fifth of a field high. */
export const BAR: Area = { x: 66, y: 23, wide: 110, tall: 10 };
/** A box to paint in, larger than the brush marks at its rim: one for a coat, one for two. */
const BOX = { y: 7, wide: 40, tall: 42 } as const;
export const BOXES: readonly Area[] = [90, 134].map((x) => ({ x, ...BOX }));

/** Black squares by which a camera finds a field, clockwise from the upper left; nothing is printed or painted so near to them as they are wide. */
const MARK_MM = 4;
export const MARKS: readonly Area[] = (
  [
    [0, 0],
    [FIELD.wide - MARK_MM, 0],
    [FIELD.wide - MARK_MM, FIELD.tall - MARK_MM],
    [0, FIELD.tall - MARK_MM],
  ] as const
).map(([x, y]) => ({ x, y, wide: MARK_MM, tall: MARK_MM }));

export const middleOf = ({ x, y, wide, tall }: Area): readonly [number, number] => [
  x + wide / 2,
  y + tall / 2,
];

/** Where paper and bar lie bare, away from paint and print. */
export const BARE_PAPER: readonly Area[] = [
  { x: 70, y: 9, wide: 16, tall: 11 },
  { x: 70, y: 36, wide: 16, tall: 10 },
  { x: 131.2, y: 9, wide: 1.6, tall: 11 },
  { x: 131.2, y: 36, wide: 1.6, tall: 10 },
  { x: 46, y: 27, wide: 16, tall: 8 },
  { x: 46, y: 38, wide: 16, tall: 8 },
  { x: 174.4, y: 9, wide: 1.2, tall: 11 },
  { x: 174.4, y: 35, wide: 1.2, tall: 10 },
];
export const BARE_BAR: Area = { x: 70, y: 25.5, wide: 16, tall: 5 };

/** What is looked at of a box: beside the bar, above it and below, and over it; away from rims, where paint lies thicker. */
export const besideBar = ({ x }: Area): readonly Area[] => [
  { x: x + 6, y: 11, wide: 28, tall: 8.5 },
  { x: x + 6, y: 36.5, wide: 28, tall: 8.5 },
];
export const overBar = ({ x }: Area): Area => ({ x: x + 6, y: 25.5, wide: 28, tall: 5 });
