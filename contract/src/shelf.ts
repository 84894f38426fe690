import type { LotOrigin } from './stock';
import type { LotCard, LotComponent, MaterialSpread, PailFigures } from '@bent-pail/core';
import {
  IsOptional,
  ArrayMaxSize,
  IsArray,
  IsDateString,
  IsIn,
  IsInt,
  IsPositive,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { IsReal, IsWords, Nested, Optional } from './decorators';

export const MATERIAL_KINDS = ['material', 'product'] as const;
export type MaterialKind = (typeof MATERIAL_KINDS)[number];

export class NewMaterial {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(120, 'Give it a name of 1 to 120 letters.')
  name!: string;

  @IsIn(MATERIAL_KINDS, { message: 'Say whether it is a material or a bought product.' })
  kind!: MaterialKind;

  @Optional()
  @IsString({ message: 'The class must be a text.' })
  classId?: string;

  @Optional()
  @IsArray()
  @ArrayMaxSize(12, { message: 'At most 12 other names.' })
  @IsString({ each: true, message: 'Other names must be texts.' })
  aliases?: string[];
}

export class EditMaterial {
  @IsInt({ message: 'Say which version you changed.' })
  version!: number;

  @Optional()
  @IsWords(120, 'Give it a name of 1 to 120 letters.')
  name?: string;

  @IsOptional()
  @IsString({ message: 'The class must be a text.' })
  classId?: string | null;

  @Optional()
  @IsArray()
  @IsString({ each: true, message: 'Other names must be texts.' })
  aliases?: string[];
}

/** Fields of a lot that may be filled in later; `null` says that it is not known after all. */
class LotFields {
  @IsOptional()
  @MaxLength(200, { message: 'Keep the source under 200 letters.' })
  source?: string | null;

  @IsOptional()
  @MaxLength(80, { message: 'Keep the grade under 80 letters.' })
  grade?: string | null;

  @IsOptional()
  @IsDateString({}, { message: 'Write the day as 2026-11-24.' })
  boughtOn?: string | null;

  @IsOptional()
  @IsReal('The price must be a number.')
  @Min(0, { message: 'The price cannot be negative.' })
  @Max(1e6, { message: 'The price is over a million; check it.' })
  price?: number | null;

  @IsOptional()
  @IsReal('The pack’s volume must be a number of litres.')
  @IsPositive({ message: 'The pack’s volume must be above 0 L.' })
  @Max(1e6, { message: 'The pack’s volume is over a million litres; check it.' })
  packVolume_L?: number | null;

  @IsOptional()
  @MaxLength(120, { message: 'Keep the state under 120 letters.' })
  state?: string | null;
}

export class NewLot extends LotFields {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Say which material it is a lot of.' })
  materialId!: string;

  @IsWords(40, 'Give the lot a code of 1 to 40 letters.')
  code!: string;
}

export class EditLot extends LotFields {
  @IsInt({ message: 'Say which version you changed.' })
  version!: number;
}

export const VESSEL_KINDS = ['vessel', 'pot'] as const;
export type VesselKind = (typeof VESSEL_KINDS)[number];

export class VesselShape {
  @IsReal('The depth must be a number of cm.')
  @IsPositive({ message: 'The depth must be above 0 cm.' })
  @Max(200, { message: 'The depth is over 200 cm; check it.' })
  height_cm!: number;

  @Optional()
  @IsReal('The top diameter must be a number of cm.')
  @IsPositive({ message: 'The top diameter must be above 0 cm.' })
  topDiameter_cm?: number;

  @Optional()
  @IsReal('The base diameter must be a number of cm.')
  @IsPositive({ message: 'The base diameter must be above 0 cm.' })
  baseDiameter_cm?: number;
}

export class NewVessel {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(60, 'Give it a name of 1 to 60 letters.')
  name!: string;

  @IsIn(VESSEL_KINDS, { message: 'Say whether it is a test vessel or a pot.' })
  kind!: VesselKind;

  @Optional()
  @Nested(() => VesselShape, 'Give the vessel its inner sizes.')
  shape?: VesselShape;
}

/** A vessel filled with water to its fill line, on the scale; its depth may come with it. */
export class NewFilling {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsReal('The empty mass must be a number of g.')
  @Min(0, { message: 'The empty mass cannot be negative.' })
  empty_g!: number;

  @IsReal('The full mass must be a number of g.')
  @IsPositive({ message: 'The full mass must be above 0 g.' })
  full_g!: number;

  @IsReal('The water’s temperature must be a number of °C.')
  @Min(0, { message: 'The water cannot be colder than 0 °C.' })
  @Max(60, { message: 'Use water under 60 °C.' })
  waterTemp_C!: number;

  @Optional()
  @Nested(() => VesselShape, 'Give the vessel its inner sizes.')
  shape?: VesselShape;
}

export interface VesselRow {
  readonly id: string;
  readonly name: string;
  readonly kind: VesselKind;
  readonly height_cm?: number;
  readonly topDiameter_cm?: number;
  readonly baseDiameter_cm?: number;
  /** By water, else from its inner dimensions; absent where neither is known. */
  readonly volume_mL?: number;
  readonly fillings: number;
}

/** A lot as the shelf lists it and the desk takes it. */
export interface LotRow {
  readonly id: string;
  readonly materialId: string;
  readonly name: string;
  readonly kind: MaterialKind;
  readonly code: string;
  readonly aliases: readonly string[];
  readonly classId?: string;
  readonly source?: string;
  readonly grade?: string;
  readonly boughtOn?: string;
  readonly price?: number;
  readonly packVolume_L?: number;
  readonly state?: string;
  readonly origin: LotOrigin;
  /** What is left, loose L; absent where it was never counted. */
  readonly stock_L?: number;
  readonly version: number;
  readonly materialVersion: number;
  readonly finishedRuns: number;
  readonly openRuns: number;
  readonly pail?: PailFigures;
  readonly component?: LotComponent;
}

export interface LotCardPage {
  readonly lot: LotRow;
  readonly card: LotCard;
  /** Lots of the same material, where two or more were measured alike; this one among them. */
  readonly kin: readonly MaterialSpread[];
  readonly currency: string;
}
