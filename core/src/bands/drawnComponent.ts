import type { BlendComponent } from '../blend';
import {
  ALONE,
  curveFactorToScale,
  curveFromScale,
  curveToScale,
  fromScale,
  logitSd,
  LotDraws,
  lowerFactor,
  toScale,
  type Alone,
} from '../knowledge';
import { RETENTION_ORDER } from '../retention';
import { normalDraw, type Random } from '../scoring';
import type { UncertainComponent } from './bandsInput';
import { logSdOf } from './draw';
import type { DrawnInput } from './drivers';

/** A component as it is drawn again and again. */
export interface Mutable {
  volume: number;
  readonly component: { -readonly [K in keyof BlendComponent]: BlendComponent[K] };
}

/** One value that varies, and where its draws are kept. */
export interface Drawn {
  readonly inputs: readonly DrawnInput[];
  /** Draws at odd places mirror the one before, so that the middle of the draws is the middle. */
  readonly draw: (random: Random, at: number) => void;
}

/** pH beyond these is none. */
const PH = [0, 14] as const;

/** Puts a draw, on its scale, in its place. */
function setAlone(component: Mutable['component'], key: Alone, x: number): void {
  const value = fromScale(key, x);
  component[key] = key === 'pH' ? Math.min(Math.max(value, PH[0]), PH[1]) : value;
}

/** The component's body and chemistry, as far as they are in doubt: by its readings, else by errors beside its values. */
export const drawnBody = (given: UncertainComponent, at: string, draws: number, mutable: Mutable): Drawn[] =>
  given.readings === undefined
    ? [...curveByErrors(given, at, draws, mutable), ...valuesByErrors(given, at, draws, mutable)]
    : [byReadings(new LotDraws(given.readings), at, draws, mutable)];

const columns = (draws: number, count: number): Float64Array[] =>
  Array.from({ length: count }, () => new Float64Array(draws));

/** Places of the body behind the curve's four. */
const BEHIND = ['dryBulkDensity_gcc', 'interparticleVoid', 'd50_mm'] as const;

function byReadings(lot: LotDraws, at: string, draws: number, { component }: Mutable): Drawn {
  const curve = columns(draws, RETENTION_ORDER.length);
  const alone = [...BEHIND, ...lot.chemistry];
  const kept = new Map(alone.map((key) => [key, new Float64Array(draws)]));
  const put = (key: Alone, x: number, index: number): void => {
    (kept.get(key) as Float64Array)[index] = x;
    setAlone(component, key, x);
  };
  return {
    inputs: [
      { name: `${at}.retention`, columns: curve },
      ...alone.map((key) => ({ name: `${at}.${key}`, columns: [kept.get(key) as Float64Array] })),
    ],
    draw: (random, index) => {
      const x = lot.draw(random, index % 2 === 1, (key, value) => {
        // What the recipe does not know of a lot it is not told by a draw.
        if (component[key] !== undefined) put(key, value, index);
      });
      component.retention = curveFromScale(x);
      curve.forEach((column, i) => {
        column[index] = x[i] as number;
      });
      BEHIND.forEach((key, i) => {
        put(key, x[RETENTION_ORDER.length + i] as number, index);
      });
    },
  };
}

/** Covariance of a component's curve in its own units: as given, else from standard errors one by one, else none. */
function curveCovariance(component: UncertainComponent): readonly (readonly number[])[] | undefined {
  if (component.retention_cov !== undefined) return component.retention_cov;
  const { retention } = component;
  const errors = [retention.thetaR_se, retention.thetaS_se, retention.alpha_percm_se, retention.n_se];
  if (errors.every((se) => se === undefined || se === 0)) return undefined;
  return errors.map((se, i) => errors.map((_, j) => (i === j ? (se ?? 0) ** 2 : 0)));
}

function curveByErrors(given: UncertainComponent, at: string, draws: number, { component }: Mutable): Drawn[] {
  const covariance = curveCovariance(given);
  if (covariance === undefined) return [];
  const factor = curveFactorToScale(given.retention, lowerFactor(covariance));
  const middle = curveToScale(given.retention);
  const kept = columns(draws, RETENTION_ORDER.length);
  const z = new Float64Array(RETENTION_ORDER.length);
  return [
    {
      inputs: [{ name: `${at}.retention`, columns: kept }],
      draw: (random, index) => {
        for (let k = 0; k < z.length; k += 1) z[k] = index % 2 === 1 ? -(z[k] as number) : normalDraw(random);
        const x = middle.map((value, i) =>
          (factor[i] as readonly number[]).reduce((sum, by, k) => sum + by * (z[k] as number), value),
        );
        component.retention = curveFromScale(x);
        kept.forEach((column, i) => {
          column[index] = x[i] as number;
        });
      },
    },
  ];
}

/** SD of a value on its scale. */
function sdOnScale(key: Alone, value: number, se: number): number {
  if (key === 'pH') return se;
  return key === 'interparticleVoid' ? logitSd(value, se) : logSdOf(value, se);
}

function valuesByErrors(given: UncertainComponent, at: string, draws: number, { component }: Mutable): Drawn[] {
  return ALONE.flatMap((key): Drawn[] => {
    const [value, se] = [given[key], given[`${key}_se`]];
    if (value === undefined || se === undefined || se === 0 || value === 0) return [];
    const [middle, sd] = [toScale(key, value), sdOnScale(key, value, se)];
    const column = new Float64Array(draws);
    let z = 0;
    return [
      {
        inputs: [{ name: `${at}.${key}`, columns: [column] }],
        draw: (random, index) => {
          z = index % 2 === 1 ? -z : normalDraw(random);
          column[index] = middle + sd * z;
          setAlone(component, key, middle + sd * z);
        },
      },
    ];
  });
}
