import { Place } from '../../surface/path/parts';
import { defineKind, type FieldBase } from '../define';

/** A place on the surface, mm from its upper left. */
export interface PointField extends FieldBase {
  readonly kind: 'point';
}

export const point = defineKind<PointField, [number, number]>({
  id: 'point',
  schema: () => Place,
  start: (_, { widthMm, heightMm }) => [Math.round(widthMm / 2), Math.round(heightMm / 2)],
  drawn: 'place',
  handles: (atMm, { label }) => [{ label, atMm }],
  held: (_, __, to) => to,
  carried: (at, { place }) => place(at),
  shifted: ([x, y], [dx, dy]) => [x + dx, y + dy],
});
