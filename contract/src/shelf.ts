import type { LotOrigin } from './stock';
import type { LotCard, LotComponent, MaterialSpread, PailFigures } from '@bent-pail/core';
import { IsOptional, ArrayMaxSize, IsArray, IsIn, IsInt, IsString, IsUUID, Max, MaxLength, Min } from 'class-validator';
import { IsDay, IsReal, IsWords, Optional } from './decorators';

/** Packs from a spoonful to a train of them, L; prices up to a million. */
export const PACK_BOUNDS = Object.freeze({ least_L: 0.001, most_L: 1e6, mostPrice: 1e6 });

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
  @MaxLength(60, { message: 'The class has a short name.' })
  classId?: string;

  @Optional()
  @IsArray()
  @ArrayMaxSize(12, { message: 'At most 12 other names.' })
  @IsString({ each: true, message: 'Other names must be texts.' })
  @MaxLength(120, { each: true, message: 'Keep other names under 120 letters.' })
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
  @MaxLength(60, { message: 'The class has a short name.' })
  classId?: string | null;

  @Optional()
  @IsArray()
  @ArrayMaxSize(12, { message: 'At most 12 other names.' })
  @IsString({ each: true, message: 'Other names must be texts.' })
  @MaxLength(120, { each: true, message: 'Keep other names under 120 letters.' })
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
  @IsDay('Write the day as 2026-11-24.')
  boughtOn?: string | null;

  @IsOptional()
  @IsReal('The price must be a number.')
  @Min(0, { message: 'The price cannot be negative.' })
  @Max(PACK_BOUNDS.mostPrice, { message: 'The price is over a million; check it.' })
  price?: number | null;

  @IsOptional()
  @IsReal('The pack’s volume must be a number of litres.')
  @Min(PACK_BOUNDS.least_L, { message: 'The pack’s volume must be 0.001 L or more.' })
  @Max(PACK_BOUNDS.most_L, { message: 'The pack’s volume is over a million litres; check it.' })
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
  /** Why its card cannot be worked out; the others are shown all the same. */
  readonly trouble?: string;
}

export interface LotCardPage {
  readonly lot: LotRow;
  readonly card: LotCard;
  /** Lots of the same material, where two or more were measured alike; this one among them. */
  readonly kin: readonly MaterialSpread[];
  readonly currency: string;
}
