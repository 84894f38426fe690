import type { PropertyKey } from '../properties';

/** What a cell of the sheet holds; it decides the unit's keypad, the picture and the plausibility bounds. */
export type StepKind =
  | 'weigh'
  | 'volume'
  | 'depth'
  | 'temperature'
  | 'pH'
  | 'ec'
  | 'time'
  | 'seconds'
  | 'count'
  | 'length'
  | 'class'
  | 'lab';

/** Cautions that a step can carry; the words stand in one place. */
export type CautionKey =
  | 'dust'
  | 'germs'
  | 'heat'
  | 'sharp'
  | 'chemicals'
  | 'liming'
  | 'electric'
  | 'lifting'
  | 'pupils'
  | 'trials'
  | 'sap'
  | 'contamination'
  | 'disposal';

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
  | 'suction'
  | 'hand'
  | 'eye'
  | 'nose'
  | 'jar'
  | 'drop'
  | 'tube'
  | 'tray'
  | 'report'
  | 'block';

export type Hold =
  | { readonly name: string; readonly setting: 'soak_min' | 'drain_min' }
  | { readonly name: string; readonly minutes: number };

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
  /** Not offered by itself: whoever needs it chooses its cell. */
  readonly onDemand?: true;
  /** Read once for the whole run, kept with the first replicate. */
  readonly once?: true;
  /** What is read here belongs to how the other results were had; they are kept apart by it. */
  readonly ofMethod?: true;
  /** For kind `time`: what runs from here, and how long: by a setting of the run, or as the protocol says. */
  readonly hold?: Hold;
  /** While it runs water is poured after it: the step that counts it. */
  readonly topsUp?: string;
  /** For kind `class`: the classes by name, in order; the reading is the place in it, from 0. */
  readonly classes?: readonly string[];
  readonly caution?: CautionKey;
  /** The mesh whose mass is read here, mm; 0 is the pan. */
  readonly opening_mm?: number;
  /** Seconds after the holes were opened at which this is read. */
  readonly at_s?: number;
  /** What this jar was given, meq per L of medium; acid is negative. */
  readonly dose_meqPerL?: number;
  /** Suction at which this is weighed, cm of water; 0 is soaked. */
  readonly suction_cm?: number;
  /** Which ring of a drained stack is weighed here, from the lowest, 1; `driedAs` is the step of its dry weighing. */
  readonly ring?: { readonly place: number; readonly driedAs: string };
  /** Asked only while the two weighings before it still differ: drying goes on until they agree. */
  readonly whileDrying?: { readonly weighings: readonly [string, string]; readonly tray: string };
  /** Due so many minutes after an earlier step was read. */
  readonly after?: { readonly step: string; readonly minutes: number };
}

/** A result of a sheet that is a reading itself, or a part over a whole. Steps are named by key. */
export type ProtocolResult =
  | { readonly property: PropertyKey; readonly read: string }
  | {
      readonly property: PropertyKey;
      readonly add: readonly string[];
      readonly take?: readonly string[];
      /** `vessel` is the volume of the vessel, mL; without it the result is a difference. */
      readonly per?: readonly string[];
      readonly perTake?: readonly string[];
    };

/** A spread between replicates that is itself the finding. */
export interface SpreadCheck {
  readonly property: PropertyKey;
  /** Largest coefficient of variation that passes. */
  readonly cvOver: number;
  readonly message: string;
}

export interface Protocol {
  readonly key: string;
  readonly version: number;
  readonly label: string;
  readonly plain: string;
  readonly takes: string;
  /** How its sheet becomes results: what the protocols that ship with a way of their own are called by. */
  readonly reduction: string;
  /** For reduction `arithmetic`: what the sheet gives. */
  readonly results?: readonly ProtocolResult[];
  readonly spreadCheck?: SpreadCheck;
  /** How its values are had, in a few words that part them from values by another method. */
  readonly method?: string;
  readonly usesVessel: boolean;
  /** For a lead's copy: the shipped protocol that it was made from. */
  readonly copiedFrom?: string;
  /** Times that a run starts with, min, where they differ from the usual ones. */
  readonly times?: { readonly soak_min?: number; readonly drain_min?: number };
  readonly replicates: { readonly usual: number; readonly most: number };
  readonly steps: readonly Step[];
}
