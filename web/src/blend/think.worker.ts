import {
  bands,
  recipeSearch,
  type BandsInput,
  type BandsResult,
  type RecipeSearchInput,
  type RecipeSearchResult,
} from '@bent-pail/core';
import { expose } from 'comlink';

/** Long thinking about blends. Whoever asks ends the worker to stop it. */
const thinker = {
  bands(input: BandsInput): BandsResult | undefined {
    return bands(input);
  },
  search(input: RecipeSearchInput, onProgress: (share: number) => void): RecipeSearchResult | undefined {
    return recipeSearch(input, { onProgress });
  },
};

export type Thinker = typeof thinker;

expose(thinker);
