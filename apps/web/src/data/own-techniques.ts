import type { OwnTechnique } from '@potter/core/technique';
import { useKeptList } from './kept-list';

const MOST = 40;
const nameOf = ({ sequence }: OwnTechnique): string => sequence.name;

/** Techniques of the artist's own. */
export const useOwnTechniques = () => useKeptList('techniques', nameOf, MOST);
