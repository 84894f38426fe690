import { Type } from 'class-transformer';
import { IsNumber, IsOptional, IsString, IsTimeZone, Length, Max, Min, ValidateNested } from 'class-validator';

/** What this bench measures by the vessel, L. */
export interface Measures {
  readonly scoop: number;
  readonly bucket: number;
  readonly barrow: number;
  readonly handful: number;
}

/** What everybody at this bench shares. */
export interface NotebookInfo {
  readonly place: string;
  readonly currency: string;
  readonly zone: string;
  readonly measures: Measures;
}

const number = { allowNaN: false, allowInfinity: false } as const;

function IsSize(what: string, most: number): PropertyDecorator {
  return (target, key) => {
    IsNumber(number, { message: `The ${what} must be a number of litres.` })(target, key);
    Min(0.01, { message: `The ${what} must hold 0.01 L or more.` })(target, key);
    Max(most, { message: `The ${what} must hold ${String(most)} L or less.` })(target, key);
  };
}

export class EditMeasures implements Measures {
  @IsSize('scoop', 50)
  scoop!: number;

  @IsSize('bucket', 100)
  bucket!: number;

  @IsSize('barrow', 1000)
  barrow!: number;

  @IsSize('handful', 2)
  handful!: number;
}

/** What of the notebook is to be other than it is; what is not named stays. */
export class EditNotebook {
  @IsOptional()
  @IsString({ message: 'Name the place.' })
  @Length(1, 80, { message: 'Name the place, in 1 to 80 letters.' })
  place?: string;

  @IsOptional()
  @IsString({ message: 'Type the sign of your money.' })
  @Length(1, 4, { message: 'The sign of your money has 1 to 4 letters.' })
  currency?: string;

  @IsOptional()
  @IsTimeZone({ message: 'Choose a time zone from the list.' })
  zone?: string;

  @IsOptional()
  @ValidateNested()
  @Type(() => EditMeasures)
  measures?: EditMeasures;
}
