import { evaluateBlend, prepareBlend, type BlendInput, type BlendScalars } from '../blend';
import type { MixedPart } from './pair';

/** Properties by which a blend that was measured is held against its prediction. */
export const MEASURABLE = ['air', 'water', 'bulkDensity_gcc', 'pH'] as const;
export type MeasurableProperty = (typeof MEASURABLE)[number];

export interface Measured {
  readonly value: number;
  /** How far the measured value and the prediction may differ by chance: spread of the runs, and of the components. */
  readonly se: number;
}

/** A blend that was predicted and then measured. */
export interface MeasuredBlend {
  readonly name: string;
  /** What the prediction was made from, in the container in which it was measured. */
  readonly input: BlendInput;
  /** The material of each component, by id. */
  readonly materials: readonly string[];
  readonly measured: Readonly<Partial<Record<MeasurableProperty, Measured>>>;
}

/** A measured blend made ready to be predicted again and again. */
export interface ReadyBlend extends MeasuredBlend {
  readonly predicted: (kappa: number) => BlendScalars;
}

/** What was mixed, by the materials. */
export const partsOf = ({ input, materials }: MeasuredBlend): MixedPart[] =>
  input.components.map(({ name, volume }, i) => ({ material: materials[i] ?? name, name, volume }));

/** Prepares what does not depend on kappa once. */
export function ready(one: MeasuredBlend): ReadyBlend {
  const { components, container, lime_meqPerL, salt_dSm } = one.input;
  const prepared = prepareBlend(components, container);
  const volumes = components.map((component) => component.volume);
  const dosed = {
    ...(lime_meqPerL === undefined ? {} : { lime_meqPerL }),
    ...(salt_dSm === undefined ? {} : { salt_dSm }),
  };
  return {
    ...one,
    predicted: (kappa) => evaluateBlend(prepared, volumes, { model: 'packing', kappa, ...dosed }).scalars,
  };
}
