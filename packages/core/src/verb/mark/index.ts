import { registry } from '../../registry';
import { arc } from './arc';
import { area } from './area';
import type { MarkDefinition } from './define';
import { disc } from './disc';
import { fan } from './fan';
import { path } from './path';
import { wedge } from './wedge';

const ALL = [disc, wedge, path, fan, arc, area] as const;

/** Where a move acts on the surface. */
export type Mark = Parameters<(typeof ALL)[number]['strokes']>[0];

/** Every mark by its kind. */
export const MARKS = registry<MarkDefinition<Mark>>()('mark', ALL);

/** The definition that draws a mark. */
export const markOf = (mark: Mark): MarkDefinition<Mark> => MARKS[mark.kind];

export { type Face, type MarkDefinition, type Stroke } from './define';
