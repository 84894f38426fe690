import { DOSED_CLASSES, JOBS, type BlendInput, type BlendResult, type FlatLine, type Job } from '@bent-pail/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsPositive,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { BLEND_GROUPS, BLEND_SORTS } from './choices';
import { IsReal, IsWords, Nested, Optional } from './decorators';
import { ListWithAway } from './archive';
import { PotShape } from './vessels';

/** A kept version of a blend, as another recipe takes it up. */
export class BlendPart {
  @IsUUID('all', { message: 'Name the blend by its id.' })
  id!: string;

  @IsInt({ message: 'Name the version by its number.' })
  @Min(1, { message: 'Versions begin at 1.' })
  n!: number;
}

/** Parts of a lot or of a kept blend, with what the recipe says of the line besides. */
export class RecipeLine {
  @ValidateIf((line: RecipeLine) => line.blend === undefined)
  @IsUUID('all', { message: 'Name the lot by its id.' })
  lotId?: string;

  @Optional()
  @Nested(() => BlendPart, 'Say which kept version of a blend it is.')
  blend?: BlendPart;

  @IsReal('Parts must be a number.')
  @IsPositive({ message: 'Parts must be above 0.' })
  @Max(10000, { message: 'More than 10 000 parts; check it.' })
  parts!: number;

  /** As it was written, kept until somebody changes the amount. */
  @Optional()
  @IsString({ message: 'What was written must be a text.' })
  @MaxLength(160, { message: 'Keep what was written under 160 letters.' })
  written?: string;

  /** A range: fewest and most parts. */
  @Optional()
  @IsReal('The fewest parts must be a number.')
  @Min(0, { message: 'The fewest parts cannot be negative.' })
  @Max(10000, { message: 'More than 10 000 parts; check it.' })
  least?: number;

  @Optional()
  @IsReal('The most parts must be a number.')
  @Max(10000, { message: 'More than 10 000 parts; check it.' })
  most?: number;

  /** Lots that would do as well. */
  @Optional()
  @IsArray({ message: 'Give the other lots as a list.' })
  @ArrayMaxSize(4, { message: 'At most four other lots.' })
  @IsUUID('all', { each: true, message: 'Name the other lots by their ids.' })
  or?: string[];

  @Optional()
  @IsBoolean({ message: 'Optional is yes or no.' })
  optional?: boolean;

  /** It fills the others up to the recipe's whole. */
  @Optional()
  @IsBoolean({ message: 'The rest is yes or no.' })
  rest?: boolean;

  /** It comes on top of what totals 100 %. */
  @Optional()
  @IsBoolean({ message: 'On top is yes or no.' })
  onTop?: boolean;

  @Optional()
  @IsIn(JOBS, { message: 'Say what the line’s job is.' })
  job?: Job;
}

export const DOSED_IDS = DOSED_CLASSES.map(({ id }) => id);

/** A powder by weight: it changes salt, pH, food and price, not volume. */
export class RecipeAdditive {
  @IsWords(80, 'Give the additive a name of 1 to 80 letters.')
  name!: string;

  @IsReal('The dose must be a number of g to the litre.')
  @Min(0, { message: 'The dose cannot be negative.' })
  @Max(1000, { message: 'More than a kilogram to a litre; check it.' })
  gPerL!: number;

  /** How far a dose that was not weighed may be off, one standard error. */
  @Optional()
  @IsReal('The width of the dose must be a number of g to the litre.')
  @Min(0, { message: 'The width of the dose cannot be negative.' })
  @Max(1000, { message: 'More than a kilogram to a litre; check it.' })
  gPerL_se?: number;

  /** The class of what is dosed: its salt and lime enter the prediction, its food stands beside it. */
  @Optional()
  @IsIn(DOSED_IDS, { message: 'There is no such class of what is dosed.' })
  classId?: string;

  @Optional()
  @IsReal('Nitrogen must be a percentage.')
  @Min(0, { message: 'Nitrogen cannot be negative.' })
  @Max(100, { message: 'No more than 100 % nitrogen.' })
  n_percent?: number;

  @Optional()
  @IsReal('The price must be a number for a kg.')
  @Min(0, { message: 'The price cannot be negative.' })
  @Max(1e6, { message: 'The price is over a million; check it.' })
  pricePerKg?: number;
}

/** A recipe in parts of lots, for one pot: what a version keeps as it was written. */
export class Recipe {
  @IsArray({ message: 'Give the lines as a list.' })
  @ArrayMinSize(1, { message: 'A blend needs at least one line.' })
  @ArrayMaxSize(16, { message: 'A blend has at most 16 lines.' })
  @ValidateNested({ each: true })
  @Type(() => RecipeLine)
  lines!: RecipeLine[];

