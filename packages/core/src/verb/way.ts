import { FIELD_KINDS } from '../field/kind';
import type { Path } from '../surface/path';
import { type Move, verbOf } from './move';

/** Whether a finger's line tells a move: it has a way, or a direction. */
export const isDrawn = (move: Move): boolean =>
  wayOf(move) !== undefined || verbOf(move).aim !== undefined;

/** The way a move goes over the surface, and the field it stands in; undefined where it goes none. */
export function wayOf(move: Move): { readonly name: string; readonly path: Path } | undefined {
  const { fields } = verbOf(move);
  const name = Object.keys(fields).find((key) => FIELD_KINDS[fields[key]!.kind].drawn === 'way');
  const path = name && (move as unknown as Readonly<Record<string, Path | undefined>>)[name];
  return name && path ? { name, path } : undefined;
}
