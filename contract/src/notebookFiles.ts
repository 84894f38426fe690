import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsIn, IsString, Length, ValidateNested } from 'class-validator';
import { TAKES } from './choices';
import { IsSomeIds } from './decorators';

/** Which of two rows is to stand where the file has one otherwise than the notebook. */
export type Take = (typeof TAKES)[number];

export class ChosenRow {
  @IsString({ message: 'Name the kind of the row.' })
  @Length(1, 60, { message: 'Name the kind of the row.' })
  kind!: string;

  /** What it is known by, its parts with a space between. */
  @IsString({ message: 'Name the row by its id.' })
  @Length(1, 300, { message: 'Name the row by its id.' })
  key!: string;

  @IsIn(TAKES, { message: 'Take ours or theirs.' })
  take!: Take;
}

/** What is to be done with a file that was looked at. */
export class TakeInFile {
  /** For rows that are not named. */
  @IsIn(TAKES, { message: 'Take ours or theirs.' })
  others!: Take;

  @IsArray({ message: 'Name the rows as a list.' })
  @ArrayMaxSize(5000, { message: 'Up to 5,000 rows are chosen one by one; take all others alike.' })
  @ValidateNested({ each: true })
  @Type(() => ChosenRow)
  chosen!: ChosenRow[];
}

/** A row that the file has otherwise than the notebook. */
export interface FileConflict {
  readonly kind: string;
  readonly key: string;
  /** Its place in its list of the file, from 1. */
  readonly row: number;
  /** Columns in which they differ. */
  readonly columns: readonly string[];
  /** Rows of this kind stand once they are kept: ours stays whatever is chosen. */
  readonly stands: boolean;
}

/** A row that cannot be taken in. */
export interface FileRefusal {
  readonly kind: string;
  readonly row: number;
  readonly column?: string;
  /** What was read there. */
  readonly read?: string;
  readonly why: string;
}

export interface FileKindCount {
  readonly kind: string;
  readonly added: number;
  readonly same: number;
  readonly different: number;
  readonly refused: number;
}

/** What a file would change, or has changed. */
export interface FileReport {
  readonly id: string;
  readonly isDone: boolean;
  readonly kinds: readonly FileKindCount[];
  /** Up to a number; the counts are whole. */
  readonly conflicts: readonly FileConflict[];
  readonly refusals: readonly FileRefusal[];
}

/** What a part of a notebook begins with; all that it rests on comes along. Without any: the whole notebook. */
export class PartAsked {
  @IsSomeIds()
  lots?: string;

  @IsSomeIds()
  blends?: string;

  @IsSomeIds()
  pots?: string;

  @IsSomeIds()
  cards?: string;

  @IsSomeIds()
  runs?: string;

  @IsSomeIds()
  trials?: string;
}
