import type { MediaClass } from '../classes';
import { CoreError } from '../errors';
import {
  fitRetention,
  placeOf,
  type Retention,
  type RetentionFitInput,
  type RetentionFitResult,
  type RetentionObservation,
  retentionFitMethod,
} from '../retention';
import type { Working } from '../method';
import { curveObservations, type CurveObservations } from './curveObservations';
import type { LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';

/** A curve fitted to everything that was seen of it. */
export interface FittedCurve {
  readonly kind: 'fitted';
  readonly retention: Retention;
  readonly fit: RetentionFitResult;
  readonly observations: readonly RetentionObservation[];
  readonly note: string;
  readonly working: Working;
}

/** How many numbers the curve has. */
const PARAMETERS = 4;

/** What each of them is called where it is fixed. */
const FIXED_WORDS: Readonly<Record<'thetaS' | 'thetaR' | 'n', string>> = {
  thetaS: 'its wet end is the measured porosity',
  thetaR: 'the water that never drains is the class’s',
  n: 'its steepness is the class’s',
};

/**
 * What is taken as known where fewer places were looked at than the curve has parameters: first the wet end from
 * measured porosity, then the residual water of the class, then its steepness.
 */
function fixedFor(
  places: number,
  porosity: number | undefined,
  mediaClass: MediaClass | undefined,
): NonNullable<RetentionFitInput['fix']> {
  const known: [keyof typeof FIXED_WORDS, number | undefined][] = [
    ['thetaS', porosity],
    ['thetaR', mediaClass?.retention.thetaR],
    ['n', mediaClass?.retention.n],
  ];
  const usable = known.filter((one): one is [keyof typeof FIXED_WORDS, number] => one[1] !== undefined);
  return Object.fromEntries(usable.slice(0, Math.max(0, PARAMETERS - places)));
}

const counted = (count: number, one: string, many: string): string => `${String(count)} ${count === 1 ? one : many}`;

/** What the curve was fitted to, in words. */
function seen({ points, slices, columns }: CurveObservations): string {
  const parts = [
    ...(points.length === 0
      ? []
      : [counted(points.length, 'weighing on the suction table', 'weighings on the suction table')]),
    ...(slices.length === 0 ? [] : [counted(slices.length, 'ring of drained stacks', 'rings of drained stacks')]),
    ...(columns.length === 0 ? [] : [counted(columns.length, 'drained vessel', 'drained vessels')]),
  ];
  return parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1) as string}`;
}

/** Depths of columns this much alike, as a share, are one place: a medium settles a little differently each time. */
const ONE_DEPTH = 0.1;

function depthsApart(columns: CurveObservations['columns']): number {
  const depths = columns.flatMap((one) => (one.kind === 'column' ? one.height_cm : [])).sort((a, b) => a - b);
  let apart = 0;
  let from = -Infinity;
  for (const depth of depths) {
    if (depth <= from * (1 + ONE_DEPTH)) continue;
    apart += 1;
    from = depth;
  }
  return apart;
}

/** How many places of the curve were looked at; a single drained depth is inferred from, not fitted to. */
function placesOf({ points, slices, columns }: CurveObservations): number {
  return new Set([...points, ...slices].map(placeOf)).size + depthsApart(columns);
}

/** A curve fitted to points, slices and columns together; undefined where only one depth was drained. */
export function fittedCurve(
  lot: LotRecord,
  figures: readonly LotFigure[],
  mediaClass: MediaClass | undefined,
): FittedCurve | undefined {
  const all = curveObservations(lot);
  const places = placesOf(all);
  if (places < 2) return undefined;
  const observations = [...all.points, ...all.slices, ...all.columns];
  const porosity = figures.find((figure) => figure.property === 'totalPorosity');
  const fix = fixedFor(places, porosity?.summary.mean, mediaClass);
  const names = Object.keys(fix) as (keyof typeof FIXED_WORDS)[];
  const input: RetentionFitInput = { observations, ...(names.length === 0 ? {} : { fix }) };
  try {
    const fit = fitRetention(input);
    const taken = names.map((name) => FIXED_WORDS[name]).join('; ');
    const note = `Curve fitted to ${seen(all)}, misfit ${fit.rmse.toFixed(3)}${taken === '' ? '' : `; ${taken}`}.`;
    const borrowed =
      porosity === undefined || fix.thetaS === undefined
        ? {}
        : { from: [{ label: 'total porosity', value: fix.thetaS, unit: '', working: porosity.working }] };
    const working = retentionFitMethod.working('alpha', input, borrowed);
    return { kind: 'fitted', retention: fit.retention, fit, observations, note, working };
  } catch (error) {
    // Too few weighings for a curve: the one from a single depth is still there.
    if (error instanceof CoreError) return undefined;
    throw error;
  }
}
