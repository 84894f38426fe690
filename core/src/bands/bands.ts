import {
  BLEND_HEADS,
  evaluateBlend,
  prepareBlend,
  type BlendComponent,
  type BlendScalars,
  type BlendSettings,
} from '../blend';
import { refuse } from '../errors';
import { finished, type Steps } from '../numeric';
import { containerRule, QUICK_QUADRATURE, type Retention } from '../retention';
import { seededRandom, type Random, type Range } from '../scoring';
import { BANDS_DEFAULTS, requireBands, SCOOP_SHARE, type BandsInput, type UncertainComponent } from './bandsInput';
import { curveCovariance, drawCurve, logNormal, lowerFactor, truncatedNormal } from './draw';
import { driversOf, type DrawnInput, type Driver } from './drivers';

export interface Band {
  readonly p5: number;
  readonly p50: number;
  readonly p95: number;
}

export type BandProperty = keyof BlendScalars;

export type BandsResult = Readonly<Partial<Record<BandProperty, Band>>> & {
  readonly chance: readonly { readonly property: string; readonly chance: number }[];
  readonly drivers: readonly Driver[];
};

/** Draws in a step. */
const STEP = 50;

/** One value that varies, and where its draws are kept. */
interface Drawn {
  readonly input: DrawnInput;
  readonly draw: (random: Random, at: number) => void;
}

/** A component as it is drawn again and again. */
interface Mutable {
  volume: number;
  readonly component: { -readonly [K in keyof BlendComponent]: BlendComponent[K] };
}

/** Log-normal for what is positive, normal within its limits for the rest. */
const LIMITS = {
  interparticleVoid: [0.001, 0.999],
  softness: [0, 1],
  pH: [0, 14],
  spread: [1, Infinity],
} as const;
const POSITIVE = ['dryBulkDensity_gcc', 'd50_mm', 'buffer_meqPerLpH', 'ec_dSm', 'pricePerL'] as const;

function drawnValue(name: string, draws: number, one: (random: Random) => number, set: (value: number) => void): Drawn {
  const column = new Float64Array(draws);
  return {
    input: { name, columns: [column] },
    draw: (random, at) => {
      const value = one(random);
      column[at] = value;
      set(value);
    },
  };
}

function drawnCurve(
  name: string,
  draws: number,
  mean: Retention,
  covariance: readonly (readonly number[])[],
  set: (curve: Retention) => void,
): Drawn {
  const lower = lowerFactor(covariance);
  const columns = [0, 1, 2, 3].map(() => new Float64Array(draws));
  return {
    input: { name, columns },
    draw: (random, at) => {
      const curve = drawCurve(random, mean, lower);
      [curve.thetaR, curve.thetaS, curve.alpha_percm, curve.n].forEach((value, i) => {
        (columns[i] as Float64Array)[at] = value;
      });
      set(curve);
    },
  };
}

/** Everything of one component that varies. */
function drawnOf(given: UncertainComponent, at: string, draws: number, mutable: Mutable): Drawn[] {
  const drawn: Drawn[] = [];
  const { component } = mutable;
  const volume_se = given.volume_se ?? SCOOP_SHARE * given.volume;
  if (volume_se > 0) {
    drawn.push(
      drawnValue(
        `${at}.volume`,
        draws,
        (random) => logNormal(random, given.volume, volume_se),
        (value) => {
          mutable.volume = value;
        },
      ),
    );
  }
  for (const key of POSITIVE) {
    const [mean, se] = [given[key], given[`${key}_se`]];
    if (mean === undefined || se === undefined || se === 0) continue;
    drawn.push(
      drawnValue(
        `${at}.${key}`,
        draws,
        (random) => logNormal(random, mean, se),
        (value) => {
          component[key] = value;
        },
      ),
    );
  }
  for (const key of Object.keys(LIMITS) as (keyof typeof LIMITS)[]) {
    const [mean, se] = [given[key], given[`${key}_se`]];
    if (mean === undefined || se === undefined || se === 0) continue;
    const [lo, hi] = LIMITS[key];
    drawn.push(
      drawnValue(
        `${at}.${key}`,
        draws,
        (random) => truncatedNormal(random, mean, se, lo, hi),
        (value) => {
          component[key] = value;
        },
      ),
    );
  }
  const covariance = curveCovariance(given);
  if (covariance !== undefined)
    drawn.push(
      drawnCurve(`${at}.retention`, draws, plainCurve(given.retention), covariance, (retention) => {
        component.retention = retention;
      }),
    );
  return drawn;
}

const plainCurve = ({ thetaR, thetaS, alpha_percm, n }: Retention): Retention => ({ thetaR, thetaS, alpha_percm, n });

function plainComponent(given: UncertainComponent): BlendComponent {
  const entries = Object.entries(given).filter(([key]) => !key.endsWith('_se') && key !== 'retention_cov');
  return { ...(Object.fromEntries(entries) as unknown as BlendComponent), retention: plainCurve(given.retention) };
}

function quantile(sorted: Float64Array, share: number): number {
  const at = share * (sorted.length - 1);
  const below = Math.floor(at);
  const low = sorted[below] as number;
  return low + (at - below) * ((sorted[Math.min(below + 1, sorted.length - 1)] as number) - low);
}

const isWithin = ([lo, hi]: Range, value: number): boolean =>
  (lo === null || value >= lo) && (hi === null || value <= hi);

