/**
 * Units as people type and read them, US customary ones too. Everything is kept metric; a conversion is shown, never
 * silent.
 */
export {
  fieldText,
  keptFor,
  METRIC,
  readMine,
  shownDigits,
  shownSign,
  shownValue,
  shownWidth,
  UNIT_CHOICES,
  type UnitChoice,
} from './choice';
export { sentenceIn } from './sentence';
export { inUnit, readMeasure, unitSpelt, type MeasureTyped } from './measure';
export { UNITS, type Kind, type Unit } from './unitTable';
