import { IsString, Length } from 'class-validator';

export class FindAsked {
  @IsString({ message: 'Say what is looked for.' })
  @Length(1, 100, { message: 'Look for 1 to 100 letters.' })
  for!: string;
}

/** Kinds of things that are found by a word. */
export type FoundKind =
  | 'lot'
  | 'run'
  | 'blend'
  | 'card'
  | 'pot'
  | 'place'
  | 'supplier'
  | 'class'
  | 'trial'
  | 'vessel'
  | 'instrument'
  | 'person'
  | 'note'
  | 'diary';

/** Something of the notebook that answers to a word. */
export interface Found {
  readonly kind: FoundKind;
  /** Its own id; of a note that of its run, of a line that of its pot. */
  readonly id: string;
  /** Its name; of a run its number. */
  readonly title: string;
  /** What it is besides, as far as that tells it from others; of a note the number of its run. */
  readonly about?: string;
}
