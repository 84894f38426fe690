/**
 * Small numerical tools that the bench's formulas share: a bisection and a quadrature rule.
 * Both are deterministic and stop at double precision.
 * Anything larger (least squares, distributions) comes from a library.
 */
export { bisect } from './bisect';
export { gaussLegendre, type Rule } from './gaussLegendre';
