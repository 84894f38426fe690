/**
 * Small numerical tools that the bench's formulas share: bisection, a quadrature rule, least squares within bounds.
 * All are deterministic and stop at double precision, and say how they ended.
 * Distributions come from a library.
 */
export { bisect } from './bisect';
export { fitApproach, LEAST_OF_APPROACH, type Approach } from './fitApproach';
export { gaussLegendre, type Rule } from './gaussLegendre';
export {
  leastSquares,
  LEAST_SQUARES,
  normal,
  type Bounds,
  type FitStatus,
  type LeastSquaresFit,
  type Residuals,
} from './leastSquares';
export { finished, type Steps } from './steps';
export { invertSymmetric, solveSymmetric } from './solveSymmetric';
export { spline } from './spline';
