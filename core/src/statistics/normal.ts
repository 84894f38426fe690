import jstat from 'jstat';

/** Chance that a standard normal is below z: normalBelow(1.96) = 0.975. */
export const normalBelow = (z: number): number => jstat.jStat.normal.cdf(z, 0, 1);

/** The number that a standard normal is below with chance p: normalQuantile(0.975) = 1.96. */
export const normalQuantile = (p: number): number => jstat.jStat.normal.inv(p, 0, 1);
