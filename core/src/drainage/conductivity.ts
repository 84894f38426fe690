import { refuse, requirePositive } from '../errors';
import { VISCOSITY_20_mPas, waterViscosity } from '../water';

export interface ConstantHead {
  readonly method: 'constant';
  readonly volume_mL: number;
  readonly length_cm: number;
  readonly area_cm2: number;
  readonly time_s: number;
  readonly headDifference_cm: number;
  readonly waterTemp_C: number;
}

export interface FallingHead {
  readonly method: 'falling';
  readonly tubeArea_cm2: number;
  readonly area_cm2: number;
  readonly length_cm: number;
  readonly time_s: number;
  readonly head1_cm: number;
  readonly head2_cm: number;
  readonly waterTemp_C: number;
}

export type ConductivityInput = ConstantHead | FallingHead;

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
