import { IsIn, IsUUID, Max, Min } from 'class-validator';
import { HAND_KINDS } from './choices';
import { IsReal, Optional } from './decorators';

export type HandKind = (typeof HAND_KINDS)[number];

/** A measured lot put out blind, under a code. */
export class NewTrainingSample {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Say which lot it is.' })
  lotId!: string;
}

/** What a hand takes a blind sample to be. */
export class NewHandTry {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Name the sample by id.' })
  sampleId!: string;

  @IsIn(HAND_KINDS, { message: `Estimate one of ${HAND_KINDS.join(', ')}.` })
  kind!: HandKind;

  @IsReal('Estimate a number.')
  @Min(-1e6, { message: 'This is out of all bounds.' })
  @Max(1e6, { message: 'This is out of all bounds.' })
  value!: number;

  @Optional()
  @IsReal('Say how far it may be off.')
  @Min(0, { message: 'A margin is 0 or more.' })
  @Max(1e6, { message: 'This is out of all bounds.' })
  margin?: number;
}

export interface HandTry {
  readonly id: string;
  readonly code: string;
  readonly kind: HandKind;
  readonly value: number;
  readonly margin?: number;
  readonly measured: number;
  readonly at: string;
}

export interface TrainingSample {
  readonly id: string;
  readonly code: string;
  /** What the bench has measured of it, and this person has not tried yet. */
  readonly open: readonly HandKind[];
  /** Only for whoever puts samples out. */
  readonly lot?: string;
}

/** One's own hand: what stands there to be tried, and how it went. */
export interface TrainingPage {
  readonly samples: readonly TrainingSample[];
  /** One's own, oldest first. */
  readonly tries: readonly HandTry[];
}
