import type { Step } from './protocol';
import type { Sheet } from './reading';

/** Whether a replicate's cell for this step is the one that holds the reading (steps read once belong to the first). */
export function cellReplicate(step: Step, replicate: number): number {
  return step.once === true ? 0 : replicate;
}

/** All the named readings of a replicate, or undefined while one is missing. */
export function allOf<K extends string>(
  sheet: Sheet,
  replicate: number,
  steps: readonly K[],
): Readonly<Record<K, number>> | undefined {
  const found: Partial<Record<K, number>> = {};
  for (const step of steps) {
    const value = sheet.value(replicate, step);
    if (value === undefined) return undefined;
    found[step] = value;
  }
  return found as Record<K, number>;
}
