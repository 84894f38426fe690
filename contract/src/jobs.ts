import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsBoolean, IsUUID, Matches, ValidateNested } from 'class-validator';
import { IsMoment, IsWords, Optional } from './decorators';

/** Work with a date: what a batch, a feeding plan or a re-test asks of somebody. */
export class NewPlannedJob {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsMoment('Say when, as a date and time.')
  at!: string;

  @IsWords(200, 'Say what is to be done in 1 to 200 letters.')
  what!: string;

  @IsWords(120, 'Say for what in 1 to 120 letters.')
  where!: string;

  /** Page that belongs to it. */
  @Optional()
  @Matches(/^\/(?!\/)[\w/?=&.-]*$/, { message: 'The page must be one of this notebook.' })
  to?: string;
}

export class NewPlannedJobs {
  @IsArray({ message: 'Give the jobs as a list.' })
  @ArrayMinSize(1, { message: 'Plan at least one job.' })
  @ArrayMaxSize(60, { message: 'Plan at most 60 jobs at once.' })
  @ValidateNested({ each: true })
  @Type(() => NewPlannedJob)
  jobs!: NewPlannedJob[];
}

export class JobDone {
  @IsBoolean({ message: 'Done is yes or no.' })
  done!: boolean;
}

export interface PlannedJobRow {
  readonly id: string;
  readonly at: string;
  readonly what: string;
  readonly where: string;
  readonly to?: string;
  readonly plannedBy: string;
  readonly doneAt?: string;
}
