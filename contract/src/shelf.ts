import { LOT_GROUPS, LOT_SORTS, LOT_STATES, MATERIAL_KINDS } from './choices';
import type { LotOrigin } from './stock';
import type { LotCard, LotComponent, MaterialSpread, PailFigures } from '@bent-pail/core';
import {
  IsOptional,
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { Type } from 'class-transformer';
import { IsDay, IsReal, IsWords, Optional } from './decorators';
import { ListAsked } from './lists';

/** Packs from a spoonful to a train of them, L; prices up to a million. */
export const PACK_BOUNDS = Object.freeze({ least_L: 0.001, most_L: 1e6, mostPrice: 1e6 });

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

  /** Put away: its lots are offered no more, and what was measured of them stays. */
  @Optional()
  @IsBoolean({ message: 'A material is put away or not.' })
  archived?: boolean;

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
  /** What kind of stuff this lot is, where that is another than its material's. */
  @IsOptional()
  @IsString({ message: 'The class must be a text.' })
  @MaxLength(60, { message: 'The class has a short name.' })
  classId?: string | null;

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

  /** What one pack weighs, for what is sold by weight. */
  @IsOptional()
  @IsReal('The pack’s weight must be a number of kilograms.')
  @Min(0.001, { message: 'The pack’s weight must be a gram or more.' })
  @Max(1e5, { message: 'The pack weighs over a hundred tonnes; check it.' })
  packWeight_kg?: number | null;

  /** Loose litres to a litre on the label, for what swells or is fluffed up, where somebody says so. */
  @IsOptional()
  @IsReal('How many times it opens must be a number.')
  @Min(0.1, { message: 'It opens to a tenth of its label or more.' })
  @Max(100, { message: 'Over a hundred times its label; check it.' })
  opensTo?: number | null;

  /** Who says so. */
  @IsOptional()
  @MaxLength(120, { message: 'Keep who says so under 120 letters.' })
  opensToBy?: string | null;

  @IsOptional()
  @MaxLength(120, { message: 'Keep the state under 120 letters.' })
  state?: string | null;

  /** What the label says is in it, as it says it. */
  @IsOptional()
  @MaxLength(1000, { message: 'Keep the ingredients under 1000 letters.' })
  labelIngredients?: string | null;

  /** The label's analysis, as it says it, a line each. */
  @IsOptional()
  @MaxLength(1000, { message: 'Keep the analysis under 1000 letters.' })
  labelAnalysis?: string | null;
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

  @Optional()
  @IsWords(40, 'Give the lot a code of 1 to 40 letters.')
  code?: string;

  /** Put away: it is offered no more, and what was measured of it stays. */
  @Optional()
  @IsBoolean({ message: 'A lot is put away or not.' })
  archived?: boolean;
}

export type LotSort = (typeof LOT_SORTS)[number];

export type LotState = (typeof LOT_STATES)[number];

/** What the shelf is asked for. Days are those on which a lot was bought. */
export class LotsAsked extends ListAsked {
  @Optional()
  @IsIn(LOT_SORTS, { message: `Sort by ${LOT_SORTS.join(', ')}.` })
  sort?: LotSort;

  @Optional()
  @IsIn(LOT_GROUPS, { message: `Put together by ${LOT_GROUPS.join(', ')}.` })
  group?: (typeof LOT_GROUPS)[number];

  @Optional()
  @IsIn(MATERIAL_KINDS, { message: 'Ask for materials or for products.' })
  kind?: MaterialKind;

  @Optional()
  @IsUUID('all', { message: 'Name the material by its id.' })
  material?: string;

  /** Only the lots that are named, their ids with commas between. */
  @Optional()
  @IsString({ message: 'Give the ids with commas between.' })
  @MaxLength(4000, { message: 'At most a hundred at once.' })
  ids?: string;

  @Optional()
  @IsString({ message: 'The class must be a text.' })
  @MaxLength(60, { message: 'The class has a short name.' })
  classId?: string;

  @Optional()
  @IsIn(LOT_STATES, { message: `A lot is ${LOT_STATES.join(', ')}.` })
  state?: LotState;

  /** Lots with a finished run by this protocol. */
  @Optional()
  @IsString({ message: 'Name the protocol.' })
  @MaxLength(80, { message: 'Name the protocol.' })
  protocol?: string;

  /** Price of a litre, at most. */
  @Optional()
  @Type(() => Number)
  @IsReal('The price must be a number for a litre.')
  @Min(0, { message: 'The price cannot be negative.' })
  @Max(PACK_BOUNDS.mostPrice, { message: 'The price is over a million; check it.' })
  mostPerL?: number;
}

/** A number that a list shows: measured on the lot, or its class's. */
export interface ShownFigure {
  readonly value: number;
  readonly measured: boolean;
}

/** A lot as lists show it. */
export interface LotRow {
  readonly id: string;
  readonly materialId: string;
  readonly name: string;
  readonly kind: MaterialKind;
  readonly code: string;
  readonly aliases: readonly string[];
  /** What kind of stuff it is: its own class, else its material's. */
  readonly classId?: string;
  /** Its class is its own, also where it is not known. */
  readonly ownClass?: true;
  /** A preparation took it out of the good stuff: rejects, twigs, what went through the sieve. */
  readonly partedOff?: true;
  /** Put away, by itself or with its material: it is offered no more. */
  readonly archived?: 'lot' | 'material';
  readonly source?: string;
  readonly grade?: string;
  readonly boughtOn?: string;
  readonly price?: number;
  readonly packVolume_L?: number;
  readonly packWeight_kg?: number;
  readonly opensTo?: number;
  readonly opensToBy?: string;
  readonly state?: string;
  readonly labelIngredients?: string;
  readonly labelAnalysis?: string;
  readonly origin: LotOrigin;
  /** What is left, loose L; absent where it was never counted. */
  readonly stock_L?: number;
  readonly version: number;
  readonly materialVersion: number;
  readonly finishedRuns: number;
  readonly openRuns: number;
  readonly pail?: PailFigures;
  readonly density_gcc?: ShownFigure;
  readonly pH?: ShownFigure;
  readonly pricePerL?: number;
  /** Enough is known of it, or of its class, for a prediction. */
  readonly usable: boolean;
  /** Something that it rests on has changed, and its card is being worked out again: these are the figures of before. */
  readonly following?: true;
  /** Why its card cannot be worked out; the others are shown all the same. */
  readonly trouble?: string;
}

/** A lot as a prediction takes it. */
export interface DeskLot extends LotRow {
  readonly component?: LotComponent;
}

/** Lots that were named, or, where none was, those at hand: materials and products, the newest first. */
export interface DeskLots {
  readonly lots: readonly DeskLot[];
  /** How many were named; of those at hand, how many usable lots there are in all. */
  readonly total: number;
}

export interface LotCardPage {
  readonly lot: LotRow;
  readonly card: LotCard;
  /** Lots of the same material, where two or more were measured alike; this one among them. */
  readonly kin: readonly MaterialSpread[];
  readonly currency: string;
}
