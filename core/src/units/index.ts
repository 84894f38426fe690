/**
 * Units as people type them, US customary ones too. Everything is kept metric; a conversion is shown, never silent.
 */
export { inUnit, readMeasure, unitSpelt, type MeasureTyped } from './measure';
export { UNITS, type Kind, type Unit } from './unitTable';
