import type { Run } from '@potter/core/journal';
import type { Piece } from '@potter/core/piece';
import { lastOf } from '@/data/last-of';

/** What was taken out of the journal last, so that it can be put back: a pour with its piece, or a piece without one. */
type Gone = { readonly title: string } & ({ readonly run: Run } | { readonly piece: Piece });

const last = lastOf<Gone>();
export const struckOut = last.store;
export const useStruckOut = last.use;
