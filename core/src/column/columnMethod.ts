import { refuse } from '../errors';
import { defineMethod } from '../method';
import { columnSteps, type ColumnEnd, type ColumnResult } from './column';
import { COLUMN, type ColumnInput } from './columnInput';

/** Follows a column to its end, or until whoever waits says so; `onPart` hears how much of the time is done, 0..1. */
export function followColumn(
  input: ColumnInput,
  isStopped: () => boolean,
  onPart: (part: number) => void = () => undefined,
): ColumnEnd {
  const steps = columnSteps(input);
  let part = 0;
  while (!isStopped()) {
    const step = steps.next();
    if (step.done === true) return step.value;
    part = step.value;
    onPart(part);
  }
  return { kind: 'stopped', at_d: part * input.end_d };
}

/**
 * Water in a pot through time, to its end at once (see `columnSteps`).
 *
 * Throws for what no pot can be, and where the water could not be followed.
 */
export function column(input: ColumnInput): ColumnResult {
  const end = followColumn(input, () => false);
  if (end.kind !== 'completed')
    refuse(
      'layers',
      `the water could not be followed past day ${end.at_d.toFixed(2)}; try more cells, or a slower watering`,
    );
  const { reports, profile, poured, balanceError_mL, checks } = end;
  return { reports, profile, poured, balanceError_mL, checks };
}

export const columnMethod = defineMethod({
  name: 'column',
  version: 2,
  source:
    'Richards, 1931, in the mixed form of Celia, Bouloutas and Zarba, 1990; roots by Feddes, Kowalik and Zaradny, 1978.',
  schema: COLUMN,
  calculate: column,
  outputs: {
    air: {
      of: 'reports[0].air',
      sentence: 'Pores that hold no water, as a mean over the pot at that time.',
      formula: '(pores − water) ÷ volume of the pot',
    },
    drained: {
      of: 'reports[0].drained_mL',
      sentence: 'What ran out below since the beginning.',
      formula: 'sum of the flow through the base',
    },
    used: {
      of: 'reports[0].used_mL',
      sentence: 'What roots drew since the beginning: less where there was little air, or little water.',
      formula: 'sum of potential use × ease of each height',
    },
    wetFeet: {
      of: 'reports[0].wetFeetHours',
      sentence: 'Hours in which the root zone held less than a tenth of air.',
      formula: 'hours with mean air of the roots < 0.10',
    },
    dry: {
      of: 'reports[0].dryHours',
      sentence: 'Hours in which the root zone held its water harder than is easy.',
      formula: 'hours with mean suction of the roots > 100 cm',
    },
  },
  golden: {
    input: {
      container: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 },
      layers: [
        { from_cm: 0, to_cm: 3, retention: { thetaR: 0.03, thetaS: 0.42, alpha_percm: 0.4, n: 2.5 }, ks_cms: 0.3 },
        { from_cm: 3, to_cm: 15, retention: { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.1, n: 2 }, ks_cms: 0.02 },
      ],
      cells: 30,
      start: 'drained',
      base: 'seepage',
      potential_mmPerD: 5,
      rootDepth_cm: 10,
      waterings: [
        { at_d: 0.5, volume_mL: 300, over_s: 120 },
        { at_d: 2, volume_mL: 250, over_s: 60 },
      ],
      end_d: 3,
      reportEvery_d: 1,
    },
    gives: {
      'reports[0].air': 0.19009182825148677,
      'reports[0].drained_mL': 0,
      'reports[0].used_mL': 0,
      'reports[0].wetFeetHours': 0,
      'reports[0].dryHours': 0,
      'reports[3].storage_mL': 1381.8630762946727,
      'reports[3].drained_mL': 350.5350114649552,
      'reports[3].used_mL': 233.7038514482616,
      'reports[3].evaporated_mL': 60.318578948924035,
      'reports[3].air': 0.23076556954467556,
      'reports[3].wetFeetHours': 0.02020774120605425,
      'profile[0].theta': 0.36670636215065616,
      'profile[20].theta': 0.624756995463289,
    },
  },
});
