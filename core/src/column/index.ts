/**
 * Water in a pot through time: poured on, soaking in, draining, evaporating, drawn by roots; pots that taper, in layers.
 * One-dimensional, from the base (z = 0) up. Heads are negative where the pores hold water back; suctions are given as
 * positive numbers. mL and mm are on the area of the top.
 */
export { limitsOf, type ColumnReport, type RootZone } from './account';
export { columnSteps, type ColumnEnd, type ColumnMoment, type ColumnResult } from './column';
export {
  COLUMN_BOUNDS,
  COLUMN_FIELDS,
  FEDDES,
  type ColumnInput,
  type ColumnLayer,
  type Saucer,
  type Watering,
  type WhenDry,
} from './columnInput';
export type { Poured } from './drive';
export { column, columnMethod, followColumn } from './columnMethod';
export { SOLVER } from './hydraulics';
