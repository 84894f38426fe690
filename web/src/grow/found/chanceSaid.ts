import { fixed } from '../../kit/format';

/** A chance as it is printed: small ones as smaller than what matters. */
export const chanceSaid = (p: number): string => (p < 0.001 ? '< 0.001' : fixed(p, p < 0.1 ? 3 : 2));
