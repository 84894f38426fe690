import { IsIn, IsInt, IsPositive, IsString, IsUUID, Max, MaxLength, Min } from 'class-validator';
import { PREPARATIONS } from './choices';
import { IsReal, IsWords, Nested, Optional } from './decorators';

const MOST_L = 1e6;
const MOST_MINUTES = 366 * 24 * 60;

export type Preparation = (typeof PREPARATIONS)[number];

/** What is there of a lot, as it was counted just now. */
export class StockCount {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsReal('The stock must be a number of litres.')
  @Min(0, { message: 'The stock cannot be negative.' })
  @Max(MOST_L, { message: 'More than a million litres; check it.' })
  stock_L!: number;
}

/** What a preparation made of it, where that is another than before. */
class MadeStuff {
  /** What kind of stuff it is now. */
  @Optional()
  @IsString({ message: 'The class must be a text.' })
  @MaxLength(60, { message: 'The class has a short name.' })
  classId?: string;

  @Optional()
  @IsWords(80, 'Keep the grade under 80 letters.')
  grade?: string;
}

/** A second lot that a preparation made: what a sieve let through, what was picked out. */
export class RestLot extends MadeStuff {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(40, 'Give the rest a code of 1 to 40 letters.')
  code!: string;

  @Optional()
  @IsReal('The rest must be a number of litres.')
  @IsPositive({ message: 'The rest must be above 0 L.' })
  @Max(MOST_L, { message: 'More than a million litres; check it.' })
  made_L?: number;
}

export class NewPrepared extends MadeStuff {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(40, 'Give the prepared lot a code of 1 to 40 letters.')
  code!: string;

  @IsIn(PREPARATIONS, { message: 'Say how it was prepared.' })
  how!: Preparation;

  @Optional()
  @IsWords(120, 'Keep the words under 120 letters.')
  note?: string;

  /** What was taken of the old lot, loose L. */
  @Optional()
  @IsReal('What was taken must be a number of litres.')
  @IsPositive({ message: 'What was taken must be above 0 L.' })
  @Max(MOST_L, { message: 'More than a million litres; check it.' })
  took_L?: number;

  /** What it made, loose L. */
  @Optional()
  @IsReal('What it made must be a number of litres.')
  @IsPositive({ message: 'What it made must be above 0 L.' })
  @Max(MOST_L, { message: 'More than a million litres; check it.' })
  made_L?: number;

  @Optional()
  @IsReal('The water must be a number of litres.')
  @Min(0, { message: 'The water cannot be negative.' })
  @Max(MOST_L, { message: 'More than a million litres of water; check it.' })
  water_L?: number;

  @Optional()
  @IsReal('The time must be a number of minutes.')
  @Min(0, { message: 'The time cannot be negative.' })
  @Max(MOST_MINUTES, { message: 'Longer than a year; check it.' })
  minutes?: number;

  /** Mesh, plate or machine. */
  @Optional()
  @IsWords(80, 'Keep the tool under 80 letters.')
  tool?: string;

  @Optional()
  @IsInt({ message: 'Passes are whole.' })
  @Min(1, { message: 'At least one pass.' })
  @Max(100, { message: 'Over 100 passes; check it.' })
  passes?: number;

  /** What was parted off becomes a lot too. */
  @Optional()
  @Nested(() => RestLot, 'Say what was parted off.')
  rest?: RestLot;
}

/** How a preparation went, as far as it was noted. */
export type PreparationRecord = Pick<NewPrepared, 'took_L' | 'made_L' | 'water_L' | 'minutes' | 'tool' | 'passes'>;

/** A kept version of a blend, mixed. */
export class NewBatch {
  /** Id of the lot that it becomes. */
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  /** Id of the material, where this is the blend's first batch. */
  @IsUUID('all', { message: 'The id must be a UUID.' })
  materialId!: string;

  @IsWords(40, 'Give the batch a code of 1 to 40 letters.')
  code!: string;

  @IsReal('The volume must be a number of litres.')
  @IsPositive({ message: 'The volume must be above 0 L.' })
  @Max(MOST_L, { message: 'More than a million litres; check it.' })
  made_L!: number;
}

/** Where a lot comes from. */
export type LotOrigin =
  | { readonly kind: 'bought' }
  | {
      readonly kind: 'prepared';
      readonly fromId: string;
      readonly fromCode: string;
      readonly how: string;
      readonly record: PreparationRecord;
    }
  | { readonly kind: 'batch'; readonly blendId: string; readonly blendName: string; readonly n: number };
