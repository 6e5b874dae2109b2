import { Type } from '@sinclair/typebox';
import { outlineFault } from '../outline/fault';
import { readPath } from '../outline/path-data';
import { atOrigin, pathOf, placed, type Ring } from '../outline/ring';
import { byRings } from './by-rings';
import type { ShapeDefinition } from './shape';

export type Outline = { kind: 'outline'; path: string };

/** Longest path data a plan holds, characters: some ten thousand points. */
export const MOST_PATH = 200_000;

const measures = byRings<Outline>(({ path }) => atOrigin(readPath(path)));

/** A free outline: SVG path data in mm, filled by the even-odd rule, so that inner rings are holes. */
export const outline = {
  id: 'outline',
  name: 'Free outline',
  schema: Type.Object(
    { kind: Type.Literal('outline'), path: Type.String({ minLength: 1, maxLength: MOST_PATH }) },
    { additionalProperties: false },
  ),
  fault: (shape) => {
    let rings: readonly Ring[];
    try {
      rings = measures.rings(shape);
    } catch (error) {
      return `is not SVG path data: ${error instanceof Error ? error.message : String(error)}`;
    }
    return outlineFault(rings);
  },
  ...measures,
  scaled: (shape, by) => ({ ...shape, path: pathOf(placed(measures.rings(shape), 0, 0, by)) }),
  suffix: () => ' outline',
} as const satisfies ShapeDefinition<Outline>;
