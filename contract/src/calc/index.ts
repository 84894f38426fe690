/** The calculations from outside: published schemas, one way to run them, one way to refuse. */
export { CALC_NAMES, calcSchema, isCalcName, runCalc, type CalcAnswer, type CalcError } from './runCalc';
export { type JsonSchema } from './json';
export { CALC_SCHEMAS } from './schemas';
