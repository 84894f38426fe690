import { meanOf } from '../statistics';
import { figureOf } from './sheetResult';
import type { PupilFigure, PupilSheet, Readings } from './lesson';
import type { GroupSheet } from './whyDiffers';

/** A cell of a group's sheet as it was kept; of two of one cell the later stands. */
export interface SheetReading {
  readonly repeat: number;
  readonly step: string;
  readonly value: number;
  readonly takenAt: string;
}

/** The steps that a group goes through: a pot whose volume the teacher named is not measured. */
export const stepsFor = (sheet: PupilSheet, pot_mL?: number): PupilSheet['steps'] =>
  pot_mL === undefined ? sheet.steps : sheet.steps.filter(({ key }) => key !== sheet.potStep);

/** What stands in a group's sheet, one record for each time that it measures. */
export function timesOf(
  sheet: PupilSheet,
  readings: readonly SheetReading[],
  repeats: number,
  pot_mL?: number,
): readonly Readings[] {
  const pot = pot_mL === undefined || sheet.potStep === undefined ? {} : { [sheet.potStep]: pot_mL };
  return Array.from({ length: repeats }, (_, repeat): Readings => {
    const own = readings.filter((one) => one.repeat === repeat).map(({ step, value }) => [step, value] as const);
    return { ...pot, ...Object.fromEntries(own) };
  });
}

/** Seconds from the start of each wait to the next reading of the same time, in the mean. */
function waitedOf(sheet: PupilSheet, readings: readonly SheetReading[]): Readings {
  const waits = sheet.steps.flatMap(({ key, kind }, place) => {
    if (kind !== 'time') return [];
    const after = sheet.steps[place + 1]?.key;
    const lasted = readings
      .filter(({ step }) => step === key)
      .flatMap(({ repeat, value }) => {
        const next = readings.findLast((one) => one.repeat === repeat && one.step === after);
        const until_s = next === undefined ? undefined : untilOf(sheet, next);
        return until_s === undefined || until_s <= value ? [] : [until_s - value];
      });
    return lasted.length === 0 ? [] : [[key, meanOf(lasted)] as const];
  });
  return Object.fromEntries(waits);
}

/** When a cell was filled, s; a wait is filled with the moment at which it began. */
const untilOf = (sheet: PupilSheet, { step, value, takenAt }: SheetReading): number =>
  sheet.steps.find(({ key }) => key === step)?.kind === 'time' ? value : Date.parse(takenAt) / 1000;

/** A group's sheet as it is held against the others'. */
export const groupSheetOf = (
  sheet: PupilSheet,
  id: string,
  readings: readonly SheetReading[],
  more: { readonly repeats: number; readonly pot_mL?: number },
): GroupSheet => ({
  id,
  times: timesOf(sheet, readings, more.repeats, more.pot_mL),
  waited_s: waitedOf(sheet, readings),
});

/** A figure's values of a group, one for each time that it can be worked out. */
export const valuesOf = (sheet: PupilSheet, figure: PupilFigure, times: readonly Readings[]): readonly number[] =>
  valuesByTime(sheet, figure, times).filter((value) => value !== undefined);

/** The same with its place kept where a time gives none. */
export const valuesByTime = (
  sheet: PupilSheet,
  figure: PupilFigure,
  times: readonly Readings[],
): readonly (number | undefined)[] => times.map((readings) => figureOf(sheet, figure, readings)?.value);
