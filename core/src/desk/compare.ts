import type { Band } from '../bands';

/** One figure of one of those compared. */
export interface ComparedFigure {
  readonly value: number;
  /** Where nothing is known of the spread, nothing can be told apart. */
  readonly band?: Band;
}

/** Whether two figures differ beyond their bands: the 5 to 95 % bands do not touch. */
export function differ(one: ComparedFigure | undefined, other: ComparedFigure | undefined): boolean {
  if (one?.band === undefined || other?.band === undefined) return false;
  return one.band.p5 > other.band.p95 || other.band.p5 > one.band.p95;
}

/** For each of a row of figures, the places of those that it differs from beyond the bands. */
export function differences(row: readonly (ComparedFigure | undefined)[]): number[][] {
  return row.map((one) => row.flatMap((other, j) => (differ(one, other) ? [j] : [])));
}
