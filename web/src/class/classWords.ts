import { counted } from '../kit/format';
import { figureShown } from '../shared/classes/figureShown';
import type { FigureSeen } from './classView';

/** What a class found of a figure, in a sentence. */
export function classSentence({ figure, result: { summary, precision } }: FigureSeen): string {
  if (summary === undefined) return figure.note ?? 'No group has measured it yet.';
  const shown = (value: number): string => figureShown(figure, value);
  const band =
    summary.ci95 === undefined
      ? ''
      : `, between ${shown(summary.ci95[0])} and ${shown(summary.ci95[1])} as far as they can tell`;
  const found = `${counted(summary.n, 'group', 'groups')} found ${shown(summary.mean)}${band}.`;
  if (precision === undefined) return `${found} How well it repeats takes groups that measure twice.`;
  return `${found} Two results of one group differ by more than ${shown(precision.r)} once in twenty, two of different groups by more than ${shown(precision.R)}.`;
}

/** What a guess was worth. */
export const guessWords = (isHonest: boolean): string => (isHonest ? 'honest' : 'too sure');
