import { BLEND_HEADS, evaluateBlend, physicsOf, prepareBlend, type BlendScalars } from '../blend';
import { refuse } from '../errors';
import { finished, type Steps } from '../numeric';
import { containerRule, QUICK_QUADRATURE } from '../retention';
import { seededRandom, type Range } from '../scoring';
import { BANDS_DEFAULTS, requireBands, type BandsInput } from './bandsInput';
import { DrawnBlend } from './drawnBlend';
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

export function quantile(sorted: Float64Array, share: number): number {
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
 * thetaR, thetaS, alpha_percm, n. A component with `readings` is drawn as `lot-curve` knows it, and those errors do not
 * count. All of it is drawn on the scales of `knowledge`, where no draw is impossible. Every second draw mirrors the one
 * before. Volumes vary by `volume_se`, else by 3 % of themselves. 2,000 draws and seed 1 if not given. The container is
 * looked at a little less finely than in `blend`, to 1e-4. `drivers` divides the variance of one output (`driversOf`, else
 * the first window's property, else air) among the inputs; the shares sum to what a linear regression explains.
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
  const drawn = new DrawnBlend(input, draws);
  const physics = physicsOf(input);
  const rule = containerRule(input.container, [BLEND_HEADS.drained], QUICK_QUADRATURE);
  const outputs = new Map<BandProperty, Float64Array>();
  for (let at = 0; at < draws; at += 1) {
    if (at % STEP === 0) yield at / draws;
    const { components, volumes } = drawn.draw(random, at);
    const { scalars } = evaluateBlend(
      prepareBlend(components, input.container, physics, rule),
      volumes,
      drawn.settings,
    );
    // Which figures a blend has does not change from draw to draw.
    if (at === 0) for (const key of Object.keys(scalars) as BandProperty[]) outputs.set(key, new Float64Array(draws));
    for (const [key, column] of outputs) column[at] = scalars[key] as number;
  }
  return summarised(input, outputs, drawn.inputs);
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
