import type { Plan } from '@potter/core/plan';
import { shapeOf } from '@potter/core/surface';
import type { Face } from '@/workers/read-messages';

/** The face of one piece of a plan. */
export const faceOf = ({ surface: { shape } }: Plan): Face => {
  const { bounds, path } = shapeOf(shape);
  return { ...bounds(shape), path: path(shape) };
};
