import type { BandsInput, UncertainComponent, Window } from '../bands';
import type { TargetProfile } from '../classes';
import type { RecipeSearchInput, SearchComponent } from '../search';
import { SEARCHABLE } from '../search';
import type { LotComponent } from '../lots';
import type { Container } from '../vessel';
import { deskBlendInput, type DeskInput } from './predict';

/** What is believed of the packing model before any blend was measured: N(1, 0.5²). */
export const KAPPA_PRIOR = Object.freeze({ mean: 1, sd: 0.5 });

/** The windows of a profile that a blend can be held against, ideal ones. */
export function windowsOf(profile: TargetProfile): Window[] {
  return profile.targets
    .filter(({ property }) => (SEARCHABLE as readonly string[]).includes(property))
    .map(({ property, ideal }) => ({ property, range: ideal }));
}

/** The question of how far a recipe's prediction can be trusted, for one output's drivers. */
export function deskBandsInput(desk: DeskInput, profile: TargetProfile | undefined, driversOf: string): BandsInput {
  const input = deskBlendInput(desk);
  const components = input.components.map((component, i): UncertainComponent => ({
    ...component,
    ...desk.lines[i]?.lot.errors,
  }));
  return {
    ...input,
    components,
    ...(desk.model === 'packing' ? { kappa: KAPPA_PRIOR.mean, kappa_se: KAPPA_PRIOR.sd } : {}),
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
}

/** The question which whole-part recipe of these lots fits a profile best; parts are loose volumes, as at the desk. */
export function deskSearchInput({ lots, parts, container, profile, keep }: DeskSearch): RecipeSearchInput {
  return {
    components: lots.map(({ lot, minParts, maxParts }): SearchComponent => ({
      ...lot.component,
      ...(minParts === undefined ? {} : { minParts }),
      ...(maxParts === undefined ? {} : { maxParts }),
    })),
    parts,
    container,
    targets: profile.targets
      .filter(({ property }) => (SEARCHABLE as readonly string[]).includes(property))
      .map(({ property, ideal, limits, weight }) => ({ property, ideal, limits, weight })),
    keep,
  };
}
