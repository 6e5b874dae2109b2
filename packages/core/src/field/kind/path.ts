import {
  carriedPath,
  type Path,
  PATHS,
  PathSchema,
  pathLengthMm,
  pathShapeOf,
  type PathKind,
} from '../../surface/path';
import { idsOf } from '../../registry';
import { defineKind, type FieldBase } from '../define';

/** A way over the surface. */
export interface PathField extends FieldBase {
  readonly kind: 'path';
  /** What a new one is; the first there is where nothing is said. */
  readonly usual?: PathKind;
}

export const path = defineKind<PathField, Path>({
  id: 'path',
  schema: () => PathSchema,
  start: ({ usual = idsOf(PATHS)[0]! }, size) => PATHS[usual].start(size),
  drawn: 'way',
  handles: (way) => {
    const shape = pathShapeOf(way);
    const names = shape.places(way);
    // Handles after the places change the numbers, in their order.
    const numbers = Object.values(shape.numbers);
    return [
      ...shape
        .handles(way)
        .map((atMm, k) => ({ label: names[k] ?? numbers[k - names.length]!.label, atMm })),
      ...(way.repeat ? [{ label: 'Goes round', atMm: way.repeat.aboutMm }] : []),
    ];
  },
  held: (way, handle, to) => {
    const { repeat } = way;
    const shape = pathShapeOf(way);
    if (repeat && handle === shape.handles(way).length)
      return { ...way, repeat: { ...repeat, aboutMm: to } };
    return shape.moved(way, handle, to);
  },
  carried: (way, carry) => carriedPath(way, carry),
  fault: (value) =>
    pathLengthMm(value) > 0 ? undefined : 'begins and ends in one place; give it a length',
});
