import { groupConsistency, meanOf, repeatability, robustScores, summarise } from '../statistics';
import type { GroupStanding, RepeatabilityResult, Summary } from '../statistics';

/** What a group found of one figure of one sample: a value for each time that it measured. */
export interface GroupValues {
  readonly id: string;
  readonly values: readonly number[];
  /** Left out by the teacher, in the open: drawn, and in no figure of the class. */
  readonly isOut: boolean;
}

export interface GroupInClass {
  readonly id: string;
  readonly mean: number;
  readonly isOut: boolean;
  /** How far it lies from the middle group, in deviations that one odd group does not move. */
  readonly robustZ?: number;
  readonly standing?: GroupStanding;
}

export interface ClassResult {
  readonly groups: readonly GroupInClass[];
  /** Of the groups' means: mean, and the 95 % interval where there are two. */
  readonly summary?: Summary;
  /** Where two groups are in and one of them measured twice. */
  readonly precision?: RepeatabilityResult;
}

/** Beyond this a group is asked what it did; beyond the second it stands out. */
export const STANDS_APART = Object.freeze({ ask: 2, out: 3 });

/**
 * A class's figure: its mean with its band, where each group lies, how well results repeat within and between groups.
 *
 * Groups that are out are held against the others and move nothing. Groups without a value are no part of it.
 */
export function classResult(groups: readonly GroupValues[]): ClassResult {
  const measured = groups.filter(({ values }) => values.length > 0);
  const inside = measured.filter(({ isOut }) => !isOut);
  const means = inside.map(({ values }) => meanOf(values));
  const scores = robustScores(means);
  const many = inside.length > 1 && inside.some(({ values }) => values.length > 1);
  const values = inside.map((group) => group.values);
  const standings = many ? groupConsistency({ groups: values }).groups : [];
  return {
    groups: measured.map((group): GroupInClass => {
      const mean = meanOf(group.values);
      const robustZ = scores?.(mean);
      const standing = standings[inside.indexOf(group)];
      return {
        id: group.id,
        mean,
        isOut: group.isOut,
        ...(robustZ === undefined ? {} : { robustZ }),
        ...(standing === undefined ? {} : { standing }),
      };
    }),
    ...(means.length === 0 ? {} : { summary: summarise(means) }),
    ...(many ? { precision: repeatability({ groups: values }) } : {}),
  };
}
