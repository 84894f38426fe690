import type { BlendInput, BlendResult } from '@bent-pail/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsNumber,
  IsOptional,
  IsPositive,
  IsString,
  IsUUID,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { VesselShape } from './shelf';

const number = { allowNaN: false, allowInfinity: false };

export class RecipeLine {
  @IsUUID('all', { message: 'Name the lot by its id.' })
  lotId!: string;

  @IsNumber(number, { message: 'Parts must be a number.' })
  @IsPositive({ message: 'Parts must be above 0.' })
  @Max(10000, { message: 'More than 10 000 parts; check it.' })
  parts!: number;
}

/** A recipe in parts of lots, for one pot: what a version keeps as it was written. */
export class Recipe {
  @IsArray({ message: 'Give the lines as a list.' })
  @ArrayMinSize(1, { message: 'A blend needs at least one line.' })
  @ArrayMaxSize(16, { message: 'A blend has at most 16 lines.' })
  @ValidateNested({ each: true })
  @Type(() => RecipeLine)
  lines!: RecipeLine[];

  @IsString({ message: 'Name the pot.' })
  @Length(1, 60, { message: 'Name the pot.' })
  potName!: string;

  @ValidateNested()
  @Type(() => VesselShape)
  pot!: VesselShape;

  @IsIn(['packing', 'average'], { message: 'The model is packing or average.' })
  model!: 'packing' | 'average';

  /** Profile of the use that the blend is held against. */
  @IsOptional()
  @IsString({ message: 'Name the target profile.' })
  @MaxLength(60, { message: 'Name the target profile.' })
  target?: string;

  @IsNumber(number, { message: 'Lime must be a number of meq per litre.' })
  @Min(0, { message: 'Lime cannot be negative.' })
  @Max(500, { message: 'More than 500 meq of lime to a litre; check it.' })
  lime_meqPerL!: number;
}

export class NewBlendVersion {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Name the blend by its id.' })
  blendId!: string;

  @IsString({ message: 'Give the blend a name.' })
  @Length(1, 120, { message: 'Give the blend a name of 1 to 120 letters.' })
  name!: string;

  @IsOptional()
  @MaxLength(300, { message: 'Keep the reason under 300 letters.' })
  reason?: string;

  @ValidateNested()
  @Type(() => Recipe)
  recipe!: Recipe;
}

export interface BlendVersion {
  readonly id: string;
  readonly n: number;
  readonly recipe: Recipe;
  /** What went into the prediction when it was kept, and what came out. */
  readonly input: BlendInput;
  readonly result: BlendResult;
  readonly reason?: string;
  readonly keptAt: string;
  readonly keptBy: string;
}

export interface BlendRow {
  readonly id: string;
  readonly name: string;
  readonly latest: BlendVersion;
  readonly versions: number;
}

export interface BlendPage {
  readonly id: string;
  readonly name: string;
  readonly versions: readonly BlendVersion[];
}
