import jstat from 'jstat';

/** Quantiles that were asked for before, by probability and degrees of freedom: a sheet asks for the same few. */
const known = new Map<number, Map<number, number>>();

/** Quantile of Student's t with `df` degrees of freedom: studentT(0.975, 2) = 4.3027. */
export function studentT(p: number, df: number): number {
  const byDf = known.get(p) ?? new Map<number, number>();
  known.set(p, byDf);
  const quantile = byDf.get(df) ?? jstat.jStat.studentt.inv(p, df);
  byDf.set(df, quantile);
  return quantile;
}
