import type { Retention } from '../retention';

/**
 * What is known of a lot that curves together: its water curve, its weight, its grains. Each has a scale on which its
 * spread is even and on which no draw is impossible: the share of the pores that never drains and total porosity as
 * logits, alpha, n - 1, density and grain size as logarithms, the void between grains as a logit.
 */
export const BODY = [
  'thetaR',
  'thetaS',
  'alpha_percm',
  'n',
  'dryBulkDensity_gcc',
  'interparticleVoid',
  'd50_mm',
] as const;
/** What is known of it by itself: pH as it is, salts and buffering as logarithms. */
export const CHEMISTRY = ['pH', 'ec_dSm', 'buffer_meqPerLpH'] as const;
export type Chemistry = (typeof CHEMISTRY)[number];
/** All but the curve's own, whose scales hang together. */
export const ALONE = ['dryBulkDensity_gcc', 'interparticleVoid', 'd50_mm', ...CHEMISTRY] as const;
export type Alone = (typeof ALONE)[number];

/** The values of a body, in their own units. */
export interface Body {
  readonly retention: Retention;
  readonly dryBulkDensity_gcc: number;
  readonly interparticleVoid: number;
  readonly d50_mm: number;
}

/** Shares closer to 0 or 1 than this have no logit to speak of. */
const EDGE = 1e-6;

export function logit(share: number): number {
  const held = Math.min(Math.max(share, EDGE), 1 - EDGE);
  return Math.log(held / (1 - held));
}

export const fromLogit = (x: number): number => 1 / (1 + Math.exp(-x));

/** A curve on the scales: logit of thetaR / thetaS, logit of thetaS, ln alpha, ln(n - 1). */
export const curveToScale = ({ thetaR, thetaS, alpha_percm, n }: Retention): number[] => [
  logit(thetaR / thetaS),
  logit(thetaS),
  Math.log(alpha_percm),
  Math.log(n - 1),
];

export function curveFromScale(x: readonly number[]): Retention {
  const thetaS = fromLogit(x[1] as number);
  return {
    thetaR: thetaS * fromLogit(x[0] as number),
    thetaS,
    alpha_percm: Math.exp(x[2] as number),
    n: 1 + Math.exp(x[3] as number),
  };
}

export const bodyToScale = (body: Body): number[] => [
  ...curveToScale(body.retention),
  Math.log(body.dryBulkDensity_gcc),
  logit(body.interparticleVoid),
  Math.log(body.d50_mm),
];

export const bodyFromScale = (x: readonly number[]): Body => ({
  retention: curveFromScale(x),
  dryBulkDensity_gcc: Math.exp(x[4] as number),
  interparticleVoid: fromLogit(x[5] as number),
  d50_mm: Math.exp(x[6] as number),
});

/** A value that stands by itself on its scale, and back. */
export function toScale(key: Alone, value: number): number {
  if (key === 'pH') return value;
  return key === 'interparticleVoid' ? logit(value) : Math.log(value);
}

export function fromScale(key: Alone, x: number): number {
  if (key === 'pH') return x;
  return key === 'interparticleVoid' ? fromLogit(x) : Math.exp(x);
}

/** Up to this SD a logit is taken to move as its slope says. */
const EVEN = 0.7;
/** Standard normal quantile of 95 %. */
const Z95 = 1.6448536269514722;

/**
 * SD of a share's logit from the share's own SD: by its slope; near 0 or 1, where the slope runs away, so wide that its 95 %
 * towards the middle is that of the share.
 */
export function logitSd(share: number, sd: number): number {
  const held = Math.min(Math.max(share, EDGE), 1 - EDGE);
  const bySlope = sd / (held * (1 - held));
  if (bySlope <= EVEN) return bySlope;
  const towards = held < 0.5 ? Math.min(held + Z95 * sd, 1 - EDGE) : Math.max(held - Z95 * sd, EDGE);
  return Math.min(bySlope, Math.max(EVEN, Math.abs(logit(towards) - logit(held)) / Z95));
}

/**
 * A factor of a curve's covariance in its own units (columns by row thetaR, thetaS, alpha, n) on the scales: by their
 * slopes, with rows of logits held as `logitSd` has it.
 */
export function curveFactorToScale(retention: Retention, factor: readonly (readonly number[])[]): number[][] {
  const rows = curveSlopes(retention).map(
    (row) =>
      factor[0]?.map((_, k) =>
        row.reduce((sum, slope, i) => sum + slope * ((factor[i] as readonly number[])[k] as number), 0),
      ) ?? [],
  );
  const shares = [retention.thetaR / retention.thetaS, retention.thetaS];
  return rows.map((row, i) => {
    const share = shares[i];
    const sd = Math.hypot(...row);
    if (share === undefined || sd <= EVEN) return row;
    const held = Math.min(Math.max(share, EDGE), 1 - EDGE);
    const wanted = logitSd(share, sd * held * (1 - held));
    return row.map((value) => (value * wanted) / sd);
  });
}

/** How the scales of a curve move with its own parameters: rows logit(thetaR / thetaS), logit(thetaS), ln alpha, ln(n - 1). */
export function curveSlopes({ thetaR, thetaS, alpha_percm, n }: Retention): number[][] {
  const share = Math.min(Math.max(thetaR / thetaS, EDGE), 1 - EDGE);
  const byShare = 1 / (share * (1 - share));
  return [
    [byShare / thetaS, (-byShare * share) / thetaS, 0, 0],
    [0, 1 / Math.max(thetaS * (1 - thetaS), EDGE), 0, 0],
    [0, 0, 1 / alpha_percm, 0],
    [0, 0, 0, 1 / (n - 1)],
  ];
}
