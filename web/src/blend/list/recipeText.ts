import type { BlendVersion } from '@bent-pail/contract';

/** A version’s recipe in one line, as `4 Bark · 2 Coir · 2 Pumice`. */
export function recipeText({ recipe, names }: Pick<BlendVersion, 'recipe' | 'names'>): string {
  return recipe.lines.map((line, i) => `${String(Number(line.parts.toFixed(2)))} ${names[i] ?? ''}`).join(' · ');
}
