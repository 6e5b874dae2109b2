import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import type { RowsInOrder } from './rows-in-order';

/** Dragging is a large piece of code: it comes once rows are there to be dragged. */
const DraggableRows = lazy(() => import('./draggable-rows'));

/** Rows in a column that can be dragged to another place; until that is loaded they stand where they are. */
export const SortableRows = (props: RowsInOrder) => (
  <Suspense
    fallback={props.ids.map((id, index) => (
      <View key={id} role="listitem">
        {props.row(index)}
      </View>
    ))}
  >
    <DraggableRows {...props} />
  </Suspense>
);
