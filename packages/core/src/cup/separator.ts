import type { Layer } from './schema';

/** A thin layer that keeps two others apart: half a usual one (estimate). */
export const separatorLayer = (mix: string): Layer => ({ mix, parts: 0.5, placement: 'wall' });
