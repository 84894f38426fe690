import type { RecipeSearchInput, RecipeSearchResult } from '@bent-pail/core';
import { useLongWork, type Asked, type LongWorkState } from '../../shared/thinking/useLongWork';

export type SearchState = LongWorkState<RecipeSearchInput, RecipeSearchResult>;

const search: Asked<RecipeSearchInput, RecipeSearchResult> = (thinker, input, onProgress) =>
  thinker.search(input, onProgress);

/** A search for recipes. */
export const useSearch = () => useLongWork(search);
