import type { ShelfPaint } from '@potter/core/stock';
import { Pick } from '@/ui/pick';

interface Props {
  readonly label: string;
  readonly paints: readonly ShelfPaint[];
  readonly value: string;
  readonly onChange: (id: string) => void;
}

/** One of the shelf's paints, by its name. */
export function PaintPick({ paints, ...pick }: Props) {
  return (
    <Pick {...pick} options={paints.map(({ paint }) => ({ value: paint.id, label: paint.name }))} />
  );
}
