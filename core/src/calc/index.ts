/**
 * The core's calculations by name: every method that the concepts export, for the command line, HTTP and the workings.
 * Shapes are checked before (contract); what only the arithmetic can tell is refused by the core itself.
 * A new one is listed by the index of its own concept.
 */
export {
  methodCalled,
  METHOD_STAMPS,
  METHODS,
  wordsOf,
  type AnyMethod,
  type CalcName,
  type LooseMethod,
} from './methods';
