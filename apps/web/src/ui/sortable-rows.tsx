import type { ReactNode } from 'react';
import { View } from 'react-native';

export interface SortableRowsProps {
  /** As many rows as ids, in the order shown. */
  readonly ids: readonly string[];
  readonly onMove: (from: number, to: number) => void;
  readonly row: (index: number) => ReactNode;
}

/** Rows in a column. Where there is no pointer to drag with they stay where they are; the web's twin of this file lets them be dragged. */
export const SortableRows = ({ ids, row }: SortableRowsProps) => (
  <>
    {ids.map((id, index) => (
      <View key={id} role="listitem">
        {row(index)}
      </View>
    ))}
  </>
);
