import { CoreError, type Check } from '../errors';
import type { Source, Working } from '../method';
import { ratio, ratioMethod, type RatioInput } from '../shares';
import type { PupilFigure, PupilSheet, Readings } from './lesson';

export interface FoundFigure {
  readonly key: string;
  /** In the figure's own unit. */
  readonly value: number;
  readonly working: Working;
}

/** The keys of the steps that a figure is made of. */
export const stepsOf = ({ read, from }: PupilFigure): readonly string[] =>
  read === undefined ? Object.values(from ?? {}).flat() : [read];

function inputOf(figure: PupilFigure, readings: Readings): RatioInput | undefined {
  const steps = stepsOf(figure);
  if (steps.length === 0 || steps.some((step) => readings[step] === undefined)) return undefined;
  if (figure.read !== undefined) return { add: [readings[figure.read] as number] };
  const parts = Object.entries(figure.from ?? {}).map(([place, steps]) => [place, steps.map((step) => readings[step])]);
  return Object.fromEntries(parts) as RatioInput;
}

/**
 * What a group's readings give for a figure; undefined while a reading is missing or where none can be made of them.
 *
 * `volume_mL` of a pot that the teacher named stands for the sheet's own step. Shares come in percent.
 */
export function figureOf(sheet: PupilSheet, figure: PupilFigure, readings: Readings): FoundFigure | undefined {
  const input = inputOf(figure, readings);
  if (input === undefined) return undefined;
  const from = stepsOf(figure).map((key): Source => {
    const step = sheet.steps.find((one) => one.key === key);
    return { label: step?.label ?? key, value: readings[key] as number, unit: step?.unit ?? '' };
  });
  try {
    const value = (figure.times ?? 1) * ratio(input).ratio;
    return {
      key: figure.key,
      value,
      working: ratioMethod.working(input.per === undefined ? 'difference' : 'share', input, { from }),
    };
  } catch (error) {
    // More ran out than went in: the sheet's doubts say so.
    if (error instanceof CoreError) return undefined;
    throw error;
  }
}

/** All that a group's readings give so far, and what is odd about them. */
export const sheetResult = (
  sheet: PupilSheet,
  readings: Readings,
): { readonly figures: readonly FoundFigure[]; readonly doubts: readonly Check[] } => ({
  figures: sheet.figures.flatMap((figure) => figureOf(sheet, figure, readings) ?? []),
  doubts: sheet.doubts(readings),
});
