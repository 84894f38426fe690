import { IsInt, IsUUID, Matches, Max, Min } from 'class-validator';
import { CLASS_LIMITS } from './choices';
import { IsMoment, IsReal, IsWords } from './decorators';

const ID = { message: 'The id must be a UUID.' } as const;

/** A short code, as it stands on the wall. */
export class JoinCode {
  @Matches(/^[A-Za-z0-9 -]{4,12}$/, { message: 'The code has six letters or digits, as on the wall.' })
  code!: string;
}

export class JoinGroup extends JoinCode {
  @IsInt({ message: 'Choose a group.' })
  @Min(1, { message: 'Choose a group.' })
  @Max(CLASS_LIMITS.groups, { message: 'There is no such group.' })
  group!: number;
}

/** What a group takes a figure to be, before its sheet opens. */
export class NewGuess {
  @IsUUID('all', ID)
  id!: string;

  @IsUUID('all', { message: 'Name the sample by id.' })
  sampleId!: string;

  @IsWords(40, 'Say what is guessed.')
  figure!: string;

  @IsReal('Guess a number.')
  @Min(-1e6, { message: 'This is out of all bounds.' })
  @Max(1e6, { message: 'This is out of all bounds.' })
  value!: number;

  @IsReal('Say how far it may be off.')
  @Min(0, { message: 'A margin is 0 or more.' })
  @Max(1e6, { message: 'This is out of all bounds.' })
  margin!: number;
}

/** A reading of a group. A later one of the same cell stands instead. */
export class NewGroupReading {
  @IsUUID('all', ID)
  id!: string;

  @IsUUID('all', { message: 'Name the sample by id.' })
  sampleId!: string;

  /** Which time it is, from 0. */
  @IsInt({ message: 'The times are counted from 0.' })
  @Min(0, { message: 'The times are counted from 0.' })
  @Max(CLASS_LIMITS.repeats - 1, { message: `Each group measures ${String(CLASS_LIMITS.repeats)} times at most.` })
  repeat!: number;

  @IsWords(40, 'Name the step.')
  step!: string;

  /** Of a wait the seconds since 1970 at which it began. */
  @IsReal('This is not a number.')
  @Min(-1e6, { message: 'This is out of all bounds.' })
  @Max(1e11, { message: 'This is out of all bounds.' })
  value!: number;

  @IsMoment('Say when it was read.')
  takenAt!: string;
}

export interface GroupGuess {
  readonly sampleId: string;
  readonly figure: string;
  readonly value: number;
  readonly margin: number;
}

export interface GroupReading {
  readonly id: string;
  readonly sampleId: string;
  readonly repeat: number;
  readonly step: string;
  readonly value: number;
  readonly takenAt: string;
}

/** A class as somebody with its code sees it, before they are of a group. */
export interface JoinPage {
  readonly title: string;
  readonly groups: readonly { readonly number: number; readonly phones: number }[];
}

/** What a figure of a sample came to in the class, once it is told: no group but one's own is known in it. */
export interface RevealedFigure {
  readonly sampleId: string;
  readonly figure: string;
  readonly bench?: { readonly value: number; readonly how: string };
  readonly class?: { readonly mean: number; readonly band?: readonly [number, number]; readonly n: number };
  /** The means of the groups that count, smallest first. */
  readonly all: readonly number[];
  readonly guess?: { readonly off: number; readonly isHonest: boolean; readonly place: number; readonly of: number };
}

/** A class as one of its groups sees it: their own, and what was revealed. */
export interface GroupPage {
  readonly groupId: string;
  readonly number: number;
  readonly title: string;
  readonly aim: string;
  readonly sheet: string;
  readonly repeats: number;
  readonly questions: readonly string[];
  readonly pot?: { readonly volume_mL: number };
  readonly samples: readonly { readonly id: string; readonly code: string }[];
  readonly guesses: readonly GroupGuess[];
  readonly readings: readonly GroupReading[];
  readonly endsAt: string;
  readonly revealed?: readonly RevealedFigure[];
}
