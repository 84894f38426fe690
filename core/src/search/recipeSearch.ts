import { BLEND_DEFAULTS, evaluateBlend, GOLDEN_PARTS, physicsOf, prepareBlend } from '../blend';
import type { Check } from '../errors';
import { defineMethod } from '../method';
import { finished, type Steps } from '../numeric';
import { Best, Front, type FoundRecipe } from './best';
import { lossOf } from './loss';
import { requireSearch, SEARCH_DEFAULTS, SEARCH_INPUT, type RecipeSearchInput } from './searchInput';
import { countRecipes, RecipeWalk } from './walk';

export interface RecipeSearchResult {
  /** Recipes that were tried, those that a must rejected included. */
  readonly evaluated: number;
  /** The best ones, best first; ties in the order in which they were tried. */
  readonly recipes: readonly FoundRecipe[];
  /** Price against fit: no recipe is both cheaper and better than one of these; cheapest first. */
  readonly front: readonly { readonly parts: readonly number[]; readonly price: number; readonly loss: number }[];
  readonly checks: readonly Check[];
}

/** Recipes in a step. */
const STEP = 512;

/**
 * Every recipe in whole parts, scored against a target: exhaustive and exact, by the packing model (kappa 1 unless given).
 *
 * `components` as in `blend` (their volume is not used) with least and most parts, and what volume a part of it is in the
 * state in which it was measured (`perPart`, 1); lime, salt and price of what is mixed in by weight as in `blend`; loss as in `lossOf`. Recipes are
 * tried from most of the first component to least. Throws for what `blend` refuses, for limits that cannot be met
 * (path `parts`) and for unknown properties. A property that a recipe lacks is a miss of 1, with a check.
 * Example: 12 parts of 8 components are 50,388 recipes.
 */
export const recipeSearch = (input: RecipeSearchInput): RecipeSearchResult => finished(recipeSearchSteps(input));

/** The same search in steps. */
export function* recipeSearchSteps(input: RecipeSearchInput): Steps<RecipeSearchResult> {
  requireSearch(input);
  const components = input.components.map((one) => ({ ...one, volume: one.volume ?? 1 }));
  const prepared = prepareBlend(components, input.container, physicsOf(input));
  const total = countRecipes(input);
  const best = new Best(input.keep ?? SEARCH_DEFAULTS.keep);
  const front = new Front();
  const lacking = new Set<string>();
  const { lime_meqPerL, salt_dSm, dosed_pricePerL } = { ...BLEND_DEFAULTS, ...input };
  const kappa = input.kappa ?? BLEND_DEFAULTS.kappa;
  const settings = {
    model: 'packing',
    kappa,
    physics: physicsOf(input),
    lime_meqPerL,
    salt_dSm,
    dosed_pricePerL,
  } as const;
  const perPart = input.components.map((one) => one.perPart ?? 1);
  const volumes = perPart.map(() => 0);
  const consider = (parts: readonly number[]): void => {
    for (let i = 0; i < volumes.length; i += 1) volumes[i] = (parts[i] as number) * (perPart[i] as number);
    const { scalars } = evaluateBlend(prepared, volumes, settings);
    for (const { property } of input.targets) if (!(property in scalars)) lacking.add(property);
    const loss = lossOf(scalars, input.targets);
    if (loss === undefined) return;
    if (best.admits(loss)) best.add({ parts: [...parts], loss, ...scalars });
    if (scalars.pricePerL !== undefined) front.offer(scalars.pricePerL, loss, parts);
  };
  const walk = new RecipeWalk(input);
  let evaluated = 0;
  while (walk.next()) {
    consider(walk.parts);
    evaluated += 1;
    if (evaluated % STEP === 0) yield evaluated / total;
  }
  const checks = [...lacking].map((property): Check => {
    const message = `Some recipes have no ${property}, for a component lacks it; that counts as a miss of 1.`;
    return { code: 'property-lacking', severity: 'note', message };
  });
  return { evaluated, recipes: best.list, front: front.list, checks };
}

export const recipeSearchMethod = defineMethod({
  name: 'recipe-search',
  version: 1,
  source: 'Every recipe in whole parts, each predicted as `blend` does.',
  schema: SEARCH_INPUT,
  calculate: recipeSearch,
  outputs: {},
  golden: {
    input: {
      components: GOLDEN_PARTS,
      parts: 6,
      container: { height_cm: 15 },
      targets: [{ property: 'air', ideal: [0.3, 0.35], limits: [0.2, 0.5], weight: 1 }],
    },
    gives: {
      evaluated: 7,
      'recipes[0].loss': 0.143059079473,
      'recipes[0].parts[0]': 6,
      'front[0].price': 0.1,
    },
  },
});
