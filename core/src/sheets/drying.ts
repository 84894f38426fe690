import type { Protocol, Step } from './protocol';
import type { Sheet } from './reading';

/**
 * Change between two dry weighings below which it counts as dry: a share of the dry mass, or the last digit of a bench
 * scale where that is more, since a light medium cannot be told apart any finer.
 */
export const CONSTANT_MASS = Object.freeze({ share: 0.001, scale_g: 0.1 });

/** Difference of two masses as typed, without the dust of binary fractions. */
const DUST_g = 1e-9;

/** Weighings of one drying, in their order. */
const WEIGHINGS = ['dry', 'dryAgain', 'dryThird', 'dryFourth', 'dryFifth'] as const;

/** Two dry weighings compared: how far they lie apart, as a share of the dry mass, and whether that is still drying. */
export interface DryChange {
  readonly share: number;
  readonly stillDrying: boolean;
}

function changeBetween(
  sheet: Sheet,
  replicate: number,
  [first, second]: readonly [string, string],
  tray: string,
): DryChange | undefined {
  const [a, b, empty] = [first, second, tray].map((step) => sheet.value(replicate, step));
  if (a === undefined || b === undefined || empty === undefined || a <= empty) return undefined;
  const apart = Math.abs(a - b);
  const allowed = Math.max(CONSTANT_MASS.share * (a - empty), CONSTANT_MASS.scale_g) + DUST_g;
  return { share: apart / (a - empty), stillDrying: apart > allowed };
}

/** Whether a step is asked of a replicate: one of a drying only while the two weighings before it disagree. */
export function isAsked(step: Step, sheet: Sheet, replicate: number): boolean {
  if (step.whileDrying === undefined) return true;
  const { weighings, tray } = step.whileDrying;
  return changeBetween(sheet, replicate, weighings, tray)?.stillDrying === true;
}

/** Steps that a sheet shows: those asked of any replicate, and those that were read. */
export function stepsShown({ steps }: Protocol, sheet: Sheet, replicateCount: number): Step[] {
  const replicates = Array.from({ length: replicateCount }, (_, i) => i);
  return steps.filter((step) =>
    replicates.some((i) => isAsked(step, sheet, i) || sheet.cell(i, step.key).standing.length > 0),
  );
}

/** The last dry weighing of a replicate, g, and how it stands to the one before. */
export function lastDry(
  sheet: Sheet,
  replicate: number,
): { readonly mass_g?: number; readonly change?: DryChange; readonly weighings: number } {
  const read = WEIGHINGS.filter((step) => sheet.value(replicate, step) !== undefined);
  const last = read.at(-1);
  const before = read.at(-2);
  if (last === undefined) return { weighings: 0 };
  const changed = before === undefined ? undefined : changeBetween(sheet, replicate, [before, last], 'dryTray');
  return {
    mass_g: sheet.value(replicate, last) as number,
    weighings: read.length,
    ...(changed === undefined ? {} : { change: changed }),
  };
}
