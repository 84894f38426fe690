import { IsIn, IsInt, IsTimeZone, Max, Min } from 'class-validator';
import { DOSED_IDS } from './blends';
import { IsReal, IsWords, Nested, Optional } from './decorators';

/** What this bench measures by the vessel, L. */
export interface Measures {
  readonly scoop: number;
  readonly bucket: number;
  readonly barrow: number;
  readonly handful: number;
}

/** From when to when somebody is at the bench, hours since midnight. */
export interface WorkHours {
  readonly from_h: number;
  readonly to_h: number;
}

/** What everybody at this bench shares. */
export interface NotebookInfo {
  /** Rises with every change of what stands here but for handfuls. */
  readonly version: number;
  readonly place: string;
  readonly currency: string;
  readonly zone: string;
  readonly measures: Measures;
  readonly hours: WorkHours;
  /** What a handful of each weighs here, g, where somebody weighed one; by the class of what is dosed. */
  readonly handfuls: Readonly<Record<string, number>>;
}

function IsSize(what: string, most: number): PropertyDecorator {
  return (target, key) => {
    IsReal(`The ${what} must be a number of litres.`)(target, key);
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

export class EditHours implements WorkHours {
  @IsReal('Say at what hour work begins.')
  @Min(0, { message: 'A day begins at 0.' })
  @Max(23, { message: 'Work begins by 23.' })
  from_h!: number;

  @IsReal('Say at what hour work ends.')
  @Min(1, { message: 'Work ends at 1 or later.' })
  @Max(24, { message: 'A day ends at 24.' })
  to_h!: number;
}

/** What of the notebook is to be other than it is; what is not named stays. */
export class EditNotebook {
  /** On which version it was changed: refused where somebody changed it since. */
  @Optional()
  @IsInt({ message: 'The version is a whole number.' })
  version?: number;

  @Optional()
  @IsWords(80, 'Name the place, in 1 to 80 letters.')
  place?: string;

  @Optional()
  @IsWords(4, 'The sign of your money has 1 to 4 letters.')
  currency?: string;

  @Optional()
  @IsTimeZone({ message: 'Choose a time zone from the list.' })
  zone?: string;

  @Optional()
  @Nested(() => EditMeasures, 'Say what each measure holds.')
  measures?: EditMeasures;

  @Optional()
  @Nested(() => EditHours, 'Say when work begins and ends.')
  hours?: EditHours;
}

/** A handful of something that is dosed, weighed once. */
export class WeighedHandful {
  @IsIn(DOSED_IDS, { message: 'There is no such class of what is dosed.' })
  classId!: string;

  @IsReal('What a handful weighs must be a number of g.')
  @Min(1, { message: 'A handful weighs at least a gram.' })
  @Max(500, { message: 'A handful of more than 500 g; check it.' })
  g!: number;
}
