/** The calculations from outside: published schemas, one way to run them, one way to refuse. */
export { CALC_NAMES, calcSchema, runCalc, type CalcAnswer, type JsonSchema } from './runCalc';
export { type CalcError } from './calcError';
export { CALC_LIMITS } from './limits';
