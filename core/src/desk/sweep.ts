import { blend, type BlendScalars } from '../blend';
import { refuse } from '../errors';
import { deskBlendInput, type DeskInput, type DeskLine } from './predict';

/** What a chart of shares shows. */
export type SweptFigures = Pick<
  BlendScalars,
  'air' | 'water' | 'easilyAvailable' | 'bulkDensity_gcc' | 'shrink' | 'pH' | 'ec_dSm' | 'pricePerL'
>;

export interface SweepPoint {
  /** The swept line's share of the loose volume, 0..1. */
  readonly share: number;
  readonly figures: SweptFigures;
}

export interface TrianglePoint {
  /** Shares of the three among themselves; they sum to 1. */
  readonly shares: readonly [number, number, number];
  readonly figures: SweptFigures;
}

function figuresOf(desk: DeskInput, lines: readonly DeskLine[]): SweptFigures {
  const result = blend(deskBlendInput({ ...desk, lines: lines.filter(({ parts }) => parts > 0) }));
  const { air, water, easilyAvailable, bulkDensity_gcc, shrink, pH, ec_dSm, pricePerL } = result;
  return {
    air,
    water,
    easilyAvailable,
    bulkDensity_gcc,
    shrink,
    ...(pH === undefined ? {} : { pH }),
    ...(ec_dSm === undefined ? {} : { ec_dSm }),
    ...(pricePerL === undefined ? {} : { pricePerL }),
  };
}

/**
 * One line swept from nothing to all of the loose volume, the others keeping their proportions among themselves.
 * Throws `invalid` for a line that is not there, or that stands alone.
 */
export function sweep(desk: DeskInput, line: number, steps = 20): SweepPoint[] {
  const swept = desk.lines[line];
  if (swept === undefined) refuse('line', `there is no line ${String(line)}`);
  const others = desk.lines.reduce((sum, { parts }, i) => sum + (i === line ? 0 : parts), 0);
  if (!(others > 0)) refuse('lines', 'a sweep needs another line beside the swept one');
  return Array.from({ length: steps + 1 }, (_, k) => {
    const share = k / steps;
    const lines = desk.lines.map((one, i) => ({
      ...one,
      parts: i === line ? share : ((1 - share) * one.parts) / others,
    }));
    return { share, figures: figuresOf(desk, lines) };
  });
}

/**
 * Three lines shared out in every way in steps, together keeping their part of the recipe; the others stay as they are.
 * Points run row by row from all of the first to all of the third. Throws `invalid` unless three different lines are
 * named that have a part between them.
 */
export function triangle(desk: DeskInput, three: readonly [number, number, number], steps = 10): TrianglePoint[] {
  if (new Set(three).size < 3 || three.some((i) => desk.lines[i] === undefined))
    refuse('three', 'name three different lines of the recipe');
  const together = three.reduce((sum, i) => sum + (desk.lines[i] as DeskLine).parts, 0);
  if (!(together > 0)) refuse('three', 'the three lines have no part between them');
  const points: TrianglePoint[] = [];
  for (let c = 0; c <= steps; c += 1) {
    for (let b = 0; b <= steps - c; b += 1) {
      const shares = [(steps - b - c) / steps, b / steps, c / steps] as const;
      const lines = desk.lines.map((one, i) => {
        const place = three.indexOf(i);
        return place < 0 ? one : { ...one, parts: together * (shares[place] as number) };
      });
      points.push({ shares, figures: figuresOf(desk, lines) });
    }
  }
  return points;
}
