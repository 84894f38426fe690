import type { LearningUse } from '../learning';
import type { LotComponent } from '../lots';
import type { FlatLine } from '../recipes';
import type { Container } from '../vessel';
import type { DeskInput } from './predict';
import { recipeSettings, type RecipeSettings } from './recipeSettings';

/** A lot by itself in a container. */
export const deskOfLot = (lot: LotComponent, container: Container): DeskInput => ({
  lines: [{ parts: 1, lot }],
  container,
  model: 'average',
});

/** A kept version of a blend in a container; undefined where nothing is known of one of its lots. */
export function deskOfVersion(
  { recipe, flat }: { readonly recipe: RecipeSettings; readonly flat: readonly FlatLine[] },
  find: (lotId: string) => LotComponent | undefined,
  container: Container,
  learnt: LearningUse | undefined,
): DeskInput | undefined {
  const lines = flat.flatMap(({ lotId, parts }) => {
    const lot = find(lotId);
    return lot === undefined ? [] : [{ parts, lot }];
  });
  if (lines.length < flat.length) return undefined;
  return { lines, ...recipeSettings(recipe), container, ...(learnt === undefined ? {} : { learnt }) };
}
