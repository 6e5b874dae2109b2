import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { restrictToParentElement, restrictToVerticalAxis } from '@dnd-kit/modifiers';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { createElement, memo, type ReactNode } from 'react';
import type { RowsInOrder } from './rows-in-order';

/** A finger that rests this long means to drag; a shorter touch scrolls or presses. */
const TOUCH_DELAY_MS = 220;

/** Rows in a column, dragged by mouse or, after a short rest of the finger, by touch. */
export default function DraggableRows({ ids, onMove, row }: RowsInOrder) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: TOUCH_DELAY_MS, tolerance: 8 } }),
  );
  const end = ({ active, over }: DragEndEvent) => {
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over?.id))];
    if (from >= 0 && to >= 0 && from !== to) onMove(from, to);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      modifiers={[restrictToVerticalAxis, restrictToParentElement]}
      onDragEnd={end}
      // Its words for screen readers stand apart from the list, which may hold rows only.
      accessibility={{ container: document.body }}
    >
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        {ids.map((id, index) => (
          <Row key={id} id={id}>
            {row(index)}
          </Row>
        ))}
      </SortableContext>
    </DndContext>
  );
}

const Row = memo(function Row({
  id,
  children,
}: {
  readonly id: string;
  readonly children: ReactNode;
}) {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id });
  return createElement(
    'div',
    {
      ref: setNodeRef,
      role: 'listitem',
      ...listeners,
      style: {
        transform: CSS.Translate.toString(transform),
        transition,
        // A column, so that what stands in it fills the width.
        display: 'flex',
        flexDirection: 'column',
        position: 'relative',
        zIndex: isDragging ? 1 : 0,
        opacity: isDragging ? 0.85 : 1,
        touchAction: 'manipulation',
        userSelect: 'none',
      },
    },
    children,
  );
});
