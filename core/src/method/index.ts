/**
 * What a calculation is: one file with its formula, the schema of its input, the words of its outputs, golden numbers.
 * Every shown number opens its working: the calculation, its input, the place of the number in its answer.
 * A working can be fed to `calc` and gives the number again.
 */
export { defineMethod, type Golden, type Method, type Output, type Outputs, type Words } from './defineMethod';
export {
  choice,
  fieldsOf,
  fixed,
  flag,
  forms,
  list,
  maybe,
  number,
  numberOrNull,
  object,
  either,
  pair,
  range,
  text,
  whole,
} from './schema';
export { type InputOf, type Schema } from './schema';
export { pickAt, type Source, type Working } from './working';