/**
 * Bands of a predicted blend by seeded draws: median, 5 and 95 %, the chance of each window, what drives the spread.
 *
 * Inputs as in `blend`, with `_se` beside any value; curves vary as a whole by `retention_cov`, 4 x 4 in the order
 * thetaR, thetaS, alpha_percm, n. Positive values are drawn log-normally, others normally within what is possible.
 * Volumes vary by `volume_se`, else by 3 % of themselves. 2,000 draws and seed 1 if not given. The container is looked
 * at a little less finely than in `blend`, to 1e-4. `drivers` is the share of the variance of one output (`driversOf`,
 * else the first window's property, else air) that each input explains.
 * Throws for what `blend` refuses, negative standard errors, a covariance that is none, and a property that the blend
 * does not have.
 * Example: all standard errors zero: p5 = p50 = p95.
 */
export const bands = (input: BandsInput): BandsResult => finished(bandsSteps(input));

/** The same draws in steps. */
export function* bandsSteps(input: BandsInput): Steps<BandsResult> {
  requireBands(input);
  const draws = input.draws ?? BANDS_DEFAULTS.draws;
  const random = seededRandom(input.seed ?? BANDS_DEFAULTS.seed);
  const mutables = input.components.map((given): Mutable => ({
    volume: given.volume,
    component: plainComponent(given),
  }));
  const settings: { -readonly [K in keyof BlendSettings]: BlendSettings[K] } = {
    model: input.model,
    ...(input.kappa === undefined ? {} : { kappa: input.kappa }),
    ...(input.shrink === undefined ? {} : { shrink: input.shrink }),
    ...(input.lime_meqPerL === undefined ? {} : { lime_meqPerL: input.lime_meqPerL }),
    ...(input.salt_dSm === undefined ? {} : { salt_dSm: input.salt_dSm }),
  };
  const drawn = [
    ...input.components.flatMap((given, i) =>
      drawnOf(given, `components[${String(i)}]`, draws, mutables[i] as Mutable),
    ),
    ...drawnSettings(input, draws, settings),
  ];
  const rule = containerRule(input.container, [BLEND_HEADS.drained], QUICK_QUADRATURE);
  const outputs = new Map<BandProperty, Float64Array>();
  for (let at = 0; at < draws; at += 1) {
    if (at % STEP === 0) yield at / draws;
    for (const one of drawn) one.draw(random, at);
    const components = mutables.map(({ component }) => possible(component));
    const volumes = mutables.map(({ volume }) => volume);
    const { scalars } = evaluateBlend(prepareBlend(components, input.container, rule), volumes, settings);
    for (const [key, value] of Object.entries(scalars) as [BandProperty, number][]) {
      const column = outputs.get(key) ?? new Float64Array(draws);
      column[at] = value;
      outputs.set(key, column);
    }
  }
  return summarised(
    input,
    outputs,
    drawn.map((one) => one.input),
  );
}

/** A drawn void never exceeds the drawn porosity. */
function possible(component: BlendComponent): BlendComponent {
  const { thetaS } = component.retention;
  return component.interparticleVoid <= thetaS ? component : { ...component, interparticleVoid: thetaS };
}

function drawnSettings(
  input: BandsInput,
  draws: number,
  settings: { kappa?: number; shrink?: number; lime_meqPerL?: number; salt_dSm?: number },
): Drawn[] {
  const drawn: Drawn[] = [];
  const add = (
    key: 'kappa' | 'shrink' | 'lime_meqPerL' | 'salt_dSm',
    mean: number,
    se: number | undefined,
    lo: number,
    hi: number,
  ): void => {
    if (se === undefined || se === 0) return;
    drawn.push(
      drawnValue(
        key,
        draws,
        (random) => truncatedNormal(random, mean, se, lo, hi),
        (value) => {
          settings[key] = value;
        },
      ),
    );
  };
  add('kappa', input.kappa ?? 1, input.kappa_se, 0, Infinity);
  if (input.shrink !== undefined) add('shrink', input.shrink, input.shrink_se, 0, 0.999);
  add('lime_meqPerL', input.lime_meqPerL ?? 0, input.lime_meqPerL_se, -Infinity, Infinity);
  add('salt_dSm', input.salt_dSm ?? 0, input.salt_dSm_se, 0, Infinity);
  return drawn;
}

function summarised(
  input: BandsInput,
  outputs: ReadonlyMap<BandProperty, Float64Array>,
  inputs: readonly DrawnInput[],
): BandsResult {
  const columnOf = (property: string, path: string): Float64Array => {
    const column = outputs.get(property as BandProperty);
    if (column === undefined) refuse(path, `this blend has no "${property}"; it has ${[...outputs.keys()].join(', ')}`);
    return column;
  };
  const windows = input.windows ?? [];
  const chance = windows.map(({ property, range }, i) => {
    const column = columnOf(property, `windows[${String(i)}].property`);
    const hits = column.reduce((sum, value) => sum + (isWithin(range, value) ? 1 : 0), 0);
    return { property, chance: hits / column.length };
  });
  const explained = columnOf(input.driversOf ?? windows[0]?.property ?? 'air', 'driversOf');
  const drivers = driversOf(explained, inputs);
  const summary = Object.fromEntries(
    [...outputs].map(([key, column]): [BandProperty, Band] => {
      const sorted = Float64Array.from(column).sort();
      return [key, { p5: quantile(sorted, 0.05), p50: quantile(sorted, 0.5), p95: quantile(sorted, 0.95) }];
    }),
  );
  return { ...(summary as Partial<Record<BandProperty, Band>>), chance, drivers };
}
