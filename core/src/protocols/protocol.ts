/** What a cell of the sheet holds; it decides the unit's keypad, the picture and the plausibility bounds. */
export type StepKind = 'weigh' | 'volume' | 'depth' | 'temperature' | 'pH' | 'ec' | 'time';

/** Cautions that a step can carry; the words stand in one place. */
export type CautionKey = 'dust' | 'germs' | 'heat' | 'sharp' | 'chemicals' | 'liming' | 'electric' | 'lifting';

/** Pictures of a step's set-up, drawn by the interface. */
export type StepPicture =
  | 'scale-empty'
  | 'scale-full'
  | 'soak'
  | 'level'
  | 'ruler'
  | 'drain'
  | 'jug'
  | 'oven'
  | 'thermometer'
  | 'pen'
  | 'hoop'
  | 'sieve'
  | 'suction';

export interface Step {
  readonly key: string;
  readonly kind: StepKind;
  readonly unit: string;
  readonly label: string;
  readonly say: string;
  readonly why: string;
  /** Values outside are refused with a sentence; both ends allowed. */
  readonly bounds: readonly [number, number];
  readonly picture: StepPicture;
  /** May be left empty. */
  readonly optional?: true;
  /** Read once for the whole run, kept with the first replicate. */
  readonly once?: true;
  /** For kind `time`: what runs from here, and which setting says how long. */
  readonly hold?: { readonly name: string; readonly setting: 'soak_min' | 'drain_min' };
  readonly caution?: CautionKey;
  /** The mesh whose mass is read here, mm; 0 is the pan. */
  readonly opening_mm?: number;
  /** Seconds after the holes were opened at which this is read. */
  readonly at_s?: number;
  /** Suction at which this is weighed, cm of water; 0 is soaked. */
  readonly suction_cm?: number;
}

/** How a finished sheet becomes results. */
export type Reduction =
  'porosity' | 'kitchen' | 'pH' | 'ec_dSm' | 'bagVolume_L' | 'sieve' | 'drainCurve' | 'rinse' | 'retention';

export interface Protocol {
  readonly key: string;
  readonly version: number;
  readonly label: string;
  readonly plain: string;
  readonly takes: string;
  readonly reduction: Reduction;
  readonly usesVessel: boolean;
  readonly replicates: { readonly usual: number; readonly most: number };
  readonly steps: readonly Step[];
}
