/** What the weights of a pot teach of it, and when it is to be watered next. */
export { dryDown, type DryDownResult } from './dryDown';
export { DRY_DOWN_DEFAULTS, type DryDownInput } from './dryDownInput';
export { dryDownMethod } from './dryDownMethod';
export { type NextWatering } from './nextWatering';
export { waterOf, type Habit } from './weighedPot';
