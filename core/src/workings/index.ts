/**
 * Every shown number opens its working: the calculation, its input, the place of the number in its answer.
 * The words that belong to it stand here once; numbers are never written into them.
 * A working can be fed to `calc` and gives the number again.
 */
export { METHODS, WORKING_TEXTS } from './texts';
export { type WorkingText } from './workingText';
export { pickAt, type CalcName, type Source, type Working } from './working';
