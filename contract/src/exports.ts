import { IsIn } from 'class-validator';
import { IsSomeIds, Optional } from './decorators';

/** What a table for a spreadsheet is asked for: all of it, or what belongs to some things. */
export class TableAsked {
  @IsSomeIds()
  run?: string;

  @IsSomeIds()
  lot?: string;

  @IsSomeIds()
  pot?: string;

  @IsSomeIds()
  blend?: string;

  @IsSomeIds()
  card?: string;

  @IsSomeIds()
  class?: string;

  @IsSomeIds()
  trial?: string;

  /** As it is kept, whatever whoever asks reads in. */
  @Optional()
  @IsIn(['metric'], { message: 'Units are those that you read in, or metric.' })
  units?: 'metric';
}
