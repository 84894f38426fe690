/**
 * Whether two values say the same. A store may turn the keys of an object around, so texts of JSON are never compared;
 * lists keep their order, and their order counts.
 */
export { canonicalText, sameContent } from './canonicalText';
