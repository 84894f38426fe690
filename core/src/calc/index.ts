/**
 * The core's calculations by name: one table for the command line, HTTP and the workings.
 * Shapes are checked before (contract); what only the arithmetic can tell is refused by the core itself.
 * A new name is one line.
 */
export { CALCULATIONS } from './calc';