  @IsWords(60, 'Name the pot.')
  potName!: string;

  @Nested(() => PotShape, 'Give the pot its inner sizes.')
  pot!: PotShape;

  @IsIn(['packing', 'average', 'measured'], { message: 'The model is packing, average or measured.' })
  model!: 'packing' | 'average' | 'measured';

  /** Shrink as it was measured, for that model. */
  @ValidateIf((recipe: Recipe) => recipe.model === 'measured' || recipe.shrink !== undefined)
  @IsReal('The measured shrink must be a part of the volume.')
  @Min(0, { message: 'The measured shrink cannot be negative.' })
  @Max(0.9, { message: 'A shrink over 90 %; check it.' })
  shrink?: number;

  /** How far each line's volume may be off: 0.03 for careful scoops, 0.25 poured by eye. */
  @Optional()
  @IsReal('The scooping error must be a part of the volume.')
  @Min(0, { message: 'The scooping error cannot be negative.' })
  @Max(0.6, { message: 'A scooping error over 60 %; check it.' })
  scoopShare?: number;

  /** Litres in one part, where the recipe was written in volumes. */
  @Optional()
  @IsReal('The size of a part must be a number of litres.')
  @IsPositive({ message: 'The size of a part must be above 0 L.' })
  @Max(1e6, { message: 'A part of over a million litres; check it.' })
  part_L?: number;

  /** What the lines fill up to where one of them is the rest. */
  @Optional()
  @IsReal('The whole must be a number of parts.')
  @IsPositive({ message: 'The whole must be above 0.' })
  @Max(200000, { message: 'More than 200 000 parts; check it.' })
  whole?: number;

  @Optional()
  @IsArray({ message: 'Give the additives as a list.' })
  @ArrayMaxSize(12, { message: 'At most 12 additives.' })
  @ValidateNested({ each: true })
  @Type(() => RecipeAdditive)
  additives?: RecipeAdditive[];

  /** Profile of the use that the blend is held against. */
  @Optional()
  @IsString({ message: 'Name the target profile.' })
  @MaxLength(60, { message: 'Name the target profile.' })
  target?: string;

  /** Base mixed in; negative is sulphur's acid. */
  @IsReal('Lime must be a number of meq per litre.')
  @Min(-500, { message: 'More than 500 meq of sulphur’s acid to a litre; check it.' })
  @Max(500, { message: 'More than 500 meq of lime to a litre; check it.' })
  lime_meqPerL!: number;
}

export class NewBlendVersion {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Name the blend by its id.' })
  blendId!: string;

  @IsWords(120, 'Give the blend a name of 1 to 120 letters.')
  name!: string;

  @Optional()
  @MaxLength(300, { message: 'Keep the reason under 300 letters.' })
  reason?: string;

  @Nested(() => Recipe, 'Send the recipe.')
  recipe!: Recipe;
}

export interface BlendVersion {
  readonly id: string;
  readonly n: number;
  readonly recipe: Recipe;
  /** What each line is called, in order. */
  readonly names: readonly string[];
  /** The lots that it comes down to, blends inside it taken apart; loose parts. */
  readonly flat: readonly FlatLine[];
  /** What went into the prediction when it was kept, and what came out. */
  readonly input: BlendInput;
  readonly result: BlendResult;
  readonly reason?: string;
  readonly keptAt: string;
  readonly keptBy: string;
}

/** What the list of blends is asked for. Days are those on which the newest version was kept. */
export class BlendsAsked extends ListWithAway {
  @Optional()
  @IsIn(BLEND_SORTS, { message: `Sort by ${BLEND_SORTS.join(', ')}.` })
  sort?: (typeof BLEND_SORTS)[number];

  @Optional()
  @IsIn(BLEND_GROUPS, { message: `Put together by ${BLEND_GROUPS.join(', ')}.` })
  group?: (typeof BLEND_GROUPS)[number];

  /** Blends whose newest version takes this lot. */
  @Optional()
  @IsUUID('all', { message: 'Name the lot by its id.' })
  lot?: string;

  /** Who kept the newest version. */
  @Optional()
  @IsUUID('all', { message: 'Name the person by their id.' })
  person?: string;
}

/** A blend as lists show it, by its newest version. */
export interface BlendRow {
  readonly id: string;
  readonly name: string;
  readonly latest: Omit<BlendVersion, 'input'>;
}

/** A blend as other recipes take it up. */
export interface DeskBlend extends BlendRow {
  /** Every version, newest first. */
  readonly kept: readonly { readonly n: number; readonly flat: readonly FlatLine[]; readonly made: number }[];
}

export interface BlendPage {
  readonly id: string;
  readonly name: string;
  /** Put away: it is listed and offered no more. */
  readonly archived?: true;
  readonly versions: readonly BlendVersion[];
}
