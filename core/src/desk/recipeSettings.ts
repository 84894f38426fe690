import type { BlendModel } from '../blend';
import type { GrowthStage } from '../classes';
import { doses, type DosesInput, type DosesResult } from '../doses';
import type { Container } from '../vessel';
import { verdictUseOf } from '../verdicts';
import type { DeskInput } from './predict';

/** What a recipe says besides its lines. */
export interface RecipeSettings {
  readonly pot: Container;
  readonly model: BlendModel;
  readonly shrink?: number;
  readonly scoopShare?: number;
  readonly lime_meqPerL: number;
  readonly additives?: readonly {
    readonly name: string;
    readonly gPerL: number;
    readonly gPerL_se?: number;
    readonly n_percent?: number;
    readonly classId?: string;
    readonly pricePerKg?: number;
  }[];
}

/** How a recipe's lines are to be predicted: in its pot, by its model, with what is dosed to it. */
export function recipeSettings(recipe: RecipeSettings): Omit<DeskInput, 'lines' | 'learnt'> {
  const { pot, model, shrink, scoopShare, lime_meqPerL, additives = [] } = recipe;
  const settings = {
    container: pot,
    model,
    ...(shrink === undefined ? {} : { shrink }),
    ...(scoopShare === undefined ? {} : { scoopShare }),
    dosed_pricePerL: additives.reduce((sum, { gPerL, pricePerKg }) => sum + (gPerL / 1000) * (pricePerKg ?? 0), 0),
  };
  if (!additives.some(({ classId }) => classId !== undefined)) return { ...settings, lime_meqPerL };
  const dosed = doses({ stuffs: stuffsOf(additives), stage: 'established' });
  return {
    ...settings,
    lime_meqPerL: lime_meqPerL + dosed.lime_meqPerL,
    lime_meqPerL_se: dosed.lime_meqPerL_se,
    salt_dSm: dosed.salt_dSm,
    salt_dSm_se: dosed.salt_dSm_se,
  };
}

/**
 * Nitrogen of powders whose salt is not known by their class, mg to a litre made: a percent by weight is 10 mg in a
 * gram.
 */
export const plainNitrogen = ({ additives = [] }: Pick<RecipeSettings, 'additives'>): number =>
  additives
    .filter(({ classId }) => classId === undefined)
    .reduce((sum, { gPerL, n_percent }) => sum + gPerL * 10 * (n_percent ?? 0), 0);

/** What is dosed to a recipe does to a litre made, held against how far plants of its use are. */
export const deskDoses = (
  recipe: Pick<RecipeSettings, 'additives'>,
  profile: { readonly id: string; readonly container: Container } | undefined,
): DosesResult =>
  doses({
    stuffs: stuffsOf(recipe.additives ?? []),
    stage: stageOfUse(profile === undefined ? undefined : { id: profile.id, height_cm: profile.container.height_cm }),
  });

/** What is dosed, without what is only noted of it. */
const stuffsOf = (additives: NonNullable<RecipeSettings['additives']>): DosesInput['stuffs'] =>
  additives.map(({ name, gPerL, gPerL_se, n_percent, classId }) => ({
    name,
    gPerL,
    ...(gPerL_se === undefined ? {} : { gPerL_se }),
    ...(n_percent === undefined ? {} : { n_percent }),
    ...(classId === undefined ? {} : { classId }),
  }));

/** How far plants of a use are when they are potted: what a dose is held against. */
function stageOfUse(profile: { readonly id: string; readonly height_cm: number } | undefined): GrowthStage {
  if (profile === undefined) return 'established';
  if (profile.id === 'cuttings') return 'young';
  return verdictUseOf(profile) === 'seed' ? 'seed' : 'established';
}
