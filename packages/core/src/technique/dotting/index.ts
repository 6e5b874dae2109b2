import { registry } from '../../registry';
import type { DotPattern } from './define';
import { lines } from './lines';
import { mandala } from './mandala';
import { petals } from './petals';

export type { DotGround, DotPattern } from './define';

/** Every pattern of dots, in the order they are offered. */
export const DOT_PATTERNS = registry<DotPattern>()('pattern of dots', [mandala, petals, lines]);

export type DotPatternId = keyof typeof DOT_PATTERNS;
