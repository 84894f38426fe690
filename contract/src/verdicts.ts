import { GRADES, type Grade, type VerdictLine } from '@bent-pail/core';
import { IsIn, IsInt, IsString, Max, MaxLength, Min } from 'class-validator';
import { IsReal, IsWords, Optional } from './decorators';

/** A line of the table of verdicts as a lead wants it. */
export class ChangedVerdict {
  @IsString({ message: 'Say which line is meant.' })
  @MaxLength(60, { message: 'There is no such line.' })
  id!: string;

  /** Version that was changed; 0 for a line as it ships. */
  @IsInt({ message: 'Say which version was changed.' })
  @Min(0, { message: 'Say which version was changed.' })
  version!: number;

  /** Where it begins; the first line of a property begins nowhere. */
  @Optional()
  @IsReal('Where it begins must be a number.')
  @Min(-1000, { message: 'It cannot begin so low; check it.' })
  @Max(1e6, { message: 'It cannot begin so high; check it.' })
  from?: number;

  @IsIn(GRADES, { message: 'Say good, bearable or not.' })
  says!: Grade;

  @IsWords(200, 'Say why in 1 to 200 letters.')
  because!: string;
}

/** A line of the table as this notebook has it. */
export interface VerdictRow extends VerdictLine {
  /** 0 as it ships. */
  readonly version: number;
  /** Who changed it, where it is not as it ships. */
  readonly changed?: { readonly by: string; readonly at: string };
}
