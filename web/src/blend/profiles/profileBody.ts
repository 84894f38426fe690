import type { OwnProfile, OwnTarget, ProfileRow } from '@bent-pail/contract';
import { inField } from '../../shared/units/mine';
import { typedNumber } from '../../shared/forms/Mistyped';

/** One window as it is typed; an empty end is open. */
export interface TypedTarget {
  readonly property: string;
  readonly ideal: readonly [string, string];
  readonly limits: readonly [string, string];
  readonly weight: string;
  readonly must: boolean;
}

/** A use as it is typed. */
export interface TypedProfile {
  readonly label: string;
  readonly container: { readonly height_cm: string };
  readonly basis: string;
  readonly targets: readonly TypedTarget[];
}

const typedEnd = (end: number | null): string => (end === null ? '' : String(end));

/** A use in fields: a shipped one is copied under a name of one's own. */
export function typedProfile({ own, label, container, basis, targets }: ProfileRow): TypedProfile {
  const isCopy = own === undefined;
  return {
    label: isCopy ? `${label}, ours` : label,
    container: { height_cm: inField(container.height_cm, 'cm') },
    basis: isCopy ? 'bench lore' : basis,
    targets: targets.map(({ property, ideal, limits, weight, must }) => ({
      property,
      ideal: [typedEnd(ideal[0]), typedEnd(ideal[1])],
      limits: [typedEnd(limits[0]), typedEnd(limits[1])],
      weight: String(weight),
      must: must === true,
    })),
  };
}

function targetOf({ property, ideal, limits, weight, must }: TypedTarget, at: string): OwnTarget {
  const end = (text: string, field: string): number | null =>
    text.trim() === '' ? null : typedNumber(text, `${at}.${field}`);
  return {
    property,
    ideal: [end(ideal[0], 'ideal.0'), end(ideal[1], 'ideal.1')],
    limits: [end(limits[0], 'limits.0'), end(limits[1], 'limits.1')],
    weight: typedNumber(weight, `${at}.weight`),
    ...(must ? { must } : {}),
  };
}

/** What is sent: a change of one's own use, or a new one after a shipped use; throws `Mistyped` for what is no number. */
export const profileBody = (profile: ProfileRow, id: string, typed: TypedProfile): OwnProfile => ({
  id: profile.own === undefined ? id : profile.id,
  version: profile.own?.version ?? 0,
  label: typed.label,
  container: { ...profile.container, height_cm: typedNumber(typed.container.height_cm, 'container.height_cm') },
  targets: typed.targets.map((target, i) => targetOf(target, `targets.${String(i)}`)),
  basis: typed.basis,
});
