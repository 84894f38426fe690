import type { ComponentErrors } from '../bands';
import type { BlendComponent } from '../blend';
import type { Container } from '../vessel';
import type { MixedPart } from './pair';

/** Properties by which a blend that was measured is held against its prediction. */
export const MEASURABLE = ['air', 'water', 'bulkDensity_gcc', 'pH'] as const;
export type MeasurableProperty = (typeof MEASURABLE)[number];

export interface Measured {
  readonly value: number;
  /** Standard error of the measurement itself. */
  readonly se: number;
}

/** One lot in a blend that was measured. */
export interface MeasuredPart {
  /** Blends of one lot share what is not known of it. */
  readonly lotId: string;
  /** The material that it is of, by id. */
  readonly material: string;
  readonly component: BlendComponent;
  readonly errors: ComponentErrors;
}

/** A blend that was predicted and then measured. */
export interface MeasuredBlend {
  readonly name: string;
  readonly parts: readonly MeasuredPart[];
  /** That in which it was measured. */
  readonly container: Container;
  readonly lime_meqPerL?: number;
  readonly salt_dSm?: number;
  /** How far each part's volume may be off, as a share of it; without it as careful scooping is. */
  readonly scoopShare?: number;
  readonly measured: Readonly<Partial<Record<MeasurableProperty, Measured>>>;
}

/** What was mixed, by the materials. */
export const mixedOf = ({ parts }: MeasuredBlend): MixedPart[] =>
  parts.map(({ material, component: { name, volume } }) => ({ material, name, volume }));
