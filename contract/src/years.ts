import { IsUUID, Length } from 'class-validator';
import { IsWords } from './decorators';

/** A notebook is closed for a year: what was finished stands, and it goes on with the same shelf. */
export class CloseYear {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(40, 'Name the year in 1 to 40 letters.')
  label!: string;
}

/** A year that was closed is open again: why. */
export class OpenYear {
  @IsWords(300, 'Say why, in 3 to 300 letters.')
  @Length(3, 300, { message: 'Say why, in 3 to 300 letters.' })
  reason!: string;
}

export interface ClosedYear {
  readonly id: string;
  readonly label: string;
  /** When the one before it was closed; absent for the first. */
  readonly from?: string;
  readonly closedAt: string;
  readonly by: string;
  /** Runs that were finished in it. */
  readonly runs: number;
  /** The backup that was taken when it was closed; it is not given away. */
  readonly backup: string;
  readonly opened?: { readonly at: string; readonly by: string; readonly because: string };
}

/** Years that were closed, the newest first, and what closing now would do. */
export interface YearsPage {
  readonly years: readonly ClosedYear[];
  readonly now: {
    readonly from?: string;
    /** Finished since: they would stand as they are. */
    readonly runs: number;
    /** Open: they go on. */
    readonly openRuns: number;
    /** Emptied: their diaries would be put away. */
    readonly emptiedPots: number;
  };
}
