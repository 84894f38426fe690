/** Where pots stand; its climate is one of the presets. */
export interface PlaceFile {
  readonly name: string;
  readonly climate: string;
  readonly windy: boolean;
  readonly on: string;
  readonly soil?: string;
  readonly hardness_mgL?: number;
}

/** A pot that was filled, and its diary. */
export interface PotFile {
  readonly name: string;
  readonly by: string;
  readonly blend: string;
  readonly daysAgo: number;
  readonly count: number;
  readonly shape: object;
  readonly plant: string;
  readonly place?: string;
  /** Name of a place that is kept. */
  readonly at?: string;
  readonly stand: string;
  readonly feeder?: string;
  readonly fill_cm: number;
  readonly diary: readonly {
    readonly daysAgo: number;
    readonly at: string;
    readonly kind: string;
    readonly volume_mL?: number;
    readonly mass_g?: number;
    readonly depth_cm?: number;
    readonly words?: string;
  }[];
}
