import type { OwnRecipe } from '@potter/core/mix';
import { useKeptList } from './kept-list';

const MOST = 200;
const nameOf = ({ name }: OwnRecipe): string => name;

/** Recipes for colours the artist has named. */
export const useOwnRecipes = () => useKeptList('recipes', nameOf, MOST);
