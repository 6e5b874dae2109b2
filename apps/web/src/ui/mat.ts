import { useSettings } from '@/data/settings';

const MATS = { white: '#ffffff', grey: '#8c8c8c', black: '#111111' } as const;

/** What the artist has set round colours, to judge them by. Never under text. */
export const useMat = (): string => MATS[useSettings().mat];
