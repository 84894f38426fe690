import { MOST_CRITERIA, type Feeder, type PropertyKey, type RankInput, type Rubric } from '@bent-pail/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IsReal, IsWindow, IsWords, Nested, Optional } from './decorators';
import { VesselShape } from './vessels';

const FUNCTIONS = ['line', 'bands', 'window', 'direct'] as const;

const FARTHEST = 1e9;

function IsFigure(what: string): PropertyDecorator {
  return (target, key) => {
    IsReal(`${what} must be a number.`)(target, key);
    Min(-FARTHEST, { message: `${what} is too small; check it.` })(target, key);
    Max(FARTHEST, { message: `${what} is too large; check it.` })(target, key);
  };
}

/** A score up to a value, that value included; the last has no end. */
export class OwnBand {
  @Optional()
  @IsFigure('Up to which value')
  upTo?: number;

  @IsReal('The score of a band must be a number.')
  @Min(0, { message: 'A score lies in 0 to 10.' })
  @Max(10, { message: 'A score lies in 0 to 10.' })
  score!: number;
}

/** How a value becomes 0 to 10; of the fields those of its type. */
export class OwnFunction {
  @IsIn(FUNCTIONS, { message: `A value is scored by ${FUNCTIONS.join(', ')}.` })
  type!: (typeof FUNCTIONS)[number];

  @Optional()
  @IsFigure('The value that scores 0')
  at0?: number;

  @Optional()
  @IsFigure('The value that scores 10')
  at10?: number;

  @Optional()
  @IsWindow('Give the window as two numbers, or null for an open side.')
  ideal?: [number | null, number | null];

  @Optional()
  @IsWindow('Give the limits as two numbers, or null for an open side.')
  limits?: [number | null, number | null];

  @Optional()
  @IsArray({ message: 'Give the bands as a list.' })
  @ArrayMaxSize(20, { message: 'At most 20 bands.' })
  @ValidateNested({ each: true })
  @Type(() => OwnBand)
  bands?: OwnBand[];
}

/** A word beside a scale from 0 to 10. */
export class ScaleWord {
  @IsReal('Where a word stands must be a number.')
  @Min(0, { message: 'A scale goes from 0 to 10.' })
  @Max(10, { message: 'A scale goes from 0 to 10.' })
  at!: number;

  @IsWords(40, 'Give the word in 1 to 40 letters.')
  word!: string;
}

export class OwnCriterion {
  @IsWords(40, 'Name the criterion in 1 to 40 letters.')
  label!: string;

  @IsWords(120, 'Say what it is, in 1 to 120 letters.')
  plain!: string;

  @IsReal('The weight must be a number.')
  @Min(0, { message: 'A weight cannot be negative.' })
  @Max(1000, { message: 'A weight over 1000; check it.' })
  weight!: number;

  /** `panel` and `growth` for what raters mark, `air` and `water` at the container, else what is told or a figure. */
  @IsWords(60, 'Say what it is judged by.')
  by!: 'panel' | 'growth' | 'trial' | 'claims' | 'must' | `nutrients-${Feeder}` | 'air' | 'water' | PropertyKey;

  @Nested(() => OwnFunction, 'Say how a value becomes 0 to 10.')
  function!: OwnFunction;

  /** Faults that a rater can tick. */
  @Optional()
  @IsArray({ message: 'Give the faults as a list.' })
  @ArrayMaxSize(16, { message: 'At most 16 faults to tick.' })
  @IsString({ each: true, message: 'Faults must be words.' })
  @MaxLength(40, { each: true, message: 'Keep a fault under 40 letters.' })
  tags?: string[];

  /** Words down the scale of what raters mark. */
  @Optional()
  @IsArray({ message: 'Give the words of the scale as a list.' })
  @ArrayMaxSize(11, { message: 'At most 11 words on a scale.' })
  @ValidateNested({ each: true })
  @Type(() => ScaleWord)
  words?: ScaleWord[];
}

/** Where a criterion is under `below`, the whole is at most `max`. */
export class OwnCap {
  @IsWords(40, 'Say which criterion caps.')
  criterion!: string;

  @IsReal('Under which score must be a number.')
  @Min(0, { message: 'A score lies in 0 to 10.' })
  @Max(10, { message: 'A score lies in 0 to 10.' })
  below!: number;

  @IsReal('The most that is left must be a number.')
  @Min(0, { message: 'A score lies in 0 to 10.' })
  @Max(10, { message: 'A score lies in 0 to 10.' })
  max!: number;
}

/** A rubric of one's own: a new one, or the next version of one's own. */
export class OwnRubric {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  /** Version that was changed; 0 for a new one. */
  @IsInt({ message: 'Say which version was changed.' })
  @Min(0, { message: 'Say which version was changed.' })
  version!: number;

  @IsWords(60, 'Name the rubric in 1 to 60 letters.')
  label!: string;

  @IsWords(80, 'Say what it is for, in 1 to 80 letters.')
  use!: string;

  @Nested(() => VesselShape, 'Give the container its inner sizes.')
  container!: VesselShape;

  @IsIn(['arithmetic', 'geometric'], { message: 'The mean is arithmetic or geometric.' })
  aggregate!: 'arithmetic' | 'geometric';

  @IsArray({ message: 'Give the criteria as a list.' })
  @ArrayMinSize(1, { message: 'A rubric needs at least one criterion.' })
  @ArrayMaxSize(MOST_CRITERIA, { message: `At most ${String(MOST_CRITERIA)} criteria.` })
  @ValidateNested({ each: true })
  @Type(() => OwnCriterion)
  criteria!: OwnCriterion[];

  @IsArray({ message: 'Give the caps as a list.' })
  @ArrayMaxSize(MOST_CRITERIA, { message: `At most ${String(MOST_CRITERIA)} caps.` })
  @ValidateNested({ each: true })
  @Type(() => OwnCap)
  caps!: OwnCap[];
}

/** A rubric as this notebook has it, at its newest version. */
export interface RubricRow {
  readonly rubric: Rubric;
  /** Who made it, where it is one's own. */
  readonly own?: { readonly by: string; readonly at: string };
  /** Cards that were made with any version of it. */
  readonly cards: number;
}

/** A product as a rubric sees it, ready to be ranked. */
export interface RankedProduct {
  /** Absent while whoever asks judges the card blind. */
  readonly cardId?: string;
  readonly lotId: string;
  readonly name: string;
  readonly criteria: RankInput['products'][number]['criteria'];
}

/** Every judged product by one rubric. */
export interface RankingPage {
  readonly rubric: Rubric;
  readonly currency: string;
  readonly products: readonly RankedProduct[];
}

/** Marks of all revealed cards: a row for each sample and criterion, a column for each rater; null where one did not mark. */
export interface PanelPage {
  readonly raters: readonly { readonly id: string; readonly name: string }[];
  readonly items: readonly {
    readonly cardId: string;
    readonly sample: string;
    readonly criterion: string;
    readonly marks: readonly (number | null)[];
  }[];
}
