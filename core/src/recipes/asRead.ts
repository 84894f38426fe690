import type { RecipeUnit } from './units';

/** One line as it was understood. */
export interface ReadLine {
  /** The piece of the text that it was read from. */
  readonly text: string;
  readonly name: string;
  /** Other names that would do: "peat or coir". */
  readonly alternatives: readonly string[];
  /** A range where one was written; else both alike. */
  readonly lo: number;
  readonly hi: number;
  readonly unit: RecipeUnit;
  readonly optional: boolean;
}

/** Something that could mean two things, or nothing: asked, never guessed. */
export interface Doubt {
  readonly text: string;
  readonly ask: string;
}

export interface ReadRecipe {
  readonly lines: readonly ReadLine[];
  readonly doubts: readonly Doubt[];
}

/** A text that could not be read at all, with what to ask. */
export const inDoubt = (text: string, ask: string): ReadRecipe => ({ lines: [], doubts: [{ text, ask }] });

export const together = (read: readonly ReadRecipe[]): ReadRecipe => ({
  lines: read.flatMap(({ lines }) => lines),
  doubts: read.flatMap(({ doubts }) => doubts),
});
