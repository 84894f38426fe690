/**
 * Plants and what suits them: each points to a use, a stand and a light; blends are ranked for it.
 * The list is a beginning; every notebook keeps its own.
 */
export { PLANTS, USE_KEYS, type Plant, type UseKey } from './plants';
export { suits, type Suited } from './suits';
