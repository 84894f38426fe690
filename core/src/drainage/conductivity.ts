import { refuse, requirePositive } from '../errors';
import { defineMethod, fixed, forms, number, object, type InputOf } from '../method';
import { VISCOSITY_20_mPas, waterViscosity } from '../water';

const CONSTANT_HEAD = object({
  method: fixed('constant'),
  volume_mL: number(),
  length_cm: number('of the soaked column'),
  area_cm2: number(),
  time_s: number(),
  headDifference_cm: number(),
  waterTemp_C: number(),
});

const FALLING_HEAD = object({
  method: fixed('falling'),
  tubeArea_cm2: number('of the standpipe'),
  area_cm2: number(),
  length_cm: number('of the soaked column'),
  time_s: number(),
  head1_cm: number(),
  head2_cm: number(),
  waterTemp_C: number(),
});

const INPUT = forms('method', [CONSTANT_HEAD, FALLING_HEAD]);
export type ConductivityInput = InputOf<typeof INPUT>;

export interface ConductivityResult {
  readonly k_cms: number;
  readonly k20_cms: number;
}

function measured(input: ConductivityInput): number {
  if (input.method === 'constant') {
    const { volume_mL, length_cm, area_cm2, time_s, headDifference_cm } = input;
    return (volume_mL * length_cm) / (area_cm2 * time_s * headDifference_cm);
  }
  const { tubeArea_cm2, area_cm2, length_cm, time_s, head1_cm, head2_cm } = input;
  return ((tubeArea_cm2 * length_cm) / (area_cm2 * time_s)) * Math.log(head1_cm / head2_cm);
}

function requireConductivity(input: ConductivityInput): void {
  requirePositive('length_cm', input.length_cm, 'cm');
  requirePositive('area_cm2', input.area_cm2, 'cm2');
  requirePositive('time_s', input.time_s, 's');
  if (input.method === 'constant') {
    requirePositive('volume_mL', input.volume_mL, 'mL');
    requirePositive('headDifference_cm', input.headDifference_cm, 'cm');
    return;
  }
  requirePositive('tubeArea_cm2', input.tubeArea_cm2, 'cm2');
  requirePositive('head1_cm', input.head1_cm, 'cm');
  requirePositive('head2_cm', input.head2_cm, 'cm');
  if (input.head2_cm >= input.head1_cm) {
    refuse(
      'head2_cm',
      `${String(input.head2_cm)} cm must be under head1_cm ${String(input.head1_cm)} cm: the head falls`,
    );
  }
}

/**
 * Saturated conductivity by constant or falling head, as measured and at 20 degC.
 *
 * Constant: K = Q L / (A dh), Q = volume / time. Falling: K = (a L / (A t)) ln(h1/h2). K20 = K eta(T)/eta(20).
 * cm, cm2, mL, s; water in degC. Throws for lengths, areas, times or heads of zero, and for a head that does not fall.
 * Source: Darcy's law as usually written; viscosity by Kestin, Sokolov and Wakeham (1978).
 * Example: 100 mL in 50 s through 10 cm and 20 cm2 at 5 cm: K = 0.2 cm/s.
 */
export function conductivity(input: ConductivityInput): ConductivityResult {
  requireConductivity(input);
  const k_cms = measured(input);
  return { k_cms, k20_cms: (k_cms * waterViscosity(input.waterTemp_C)) / VISCOSITY_20_mPas };
}

export const conductivityMethod = defineMethod({
  name: 'conductivity',
  version: 1,
  source: 'Darcy’s law; viscosity by Kestin, Sokolov and Wakeham, 1978.',
  schema: INPUT,
  calculate: conductivity,
  outputs: {
    k20_cms: {
      of: 'k20_cms',
      property: 'k20_cms',
      sentence: 'Flow through the soaked column for each unit of head spent over its length, at 20 °C.',
      formula: 'K = Q L / (A Δh), or (a L / (A t)) ln(h₁/h₂); × viscosity at T / at 20 °C',
    },
  },
  golden: {
    input: {
      method: 'constant',
      volume_mL: 100,
      length_cm: 10,
      area_cm2: 20,
      time_s: 50,
      headDifference_cm: 5,
      waterTemp_C: 14,
    },
    gives: {
      k20_cms: 0.233363443589,
      k_cms: 0.2,
    },
  },
});
