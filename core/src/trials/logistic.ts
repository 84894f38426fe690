import { fAbove, holm, studentT, tBeyond } from '../statistics';
import { pairsOf } from './welch';

/** A tray: so many of its seeds came up. */
export interface TrayCount {
  readonly sown: number;
  readonly up: number;
}

export interface LogisticPair {
  readonly i: number;
  readonly j: number;
  /** How many times better the odds of a seed are in the first. */
  readonly oddsRatio: number;
  readonly ci95: readonly [number, number];
  readonly p: number;
}

export interface Logistic {
  /** How many times more the trays vary than their seeds alone would. */
  readonly dispersion: number;
  readonly f: number;
  readonly df1: number;
  readonly df2: number;
  readonly p: number;
  readonly pairs: readonly LogisticPair[];
}

/** Twice the log likelihood of `up` of `sown` at a share, as far as the share goes. */
function twice({ up, sown }: TrayCount, share: number): number {
  const part = (count: number, of: number): number => (count === 0 ? 0 : count * Math.log(of));
  return 2 * (part(up, share) + part(sown - up, 1 - share));
}

const pooled = (trays: readonly TrayCount[]): TrayCount => ({
  up: trays.reduce((sum, { up }) => sum + up, 0),
  sown: trays.reduce((sum, { sown }) => sum + sown, 0),
});

/**
 * Whether shares of trays differ between media: logistic regression on one factor, its errors widened (or narrowed) by
 * what the trays truly vary. Undefined where all or none of a medium came up, since no finite odds fit that, where
 * there is nothing left to judge by, or trays of a medium do not vary at all.
 *
 * Each medium's fitted share is its seedlings over its seeds. Dispersion = Pearson's chi² over trays less media; the
 * test of all is the fall of the deviance over that, by F; pairs by t on the log odds, made ready by Holm.
 * Source: McCullagh and Nelder (1989), chapter 4.
 */
export function quasiBinomial(groups: readonly (readonly TrayCount[])[]): Logistic | undefined {
  const whole = groups.map(pooled);
  if (whole.some(({ up, sown }) => up === 0 || up === sown)) return undefined;
  const shares = whole.map(({ up, sown }) => up / sown);
  const df2 = groups.reduce((sum, trays) => sum + trays.length, 0) - groups.length;
  const df1 = groups.length - 1;
  if (df2 < 1) return undefined;
  const pearson = groups.reduce((sum, trays, g) => {
    const share = shares[g] as number;
    return sum + trays.reduce((own, { up, sown }) => own + (up - sown * share) ** 2 / (sown * share * (1 - share)), 0);
  }, 0);
  const dispersion = pearson / df2;
  if (dispersion === 0) return undefined;
  const all = pooled(whole);
  const fall = whole.reduce((sum, one, g) => sum + twice(one, shares[g] as number), 0) - twice(all, all.up / all.sown);
  const f = fall / df1 / dispersion;
  const t = studentT(0.975, df2);
  const pairs = pairsOf(groups.length).map(([i, j]) => {
    const logOdds = (g: number): number => Math.log((shares[g] as number) / (1 - (shares[g] as number)));
    const variance = (g: number): number =>
      1 / ((whole[g] as TrayCount).sown * (shares[g] as number) * (1 - (shares[g] as number)));
    const difference = logOdds(i) - logOdds(j);
    const se = Math.sqrt(dispersion * (variance(i) + variance(j)));
    return {
      i,
      j,
      oddsRatio: Math.exp(difference),
      ci95: [Math.exp(difference - t * se), Math.exp(difference + t * se)] as const,
      p: tBeyond(difference / se, df2),
    };
  });
  const ps = holm(pairs.map(({ p }) => p));
  return {
    dispersion,
    f,
    df1,
    df2,
    p: fAbove(f, df1, df2),
    pairs: pairs.map((pair, k) => ({ ...pair, p: ps[k] as number })),
  };
}
