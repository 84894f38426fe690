/**
 * The registry of properties: one key, label, plain twin and unit for each.
 * Cards, blends, rubrics and exports all name properties from here.
 * A new property is one line.
 */
export type { Face } from './face';
export { classWords, PROPERTIES, property, type Property, type PropertyKey } from './properties';
