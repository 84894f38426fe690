/**
 * How the core says that something is wrong.
 * A caller's mistake throws CoreError; a questionable result carries a Check; a bug breaks an invariant.
 * Nothing is repaired or clamped in silence.
 */
export { CoreError, invariant, refuse, spoken, type CoreErrorCode } from './coreError';
export { requireNotNegative, requirePositive, requireWithin } from './require';
export { type Check } from './check';
export { fitEnded } from './fitEnded';
export { said } from './said';
