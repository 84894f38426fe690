import { Type } from 'class-transformer';
import { IsIn, IsInt, IsString, Length, Max, MaxLength, Min } from 'class-validator';
import { PAGE } from './choices';
import { IsDay, Optional } from './decorators';

/** Some rows of a list, in its order. */
export interface Page<T> {
  readonly rows: readonly T[];
  /** What to ask the next page with, as `after`; absent on the last. */
  readonly next?: string;
  /** How many rows answer to the question, on all pages. */
  readonly total: number;
  /** Of a list in groups: how many rows each has, in the order of the groups. */
  readonly groups?: readonly { readonly key: string; readonly n: number }[];
}

/** What every list can be asked. */
export class ListAsked {
  /** Words that all have to be found in what a row is called. */
  @Optional()
  @IsString({ message: 'Say what to find as a text.' })
  @MaxLength(80, { message: 'Keep what to find under 80 letters.' })
  find?: string;

  /** Where the page before ended. */
  @Optional()
  @IsString({ message: 'Go on from where a page ended.' })
  @Length(2, 600, { message: 'Go on from where a page ended.' })
  after?: string;

  @Optional()
  @Type(() => Number)
  @IsInt({ message: 'The number of rows must be whole.' })
  @Min(1, { message: 'Ask for at least one row.' })
  @Max(PAGE.most, { message: `At most ${String(PAGE.most)} rows at a time.` })
  limit?: number;

  @Optional()
  @IsIn(['up', 'down'], { message: 'Sort up or down.' })
  direction?: 'up' | 'down';

  /** First and last day of what is asked for. */
  @Optional()
  @IsDay('Write the first day as 2026-11-24.')
  from?: string;

  @Optional()
  @IsDay('Write the last day as 2026-11-24.')
  to?: string;
}

/** What a desk is asked for: some things by their ids; without any, what is at hand. */
export class IdsAsked {
  @Optional()
  @IsString({ message: 'Give the ids with commas between.' })
  @MaxLength(4000, { message: 'At most a hundred at once.' })
  ids?: string;
}
