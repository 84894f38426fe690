import { SEARCHABLE, USE_KEYS, type Plant, type TargetProfile } from '@bent-pail/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
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

/** The window of one property. An open side is null. */
export class OwnTarget {
  @IsIn(SEARCHABLE, { message: 'Name a property that a blend is predicted for.' })
  property!: string;

  @IsWindow('Give the window as two numbers, or null for an open side.')
  ideal!: [number | null, number | null];

  @IsWindow('Give the limits as two numbers, or null for an open side.')
  limits!: [number | null, number | null];

  @IsReal('The weight must be a number.')
  @Min(0, { message: 'The weight cannot be negative.' })
  @Max(100, { message: 'A weight over 100; check it.' })
  weight!: number;

  @Optional()
  @IsBoolean({ message: 'A must is yes or no.' })
  must?: boolean;
}

/** A use of one's own: what it asks of a medium in its container. */
export class OwnProfile {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  /** Version that was changed; 0 for a new one. */
  @IsInt({ message: 'Say which version was changed.' })
  @Min(0, { message: 'Say which version was changed.' })
  version!: number;

  @IsWords(80, 'Name the use in 1 to 80 letters.')
  label!: string;

  @Nested(() => VesselShape, 'Give the pot its inner sizes.')
  container!: VesselShape;

  @IsArray({ message: 'Give the windows as a list.' })
  @ArrayMinSize(1, { message: 'A use asks for at least one thing.' })
  @ArrayMaxSize(12, { message: 'At most 12 windows.' })
  @ValidateNested({ each: true })
  @Type(() => OwnTarget)
  targets!: OwnTarget[];

  @IsWords(300, 'Say what it is based on: a source, or bench lore.')
  basis!: string;
}

/** A plant that is grown here: what suits it, where it stands, what is kept for it. */
export class OwnPlant {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsInt({ message: 'Say which version was changed.' })
  @Min(0, { message: 'Say which version was changed.' })
  version!: number;

  @IsWords(80, 'Name the plant in 1 to 80 letters.')
  name!: string;

  @IsWords(60, 'Say which use it belongs to.')
  profileId!: string;

  @IsIn(USE_KEYS, { message: 'Say how it stands.' })
  climate!: Plant['climate'];

  @IsString({ message: 'Say what light it wants.' })
  @MaxLength(80, { message: 'Keep the light under 80 letters.' })
  light!: string;

  /** Lots kept for it. */
  @IsArray({ message: 'Give the lots as a list.' })
  @ArrayMaxSize(12, { message: 'At most 12 lots.' })
  @IsUUID('all', { each: true, message: 'Name the lots by their ids.' })
  keeps!: string[];
}

/** A use to be held against, shipped or one's own; own ones have a version. */
export interface ProfileRow extends TargetProfile {
  readonly own?: { readonly version: number; readonly by: string };
  /** Listed and offered no more. */
  readonly archived?: true;
}

export interface PlantRow extends Plant {
  readonly version: number;
  /** Listed and offered no more. */
  readonly archived?: true;
}
