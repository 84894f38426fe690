/** The calculations from outside: published schemas, one way to run them, one way to refuse. */
export { CALC_NAMES, calcSchema, isCalcName, runCalc, type CalcAnswer } from './runCalc';
export { type CalcError } from './calcError';
export { CALC_LIMITS } from './limits';
export { type JsonSchema } from './json';
export { CALC_SCHEMAS } from './schemas';
