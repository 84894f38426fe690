import type { BlendVersion } from '@bent-pail/contract';

/** A version’s recipe in one line, as `4 Bark · 2 Coir · 2 Pumice`. */
export function recipeText({ recipe, input }: BlendVersion): string {
  return recipe.lines.map((line, i) => `${String(line.parts)} ${input.components[i]?.name ?? ''}`).join(' · ');
}
