import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, ValidateNested } from 'class-validator';
import { NewRun } from './bench';

/** Sheets that are opened together at most: a class of groups, some lots each. */
export const MOST_SHEETS = 48;

/** The same protocol for several lots or groups, in one step. */
export class SeveralRuns {
  @IsArray({ message: 'Give the runs as a list.' })
  @ArrayMinSize(1, { message: 'Open at least one sheet.' })
  @ArrayMaxSize(MOST_SHEETS, { message: `At most ${String(MOST_SHEETS)} sheets at once.` })
  @ValidateNested({ each: true })
  @Type(() => NewRun)
  runs!: NewRun[];
}
