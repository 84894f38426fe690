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
  ValidateNested,
} from 'class-validator';
import { IsReal, Optional } from './decorators';

const number = { allowNaN: false, allowInfinity: false };

export class StepEditBody {
  @IsString({ message: 'Name the step.' })
  key!: string;

  @Optional()
  @IsString({ message: 'The step’s name must be a text.' })
  label?: string;

  @Optional()
  @IsString({ message: 'What to do must be a text.' })
  say?: string;

  @Optional()
  @IsArray({ message: 'Give the bounds as two numbers.' })
  @ArrayMinSize(2, { message: 'Give the bounds as two numbers.' })
  @ArrayMaxSize(2, { message: 'Give the bounds as two numbers.' })
  @IsNumber(number, { each: true, message: 'Bounds must be numbers.' })
  bounds?: [number, number];

  @Optional()
  @IsReal('The time must be a number of minutes.')
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
  @IsString({ message: 'Say which protocol is copied.' })
  from!: string;

  @IsString({ message: 'Give the copy a name.' })
  label!: string;

  @Optional()
  @IsString({ message: 'What it is for must be a text.' })
  plain?: string;

  @Optional()
  @IsInt({ message: 'The number of replicates must be whole.' })
  replicates?: number;

  @Optional()
  @IsReal('The soak must be a number of minutes.')
  soak_min?: number;

  @Optional()
  @IsReal('The drain time must be a number of minutes.')
  drain_min?: number;

  @Optional()
  @IsArray({ message: 'Give the steps as a list.' })
  @ArrayMaxSize(60, { message: 'At most 60 steps.' })
  @ValidateNested({ each: true })
  @Type(() => StepEditBody)
  steps?: StepEditBody[];
}

/** A protocol at its newest version; a lead's copy says whose it is. */
export interface ProtocolRow {
  readonly protocol: Protocol;
  readonly by?: string;
}
