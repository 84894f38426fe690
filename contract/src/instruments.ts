import type { CalibrationRecord, InstrumentKind } from '@bent-pail/core';
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
import { IsMoment, IsReal, IsWords } from './decorators';
import { ListAsked } from './lists';

export class NewInstrument {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(60, 'Give the instrument a name of 1 to 60 letters.')
  name!: string;

  @IsIn(['pH', 'ec', 'scale'], { message: 'Say what it is: a pH pen, an EC meter or a scale.' })
  kind!: InstrumentKind;

  @IsBoolean({ message: 'Say whether it shows mV.' })
  showsMv!: boolean;
}

const MOST_SHOWN = 1e6;

export class CalibrationPointBody {
  @IsReal('Say what the buffer, standard or weight is; write 7.01.')
  @Min(-MOST_SHOWN, { message: 'No standard is so large; check it.' })
  @Max(MOST_SHOWN, { message: 'No standard is so large; check it.' })
  nominal!: number;

  @IsReal('Say what the instrument showed; write −12.5.')
  @Min(-MOST_SHOWN, { message: 'No instrument shows so much; check it.' })
  @Max(MOST_SHOWN, { message: 'No instrument shows so much; check it.' })
  shown!: number;
}

export class NewCalibration {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsMoment('Say when it was made.')
  at!: string;

  @IsReal('The temperature must be a number of °C.')
  @Min(0, { message: 'Calibrate above 0 °C.' })
  @Max(60, { message: 'Calibrate under 60 °C.' })
  temp_C!: number;

  @IsArray({ message: 'Give the readings as a list.' })
  @ArrayMinSize(1, { message: 'Give at least one reading.' })
  @ArrayMaxSize(3, { message: 'Three readings at most.' })
  @ValidateNested({ each: true })
  @Type(() => CalibrationPointBody)
  points!: CalibrationPointBody[];
}

/** Which instruments a run is read with from now on, one of a kind. */
export class RunInstruments {
  @IsArray({ message: 'Name the instruments as a list.' })
  @ArrayMaxSize(3, { message: 'One instrument of a kind.' })
  @IsUUID('all', { each: true, message: 'Each instrument must be named by its id.' })
  instrumentIds!: string[];
}

/** What the list of an instrument's calibrations is asked for. Days are those on which they were made. */
export class CalibrationsAsked extends ListAsked {}

/** An instrument with its newest calibrations, how many it has had, and how many readings the newest has served. */
export interface InstrumentRow {
  readonly id: string;
  readonly name: string;
  readonly kind: InstrumentKind;
  readonly showsMv: boolean;
  /** The newest few, newest first. */
  readonly calibrations: readonly CalibrationRecord[];
  readonly calibrated: number;
  readonly readings: number;
}
