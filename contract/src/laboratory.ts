import { IsIn, IsUUID } from 'class-validator';
import { LAB_DELAYS_min } from './choices';
import { Optional } from './decorators';
import { ListAsked } from './lists';

export type LabDelay_min = (typeof LAB_DELAYS_min)[number];

export class NewLabRequest {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Say which lot the sample is of.' })
  lotId!: string;

  @IsIn(LAB_DELAYS_min, { message: 'Say how long it may take: a minute, a day or five days.' })
  delay_min!: LabDelay_min;
}

export class ImportedReport {
  @IsUUID('all', { message: 'Name the run by its id.' })
  runId!: string;
}

/** What the list of samples that were sent is asked for. Days are those on which they were sent. */
export class LabRequestsAsked extends ListAsked {
  @Optional()
  @IsUUID('all', { message: 'Name the lot by its id.' })
  lot?: string;

  /** Awaited until its report is a run. */
  @Optional()
  @IsIn(['awaited', 'kept'], { message: 'A report is awaited or kept.' })
  state?: 'awaited' | 'kept';
}

export interface LabRequestRow {
  readonly id: string;
  readonly lot: { readonly id: string; readonly name: string; readonly code: string };
  readonly askedAt: string;
  readonly askedBy: string;
  readonly readyAt: string;
  /** The report as text, once it is ready. */
  readonly report?: string;
  /** The run that it became. */
  readonly runId?: string;
}
