import jstat from 'jstat';

/** Quantile of Student's t with `df` degrees of freedom: studentT(0.975, 2) = 4.3027. */
export function studentT(p: number, df: number): number {
  return jstat.jStat.studentt.inv(p, df);
}
