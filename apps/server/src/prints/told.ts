import type { PrintAsk } from '@potter/core/plan';

/** What the thread is handed. */
export type PrintAsked = PrintAsk;

/** What it posts as it goes, and in the end. */
export type PrintPosted = { readonly share: number } | { readonly png: Uint8Array };
