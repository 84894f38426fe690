import type { NestableLine } from './nesting';

/** A line that leaves something open: a range, another lot that would do, leaving it out. */
export interface OpenLine extends NestableLine {
  readonly least?: number;
  readonly most?: number;
  /** Lots that would do as well. */
  readonly or?: readonly string[];
  readonly optional?: boolean;
}

/** One way to settle everything that is open. */
export interface Corner<L extends OpenLine> {
  readonly lines: readonly L[];
  /** What was chosen, by line: parts, another lot, or that it is left out. */
  readonly chosen: readonly {
    readonly line: number;
    readonly parts?: number;
    readonly lotId?: string;
    readonly out?: true;
  }[];
}

/** So many ways are looked at; more are cut to the first ones. */
export const MOST_CORNERS = 64;

interface Choice<L> {
  readonly line: L | undefined;
  readonly chosen: Omit<Corner<never>['chosen'][number], 'line'>;
}

function choicesOf<L extends OpenLine>(line: L): Choice<L>[] {
  const amounts: Choice<L>[] =
    line.least !== undefined && line.most !== undefined && line.most > line.least
      ? [line.least, line.most].map((parts) => ({ line: { ...line, parts }, chosen: { parts } }))
      : [{ line, chosen: {} }];
  const lots = [line.lotId, ...(line.or ?? [])];
  const swapped =
    lots.length === 1
      ? amounts
      : amounts.flatMap(({ line: one, chosen }) =>
          lots.flatMap((lotId): Choice<L>[] =>
            one === undefined || lotId === undefined ? [] : [{ line: { ...one, lotId }, chosen: { ...chosen, lotId } }],
          ),
        );
  return line.optional === true ? [...swapped, { line: undefined, chosen: { out: true } }] : swapped;
}

/** Whether a recipe leaves anything open. */
export function isOpen(lines: readonly OpenLine[]): boolean {
  return lines.some((line) => choicesOf(line).length > 1);
}

/**
 * Every way to settle what a recipe leaves open: each range at both ends, each other lot, each optional line in and
 * out, at most `MOST_CORNERS` of them. A recipe that leaves nothing open has the one corner that it is; ways that leave
 * no line are none.
 */
export function recipeCorners<L extends OpenLine>(lines: readonly L[]): Corner<L>[] {
  let corners: Corner<L>[] = [{ lines: [], chosen: [] }];
  lines.forEach((line, i) => {
    const choices = choicesOf(line);
    corners = corners
      .flatMap((corner) =>
        choices.map((choice): Corner<L> => ({
          lines: choice.line === undefined ? corner.lines : [...corner.lines, choice.line],
          chosen: choices.length === 1 ? corner.chosen : [...corner.chosen, { line: i, ...choice.chosen }],
        })),
      )
      .slice(0, MOST_CORNERS);
  });
  return corners.filter((corner) => corner.lines.length > 0);
}
