/**
 * How a dry medium takes water: the time a drop stands on it, and what ten waterings leave in it.
 * Air-dry, never oven-dry: the oven makes most media repellent.
 * Classes are guidance beside the numbers.
 */
export {
  dropTime,
  dropTimeMethod,
  WETTING_STARTS_s,
  wettingClass,
  type DropTimeInput,
  type WettingClass,
} from './dropTime';
export { matUptake, matUptakeMethod, type MatUptakeInput } from './matUptake';
export { hydration, hydrationMethod, HYDRATION, type HydrationInput, type HydrationResult } from './hydration';
