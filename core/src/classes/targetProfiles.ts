import type { Container } from '../vessel';
import table from './target-profiles.json';

/** The window of one property: `ideal` costs nothing, beyond `limits` the miss is whole. */
export interface Target {
  readonly property: string;
  readonly ideal: readonly [number | null, number | null];
  readonly limits: readonly [number | null, number | null];
  readonly weight: number;
  readonly method: string;
  /** Outside its limits a recipe is no candidate at all. */
  readonly must?: boolean;
}

/** What a use asks of a medium, at a stated container. Guidance, with its basis. */
export interface TargetProfile {
  readonly id: string;
  readonly label: string;
  readonly container: Container;
  readonly targets: readonly Target[];
  readonly basis: string;
  readonly notes: string;
}

/** The shipped profiles, in the order of the table. */
export const TARGET_PROFILES: readonly TargetProfile[] = table.profiles as unknown as readonly TargetProfile[];

/** The profile with this id, or undefined. */
export function findTargetProfile(id: string): TargetProfile | undefined {
  return TARGET_PROFILES.find((profile) => profile.id === id);
}
