import type { ShrinkAsk } from '@/workers/shrink-messages';
import { aside } from './aside';

const worker = () => new Worker(new URL('../workers/shrink.worker.ts', import.meta.url));

/** A picture made small, as JPEG, away from the screen. Throws where this browser cannot read it. */
export const smallPicture = (ask: ShrinkAsk): Promise<Blob> => aside<Blob>(worker(), ask);
