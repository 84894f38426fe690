import type { Check } from '../errors';
import type { CautionKey, Step } from '../sheets';
import type { RatioInput } from '../shares';
import type { PropertyKey } from '../properties';

/** What a group reads, by step; of a step that starts a wait the seconds since 1970 at which it began. */
export type Readings = Readonly<Record<string, number>>;

/** What is done at the pots, and what a difference in it does to what is read. */
export interface Handling {
  readonly key: string;
  /** What was done, so that a group can look whether it did. */
  readonly words: string;
  /** Which readings or figures it moves, and where to; others stay. */
  readonly moves: Readonly<Record<string, 'low' | 'high'>>;
  /** The step whose wait was cut short, where it is one. */
  readonly shortens?: string;
}

/** A number that a group's sheet gives: what was read, or one part over another. */
export interface PupilFigure {
  readonly key: string;
  readonly label: string;
  readonly unit: string;
  readonly digits: number;
  /** Shown so many times as large as it is worked out: 100 for a share in percent. */
  readonly times?: 100;
  readonly read?: string;
  /** Steps by key, as a ratio takes them. */
  readonly from?: { readonly [K in keyof RatioInput]: readonly string[] };
  /** What the bench calls the same; `days` until a pot wants water is worked out, and measured by nobody in a lesson. */
  readonly bench?: PropertyKey | 'days';
  /** Classes by name, where the figure is the place in them. */
  readonly classes?: readonly string[];
  /** Guessed before the sheet opens; within these ends. */
  readonly guess?: readonly [number, number];
  /** What it says, for pupils. */
  readonly says: string;
  /** Why it need not be what the bench finds. */
  readonly note?: string;
}

/** Where a sheet of one group can be kept as a run of the bench: the steps that are the same. */
export interface BenchSheet {
  readonly protocol: string;
  readonly steps: Readonly<Record<string, string>>;
}

/** A sheet in pupils' words: one step a screen. */
export interface PupilSheet {
  readonly key: string;
  readonly steps: readonly Step[];
  readonly figures: readonly PupilFigure[];
  /** What is odd about what was read so far, in a sentence. */
  readonly doubts: (readings: Readings) => readonly Check[];
  readonly handlings: readonly Handling[];
  readonly bench?: BenchSheet;
  /** A step that is skipped where the teacher named the pot: its volume is known. */
  readonly potStep?: string;
}

/** A question after measuring; `figure` is what its answer rests on. */
export interface Question {
  readonly ask: string;
  readonly figure?: string;
  /** What a good answer says, beside the figure. */
  readonly answer: string;
}

export interface Lesson {
  readonly key: string;
  readonly title: string;
  readonly aim: string;
  readonly minutes: number;
  readonly materials: readonly string[];
  readonly cautions: readonly CautionKey[];
  /** How many blind samples, and how often a group measures each. */
  readonly samples: { readonly least: number; readonly most: number; readonly say: string };
  readonly repeats: number;
  readonly sheet: PupilSheet;
  readonly questions: readonly Question[];
}
