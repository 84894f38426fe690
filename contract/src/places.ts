import { PLACE_KINDS, SOILS, type PlaceKind, type SoilKey } from '@bent-pail/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsUUID,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { IsReal, IsWords, Optional } from './decorators';

const MONTHS = 12;
const TWELVE = 'Give all twelve months, from January.';

export class PlaceMonthSaid {
  @IsReal('What a month takes must be a number of millimetres a day.')
  @Min(0, { message: 'What a month takes must be 0 mm a day or more.' })
  @Max(25, { message: 'Over 25 mm a day; check it.' })
  mmPerD!: number;

  @IsReal('The rain must be a number of millimetres a day.')
  @Min(0, { message: 'The rain must be 0 mm a day or more.' })
  @Max(100, { message: 'Over 100 mm of rain a day, all month; check it.' })
  rain_mmPerD!: number;
}

/** Where pots and beds stand; sent again it is corrected. */
export class NewPlace {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(80, 'Name the place in 1 to 80 letters.')
  name!: string;

  @IsArray({ message: TWELVE })
  @ArrayMinSize(MONTHS, { message: TWELVE })
  @ArrayMaxSize(MONTHS, { message: TWELVE })
  @ValidateNested({ each: true })
  @Type(() => PlaceMonthSaid)
  months!: PlaceMonthSaid[];

  @IsBoolean({ message: 'Say whether wind blows there, true or false.' })
  windy!: boolean;

  @IsIn(PLACE_KINDS, { message: `It is one of ${PLACE_KINDS.join(', ')}.` })
  on!: PlaceKind;

  @Optional()
  @IsIn(SOILS.map(({ key }) => key), { message: `The soil below is one of ${SOILS.map(({ key }) => key).join(', ')}.` })
  soil?: SoilKey;

  @Optional()
  @IsReal('The hardness must be a number of milligrams a litre.')
  @Min(0, { message: 'The hardness must be 0 mg/L or more.' })
  @Max(2000, { message: 'Over 2000 mg/L; check it.' })
  hardness_mgL?: number;
}

export interface PlaceRow {
  readonly id: string;
  readonly name: string;
  readonly months: readonly PlaceMonthSaid[];
  readonly windy: boolean;
  readonly on: PlaceKind;
  readonly soil?: SoilKey;
  readonly hardness_mgL?: number;
  /** Pots that stand there now, each of several alike counted. */
  readonly pots: number;
  /** Their tops, m2, and what the year ahead takes to top them up, L, as far as their depths tell. */
  readonly top_m2: number;
  readonly topUp_L: number;
}
