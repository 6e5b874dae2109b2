import { bricolage } from './bricolage';
import type { Font } from './font';
import { hyperlegible } from './hyperlegible';

/** Fonts letters can be cut from, in the order they are offered. */
export const FONTS = { hyperlegible, bricolage } as const satisfies Readonly<Record<string, Font>>;

export type FontId = keyof typeof FONTS;
