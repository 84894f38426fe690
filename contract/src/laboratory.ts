import { IsIn, IsUUID } from 'class-validator';
import { LAB_DELAYS_min } from './choices';

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
