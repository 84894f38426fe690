import { bands, type BandsInput, type UncertainComponent, type Window } from '../bands';
import { DESK_PHYSICS } from '../blend';
import type { TargetProfile } from '../classes';
import { kappaFor, NO_LEARNING, type LearningUse } from '../learning';
import type { RecipeSearchInput, SearchComponent, SearchTarget } from '../search';
import { SEARCHABLE } from '../search';
import type { LotComponent } from '../lots';
import type { Container } from '../vessel';
import { atMiddle } from './middle';
import { deskBlendInput, mixedParts, predictDesk, type DeskInput } from './predict';

/** The windows of a profile that a blend can be held against, ideal ones. */
export function windowsOf(profile: TargetProfile): Window[] {
  return profile.targets
    .filter(({ property }) => (SEARCHABLE as readonly string[]).includes(property))
    .map(({ property, ideal }) => ({ property, range: ideal }));
}

/** The targets of a profile that a predicted blend can be scored by. */
export function searchTargets({ targets }: TargetProfile): SearchTarget[] {
  return targets
    .filter(({ property }) => (SEARCHABLE as readonly string[]).includes(property))
    .map(({ property, ideal, limits, weight, must }) => ({
      property,
      ideal,
      limits,
      weight,
      ...(must === true ? { must } : {}),
    }));
}

/** What is believed of kappa: what the bench taught, else the prior. */
function kappaOf({ learnt, lines }: DeskInput): Pick<LearningUse, 'kappa' | 'kappa_se'> {
  return kappaFor(learnt ?? NO_LEARNING, mixedParts(lines));
}

/** The question of how far a recipe's prediction can be trusted, for one output's drivers. */
export function deskBandsInput(desk: DeskInput, profile: TargetProfile | undefined, driversOf: string): BandsInput {
  const input = deskBlendInput(desk);
  const components = input.components.map((component, i): UncertainComponent => ({
    ...component,
    ...desk.lines[i]?.lot.errors,
    ...(desk.scoopShare === undefined ? {} : { volume_se: desk.scoopShare * component.volume }),
  }));
  return {
    ...input,
    components,
    ...(desk.lime_meqPerL_se === undefined ? {} : { lime_meqPerL_se: desk.lime_meqPerL_se }),
    ...(desk.salt_dSm_se === undefined ? {} : { salt_dSm_se: desk.salt_dSm_se }),
    ...(desk.model === 'packing' ? kappaOf(desk) : {}),
    windows: profile === undefined ? [] : windowsOf(profile),
    driversOf,
  };
}

export interface DeskSearch {
  readonly lots: readonly { readonly lot: LotComponent; readonly minParts?: number; readonly maxParts?: number }[];
  readonly parts: number;
  readonly container: Container;
  readonly profile: TargetProfile;
  readonly keep: number;
  readonly learnt?: LearningUse;
  /** What is mixed in by weight, as the desk has it. */
  readonly dosed?: Pick<DeskInput, 'lime_meqPerL' | 'salt_dSm' | 'dosed_pricePerL'>;
}

/** The question which whole-part recipe of these lots fits a profile best; parts are loose volumes, as at the desk. */
export function deskSearchInput({
  lots,
  parts,
  container,
  profile,
  keep,
  learnt,
  dosed = {},
}: DeskSearch): RecipeSearchInput {
  const { lime_meqPerL = 0, salt_dSm = 0, dosed_pricePerL = 0 } = dosed;
  return {
    components: lots.map(({ lot, minParts, maxParts }): SearchComponent => ({
      ...lot.component,
      perPart: lot.settledPerLoose,
      ...(minParts === undefined ? {} : { minParts }),
      ...(maxParts === undefined ? {} : { maxParts }),
    })),
    parts,
    container,
    targets: searchTargets(profile),
    keep,
    physics: DESK_PHYSICS,
    lime_meqPerL,
    salt_dSm,
    dosed_pricePerL,
    ...(learnt === undefined ? {} : { kappa: learnt.kappa }),
  };
}

/** The window of a use that a blend is least likely to be inside. */
export interface WeakestWindow {
  readonly property: string;
  readonly chance: number;
}

/** A recipe that was found, looked at again with all that is uncertain. */
export interface LookedAt {
  /** The window that it is least likely to be inside; absent where the use has none that can be told. */
  readonly weakest?: WeakestWindow;
  /** The middles of its bands: what the desk shows when the recipe is opened there. */
  readonly totalPorosity: number;
  readonly water: number;
  readonly air: number;
  readonly pH?: number;
}

/** A recipe as the desk will show it, and the weakest of its windows. */
export function lookAgain(desk: DeskInput, profile: TargetProfile): LookedAt {
  const input = deskBandsInput(desk, profile, 'air');
  const found = bands(input);
  const { totalPorosity, water, air, pH } = atMiddle(predictDesk(desk), input, found).result;
  const [weakest] = [...found.chance].sort((a, b) => a.chance - b.chance);
  return {
    totalPorosity,
    water,
    air,
    ...(pH === undefined ? {} : { pH }),
    ...(weakest === undefined ? {} : { weakest }),
  };
}
