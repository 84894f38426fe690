import type { ClassPage, ClassSample } from '@bent-pail/contract';
import {
  classResult,
  groupConsistencyMethod,
  groupSheetOf,
  intervalScore,
  pupilSheetCalled,
  repeatabilityMethod,
  replicatesMethod,
  sheetResult,
  timesOf,
  valuesByTime,
  type ClassResult,
  type GroupSheet,
  type PupilFigure,
  type PupilSheet,
  type ScoredGuess,
  type Working,
} from '@bent-pail/core';

/** A group beside the others, by one figure of one sample. */
export interface GroupSeen {
  readonly id: string;
  readonly number: number;
  readonly phones: number;
  readonly values: readonly number[];
  /** The same by the time that it measured, where it did. */
  readonly byTime: readonly (number | undefined)[];
  readonly mean: number | undefined;
  readonly robustZ: number | undefined;
  /** Why it is left out, where it is. */
  readonly out: string | undefined;
  readonly guess: { readonly value: number; readonly margin: number } | undefined;
  readonly scored: ScoredGuess | undefined;
  /** Its place among the guesses, the best first, from 1. */
  readonly place: number | undefined;
}

/** What the wall, the teacher's page and the report show of one figure of one sample. */
export interface FigureSeen {
  readonly figure: PupilFigure;
  readonly sample: ClassSample;
  readonly groups: readonly GroupSeen[];
  readonly result: ClassResult;
  /** Values of the groups that count, by group: what the workings were made of. */
  readonly counting: readonly (readonly number[])[];
}

export const sheetOfClass = ({ plan }: ClassPage): PupilSheet => {
  const sheet = pupilSheetCalled(plan.sheet);
  if (sheet === undefined) throw new Error(`there is no sheet ${plan.sheet}`);
  return sheet;
};

const readingsOf = (page: ClassPage, groupId: string, sampleId: string) =>
  (page.groups.find(({ id }) => id === groupId)?.readings ?? []).filter((one) => one.sampleId === sampleId);

/** Why a group's results on a sample do not count now; undefined while they do. */
export function whyOut(page: ClassPage, groupId: string, sampleId: string): string | undefined {
  const last = page.exclusions.findLast((one) => one.groupId === groupId && one.sampleId === sampleId);
  return last?.isOut === true ? last.reason : undefined;
}

export function figureSeen(page: ClassPage, sample: ClassSample, figure: PupilFigure): FigureSeen {
  const sheet = sheetOfClass(page);
  const found = page.groups.map(({ id, number, phones, guesses }) => {
    const times = timesOf(sheet, readingsOf(page, id, sample.id), page.plan.repeats, page.pot?.volume_mL);
    const guess = guesses.find((one) => one.sampleId === sample.id && one.figure === figure.key);
    const byTime = valuesByTime(sheet, figure, times);
    const values = byTime.filter((value) => value !== undefined);
    return { id, number, phones, guess, byTime, values, out: whyOut(page, id, sample.id) };
  });
  const result = classResult(found.map(({ id, values, out }) => ({ id, values, isOut: out !== undefined })));
  const truth = sample.bench[figure.key]?.value ?? result.summary?.mean;
  const guessed = found.flatMap(({ id, guess }) =>
    guess === undefined ? [] : [{ id, guess: guess.value, margin: guess.margin }],
  );
  const scored =
    truth === undefined || guessed.length === 0 ? undefined : intervalScore({ guesses: guessed, value: truth });
  return {
    figure,
    sample,
    result,
    counting: found.filter(({ out, values }) => out === undefined && values.length > 0).map(({ values }) => values),
    groups: found.map((group): GroupSeen => {
      const among = result.groups.find(({ id }) => id === group.id);
      const at = guessed.findIndex(({ id }) => id === group.id);
      return {
        ...group,
        mean: among?.mean,
        robustZ: among?.robustZ,
        scored: scored?.scores[at],
        place: scored === undefined || at < 0 ? undefined : 1 + scored.order.indexOf(at),
      };
    }),
  };
}

/** The sheets of all groups of a sample, to ask why one differs. */
export const sheetsOf = (page: ClassPage, sampleId: string): readonly GroupSheet[] =>
  page.groups.flatMap(({ id }) => {
    const readings = readingsOf(page, id, sampleId);
    if (readings.length === 0) return [];
    const more = { repeats: page.plan.repeats, ...(page.pot === undefined ? {} : { pot_mL: page.pot.volume_mL }) };
    return [groupSheetOf(sheetOfClass(page), id, readings, more)];
  });

/** How each value of a group came about. */
export const workingsOf = (page: ClassPage, groupId: string, { sample, figure }: FigureSeen): readonly Working[] => {
  const sheet = sheetOfClass(page);
  return timesOf(sheet, readingsOf(page, groupId, sample.id), page.plan.repeats, page.pot?.volume_mL).flatMap(
    (time) => sheetResult(sheet, time).figures.find(({ key }) => key === figure.key)?.working ?? [],
  );
};

const meansOf = ({ counting }: FigureSeen): readonly number[] =>
  counting.map((values) => values.reduce((sum, one) => sum + one, 0) / values.length);

/** How the class's own figures came about. */
export const classWorkings = (seen: FigureSeen) => ({
  mean: (): Working => replicatesMethod.working('mean', { values: [...meansOf(seen)] }),
  of: (output: 'r' | 'R'): Working =>
    repeatabilityMethod.working(output, { groups: seen.counting.map((one) => [...one]) }),
  z: (groupId: string): Working | undefined => {
    const inside = seen.groups.filter(({ out, values }) => out === undefined && values.length > 0);
    const at = inside.findIndex(({ id }) => id === groupId);
    if (at < 0 || seen.result.precision === undefined) return undefined;
    const groups = seen.counting.map((one) => [...one]);
    return groupConsistencyMethod.working('robustZ', { groups }, { pick: `groups[${String(at)}].robustZ` });
  },
});

/** How far a group is: joined, guessed, measuring, done. */
export interface Progress {
  readonly hasJoined: boolean;
  readonly hasGuessed: boolean;
  readonly filled: number;
  readonly cells: number;
}

export function progressOf(page: ClassPage, groupId: string): Progress {
  const sheet = sheetOfClass(page);
  const group = page.groups.find(({ id }) => id === groupId);
  const toGuess = page.samples.length * sheet.figures.filter(({ guess }) => guess !== undefined).length;
  const steps = sheet.steps.length - (page.pot === undefined || sheet.potStep === undefined ? 0 : 1);
  const filled = new Set(
    (group?.readings ?? []).map(({ sampleId, repeat, step }) => `${sampleId} ${String(repeat)} ${step}`),
  );
  const guesses = group?.guesses.length ?? 0;
  return {
    hasJoined: (group?.phones ?? 0) > 0 || guesses > 0,
    hasGuessed: guesses >= toGuess,
    filled: filled.size,
    cells: steps * page.plan.repeats * page.samples.length,
  };
}

/** Whether every group that came has guessed: until then a dot would tell the others. */
export const allGuessed = (page: ClassPage): boolean =>
  page.groups.map(({ id }) => progressOf(page, id)).every(({ hasJoined, hasGuessed }) => !hasJoined || hasGuessed);
