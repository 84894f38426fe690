import type { Protocol, ProtocolEdits } from '@bent-pail/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsInt,
  IsNumber,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IsReal, IsWords, Optional } from './decorators';

const MOST_MINUTES = 366 * 24 * 60;
const number = { allowNaN: false, allowInfinity: false };

export class StepEditBody {
  @IsWords(40, 'Name the step.')
  key!: string;

  @Optional()
  @IsString({ message: 'The step’s name must be a text.' })
  @MaxLength(200, { message: 'Keep the step’s name under 200 letters.' })
  label?: string;

  @Optional()
  @IsString({ message: 'What to do must be a text.' })
  @MaxLength(2000, { message: 'Keep what to do under 2000 letters.' })
  say?: string;

  @Optional()
  @IsArray({ message: 'Give the bounds as two numbers.' })
  @ArrayMinSize(2, { message: 'Give the bounds as two numbers.' })
  @ArrayMaxSize(2, { message: 'Give the bounds as two numbers.' })
  @IsNumber(number, { each: true, message: 'Bounds must be numbers.' })
  @Min(-1e12, { each: true, message: 'Bounds beyond what an instrument shows; check them.' })
  @Max(1e12, { each: true, message: 'Bounds beyond what an instrument shows; check them.' })
  bounds?: [number, number];

  @Optional()
  @IsReal('The time must be a number of minutes.')
  @Max(MOST_MINUTES, { message: 'Longer than a year; check it.' })
  minutes?: number;

  @Optional()
  @IsBoolean({ message: 'Say whether it may stay empty.' })
  optional?: boolean;
}

/** A lead's copy of a protocol, or the next version of one. */
export class NewProtocol implements ProtocolEdits {
  /** The copy's own key; the same again for its next version. */
  @IsUUID('all', { message: 'The key must be a UUID.' })
  key!: string;

  /** The protocol that it is made from, at its newest version. */
  @IsWords(80, 'Say which protocol is copied.')
  from!: string;

  @IsString({ message: 'Give the copy a name.' })
  @MaxLength(200, { message: 'Keep the name under 200 letters.' })
  label!: string;

  @Optional()
  @IsString({ message: 'What it is for must be a text.' })
  @MaxLength(2000, { message: 'Keep what it is for under 2000 letters.' })
  plain?: string;

  @Optional()
  @IsInt({ message: 'The number of replicates must be whole.' })
  replicates?: number;

  @Optional()
  @IsReal('The soak must be a number of minutes.')
  @Max(MOST_MINUTES, { message: 'Longer than a year; check it.' })
  soak_min?: number;

  @Optional()
  @IsReal('The drain time must be a number of minutes.')
  @Max(MOST_MINUTES, { message: 'Longer than a year; check it.' })
  drain_min?: number;

  @Optional()
  @IsArray({ message: 'Give the steps as a list.' })
  @ArrayMaxSize(60, { message: 'At most 60 steps.' })
  @ValidateNested({ each: true })
  @Type(() => StepEditBody)
  steps?: StepEditBody[];
}

/** A protocol at its newest version: a shipped one says what it tells of, a lead's copy whose it is. */
export interface ProtocolRow {
  readonly protocol: Protocol;
  readonly group?: string;
  readonly by?: string;
}
