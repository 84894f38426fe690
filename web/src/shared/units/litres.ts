import { amount } from './mine';

/** A volume to take or to make: to a tenth of a litre where it is small. */
export const litres = (value: number): string => amount(value, 'L', value < 10 ? 1 : 0);
