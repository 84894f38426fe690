import type { Protocol, Step } from '../protocols';
import type { Sheet } from './reading';

/** Change between two dry weighings, as a share of the dry mass, below which it counts as dry. */
export const CONSTANT_MASS = 0.001;

/** Weighings of one drying, in their order. */
const WEIGHINGS = ['dry', 'dryAgain', 'dryThird', 'dryFourth', 'dryFifth'] as const;

function change(sheet: Sheet, replicate: number, [first, second]: readonly [string, string], tray: string) {
  const [a, b, empty] = [first, second, tray].map((step) => sheet.value(replicate, step));
  return a === undefined || b === undefined || empty === undefined || a <= empty
    ? undefined
    : Math.abs(a - b) / (a - empty);
}

/** Whether a step is asked of a replicate: one of a drying only while the two weighings before it disagree. */
export function isAsked(step: Step, sheet: Sheet, replicate: number): boolean {
  if (step.whileDrying === undefined) return true;
  const { weighings, tray } = step.whileDrying;
  return (change(sheet, replicate, weighings, tray) ?? 0) > CONSTANT_MASS;
}

/** Steps that a sheet shows: those asked of any replicate, and those that were read. */
export function stepsShown({ steps }: Protocol, sheet: Sheet, replicateCount: number): Step[] {
  const replicates = Array.from({ length: replicateCount }, (_, i) => i);
  return steps.filter((step) =>
    replicates.some((i) => isAsked(step, sheet, i) || sheet.cell(i, step.key).standing.length > 0),
  );
}

/** The last dry weighing of a replicate, g, and how much it changed from the one before, as a share of the dry mass. */
export function lastDry(
  sheet: Sheet,
  replicate: number,
): { readonly mass_g?: number; readonly change?: number; readonly weighings: number } {
  const read = WEIGHINGS.filter((step) => sheet.value(replicate, step) !== undefined);
  const last = read.at(-1);
  const before = read.at(-2);
  if (last === undefined) return { weighings: 0 };
  const changed = before === undefined ? undefined : change(sheet, replicate, [before, last], 'dryTray');
  return {
    mass_g: sheet.value(replicate, last) as number,
    weighings: read.length,
    ...(changed === undefined ? {} : { change: changed }),
  };
}
