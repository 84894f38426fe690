/** From least to most, mass fractions of the stuff in percent, elements. */
export type PercentRange = readonly [number, number];

/** How far a plant is: what it bears grows with it. */
export const GROWTH_STAGES = ['seed', 'young', 'established'] as const;
export type GrowthStage = (typeof GROWTH_STAGES)[number];

/** A stuff that is dosed by weight, never poured by volume. Guidance until the own label or a laboratory says. */
export interface DosedClass {
  readonly id: string;
  readonly label: string;
  readonly n_percent: PercentRange;
  readonly p_percent: PercentRange;
  readonly k_percent: PercentRange;
  /** Grams that a closed handful holds, from a small hand to a large one, until somebody weighs theirs. */
  readonly handful_g: PercentRange;
  /** The most that is mixed into a litre of medium, g, by stage; 0 is none. */
  readonly most_gPerL: Readonly<Record<GrowthStage, number>>;
  /** Acid that a gram neutralises, meq; negative for what makes sour. */
  readonly lime_meqPerG: number;
  /** Salt that a gram frees in the first days, as a rise of EC of the drained water, dS/m for 1 g/L. */
  readonly salt_dSmPerGPerL: number;
  /** What is to be known before it is handled; plain sentences, with the usual cautions. */
  readonly hazards: readonly string[];
  readonly basis: string;
}
