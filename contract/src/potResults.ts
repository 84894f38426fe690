import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsString,
  IsUUID,
  Length,
  Matches,
  MaxLength,
} from 'class-validator';
import { IsWords } from './decorators';

/** Pots that were followed, kept as they were asked and as they answered. */
export class NewPotResult {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(80, 'Name it in 1 to 80 letters.')
  name!: string;

  /** The address that asks for it again, with what came of it. */
  @Matches(/^\/pot\?[\w%=&:.,+~-]*$/, { message: 'The address is one of the station Pot.' })
  @MaxLength(2000, { message: 'The address is too long.' })
  address!: string;

  /** What was in the pots, each with its version or code. */
  @IsArray({ message: 'Say what was in the pots.' })
  @ArrayMinSize(1, { message: 'Say what was in the pots.' })
  @ArrayMaxSize(8, { message: 'Up to eight pots stand beside each other.' })
  @IsString({ each: true, message: 'Say what was in the pots in words.' })
  @Length(1, 200, { each: true, message: 'Name what was in a pot in 1 to 200 letters.' })
  media!: string[];

  /** What each of them did, in a sentence. */
  @IsArray({ message: 'Say what they did.' })
  @ArrayMinSize(1, { message: 'Say what they did.' })
  @ArrayMaxSize(8, { message: 'Up to eight pots stand beside each other.' })
  @IsString({ each: true, message: 'Say what they did in words.' })
  @Length(1, 600, { each: true, message: 'Keep a sentence to 600 letters.' })
  said!: string[];
}

export class PutAwayPotResult {
  @IsBoolean({ message: 'It is put away or not.' })
  archived!: boolean;
}

export interface PotResultRow extends Readonly<Omit<NewPotResult, 'media' | 'said'>> {
  readonly media: readonly string[];
  readonly said: readonly string[];
  readonly by: string;
  readonly at: string;
}
