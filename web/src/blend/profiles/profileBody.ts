import type { OwnProfile, OwnTarget, ProfileRow } from '@bent-pail/contract';
import { numberOf } from '../../shared/numberOf';

/** One window as it is typed; an empty end is open. */
export interface TypedTarget {
  readonly property: string;
  readonly ideal: readonly [string, string];
  readonly limits: readonly [string, string];
  readonly weight: string;
  readonly must: boolean;
}

const typed = (end: number | null): string => (end === null ? '' : String(end));

/** A use's windows as fields. */
export function typedTargets({ targets }: Pick<ProfileRow, 'targets'>): TypedTarget[] {
  return targets.map(({ property, ideal, limits, weight, must }) => ({
    property,
    ideal: [typed(ideal[0]), typed(ideal[1])],
    limits: [typed(limits[0]), typed(limits[1])],
    weight: String(weight),
    must: must === true,
  }));
}

/** The fields as windows; throws with a sentence that names the field where one is no number. */
export function targetsOf(fields: readonly TypedTarget[], nameOf: (property: string) => string): OwnTarget[] {
  return fields.map(({ property, ideal, limits, weight, must }): OwnTarget => {
    const name = nameOf(property);
    const end = (text: string, what: string): number | null =>
      text.trim() === '' ? null : numberOf(text, `${name}, ${what}`);
    return {
      property,
      ideal: [end(ideal[0], 'ideal from'), end(ideal[1], 'ideal to')],
      limits: [end(limits[0], 'bears from'), end(limits[1], 'bears to')],
      weight: numberOf(weight, `${name}, weight`),
      ...(must ? { must } : {}),
    };
  });
}

/** What is sent: a change of one's own use, or a new one after a shipped use. */
export function profileBody(
  profile: ProfileRow,
  id: string,
  { label, height, targets, basis }: { label: string; height: string; targets: OwnTarget[]; basis: string },
): OwnProfile {
  const height_cm = numberOf(height, 'Depth');
  return {
    id: profile.own === undefined ? id : profile.id,
    version: profile.own?.version ?? 0,
    label,
    container: { ...profile.container, height_cm },
    targets,
    basis,
  };
}
