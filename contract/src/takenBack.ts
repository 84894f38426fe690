import type { Reading } from '@bent-pail/core';
import { IsInt, IsUUID, Length, Max, Min, ValidateIf } from 'class-validator';
import { IsWords, Optional } from './decorators';

/** A run that was made by mistake counts nowhere; it stays, with the reason, and can come back. */
export class ArchiveRun {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(300, 'Say why, in 3 to 300 letters.')
  @Length(3, 300, { message: 'Say why, in 3 to 300 letters.' })
  reason!: string;
}

/** A run that was put away comes back to the bench, open. */
export class RestoreRun {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;
}

/** A reading that was kept just now, or a replicate that was left out, is as if it had not been; who did it stays. */
export class TakeBack {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @ValidateIf(({ replicate }: TakeBack) => replicate === undefined)
  @IsUUID('all', { message: 'Name the reading by its id.' })
  reading?: string;

  @Optional()
  @IsInt({ message: 'The replicate must be a whole number from 0.' })
  @Min(0, { message: 'The replicate must be a whole number from 0.' })
  @Max(11, { message: 'A run has at most 12 replicates.' })
  replicate?: number;
}

/** A reading that somebody took back. */
export interface TakenBack {
  readonly reading?: Reading;
  /** The replicate that was left out and counts again. */
  readonly exclusion?: { readonly replicate: number; readonly reason: string };
  readonly at: string;
  readonly by: string;
}

/** A run that was put away, or came back. */
export interface Archiving {
  readonly archived: boolean;
  readonly at: string;
  readonly by: string;
  readonly reason: string;
}
