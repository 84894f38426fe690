import type { Preparation, PreparationRecord } from '@bent-pail/contract';
import type { CautionKey } from '@bent-pail/core';
import { amount } from '../shared/units/mine';
import { fixed, counted } from '../kit/format';

/** The caution that stands at each kind of preparation. */
export const CAUTION_OF: Readonly<Record<Preparation, CautionKey>> = {
  soaked: 'lifting',
  fluffed: 'dust',
  sieved: 'dust',
  rinsed: 'lifting',
  'calcium-soaked': 'chemicals',
  broken: 'sharp',
  sterilised: 'heat',
  moistened: 'germs',
};

/** Preparations that part a material in two. */
export const PARTS_OFF: readonly Preparation[] = ['sieved', 'rinsed', 'broken'];

/** How a preparation went, as `20 L gave 14 L (70 %), 8 L of water, 25 min, 4 mm mesh, 2 passes`; empty if unnoted. */
export function preparationWords(record: PreparationRecord): string {
  const { took_L, made_L, water_L, minutes, tool, passes } = record;
  const amounts =
    took_L !== undefined && made_L !== undefined
      ? `${amount(took_L, 'L', 1)} gave ${amount(made_L, 'L', 1)} (${fixed((100 * made_L) / took_L, 0)} %)`
      : took_L !== undefined
        ? `${amount(took_L, 'L', 1)} taken`
        : made_L !== undefined
          ? `${amount(made_L, 'L', 1)} made`
          : undefined;
  return [
    amounts,
    water_L === undefined ? undefined : `${amount(water_L, 'L', 1)} of water`,
    minutes === undefined ? undefined : `${fixed(minutes, 0)} min`,
    tool,
    passes === undefined ? undefined : counted(passes, 'pass', 'passes'),
  ]
    .filter((part) => part !== undefined)
    .join(', ');
}
