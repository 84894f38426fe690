import {
  IsBoolean,
  IsIn,
  IsPositive,
  IsString,
  IsUUID,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateIf,
} from 'class-validator';
import { IsReal, IsWords, Nested, Optional } from './decorators';

/** Vessels from a thimble to a bed on the scale. */
export const VESSEL_BOUNDS = Object.freeze({ least_cm: 0.5, widest_cm: 1000, heaviest_g: 1e6 });

export const VESSEL_KINDS = ['vessel', 'pot'] as const;
export type VesselKind = (typeof VESSEL_KINDS)[number];

export class VesselShape {
  @IsReal('The depth must be a number of cm.')
  @Min(VESSEL_BOUNDS.least_cm, { message: 'The depth must be 0.5 cm or more.' })
  @Max(200, { message: 'The depth is over 200 cm; check it.' })
  height_cm!: number;

  @Optional()
  @IsReal('The top diameter must be a number of cm.')
  @Min(VESSEL_BOUNDS.least_cm, { message: 'The top diameter must be 0.5 cm or more.' })
  @Max(VESSEL_BOUNDS.widest_cm, { message: 'The top diameter is over 10 m; check it.' })
  topDiameter_cm?: number;

  @Optional()
  @IsReal('The base diameter must be a number of cm.')
  @Min(VESSEL_BOUNDS.least_cm, { message: 'The base diameter must be 0.5 cm or more.' })
  @Max(VESSEL_BOUNDS.widest_cm, { message: 'The base diameter is over 10 m; check it.' })
  baseDiameter_cm?: number;
}

/** A pot that figures are stated for: it may stand on a mat or a wick. */
export class PotShape extends VesselShape {
  @Optional()
  @IsReal('The suction of the mat must be a number of cm.')
  @Min(0, { message: 'The suction of the mat cannot be negative.' })
  @Max(100, { message: 'A mat hangs at less than 100 cm; check it.' })
  baseSuction_cm?: number;
}

export class NewVessel {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(60, 'Give it a name of 1 to 60 letters.')
  name!: string;

  @IsIn(VESSEL_KINDS, { message: 'Say whether it is a test vessel or a pot.' })
  kind!: VesselKind;

  @Optional()
  @Nested(() => VesselShape, 'Give the vessel its inner sizes.')
  shape?: VesselShape;
}

const onScale = ({ jug_mL }: NewFilling): boolean => jug_mL === undefined;

/** A vessel filled with water to its fill line, on the scale or by a jug; its depth may come with it. */
export class NewFilling {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  /** With the full mass and the water's temperature; or what a jug held, where there is no scale. */
  @ValidateIf(onScale)
  @IsReal('The empty mass must be a number of g.')
  @Min(0, { message: 'The empty mass cannot be negative.' })
  @Max(VESSEL_BOUNDS.heaviest_g, { message: 'The empty mass is over a tonne; check it.' })
  empty_g?: number;

  @ValidateIf(onScale)
  @IsReal('The full mass must be a number of g.')
  @IsPositive({ message: 'The full mass must be above 0 g.' })
  @Max(VESSEL_BOUNDS.heaviest_g, { message: 'The full mass is over a tonne; check it.' })
  full_g?: number;

  @ValidateIf(onScale)
  @IsReal('The water’s temperature must be a number of °C.')
  @Min(0, { message: 'The water cannot be colder than 0 °C.' })
  @Max(60, { message: 'Use water under 60 °C.' })
  waterTemp_C?: number;

  @Optional()
  @IsReal('What the jug held must be a number of mL.')
  @Min(1, { message: 'A vessel holds 1 mL or more.' })
  @Max(VESSEL_BOUNDS.heaviest_g, { message: 'The vessel holds over a thousand litres; check it.' })
  jug_mL?: number;

  @Optional()
  @Nested(() => VesselShape, 'Give the vessel its inner sizes.')
  shape?: VesselShape;

  /** Somebody looked again: it is right although it lies far from the others. */
  @Optional()
  @IsIn([true], { message: 'Say that it is right, or leave it out.' })
  sure?: true;

  /** The filling that it stands instead of. */
  @Optional()
  @IsUUID('all', { message: 'Name the corrected filling by its id.' })
  corrects?: string;

  @Optional()
  @IsString({ message: 'Give the reason as a text.' })
  @MaxLength(300, { message: 'Keep the reason under 300 letters.' })
  reason?: string;
}

/** A filling that shall count no more. */
export class FillingExclusion {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(300, 'Give the reason, in 3 to 300 letters.')
  @Length(3, 300, { message: 'Give the reason, in 3 to 300 letters.' })
  reason!: string;
}

/** A finished run shall stand on the fillings of its vessels as they are now. */
export class TakeUpFillings {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(300, 'Say why, in 3 to 300 letters.')
  @Length(3, 300, { message: 'Say why, in 3 to 300 letters.' })
  reason!: string;
}

/** A filling as it was kept; one that counts no more says why. */
export interface FillingRow {
  readonly id: string;
  /** On the scale; absent where a jug measured it. */
  readonly scale?: { readonly empty_g: number; readonly full_g: number; readonly waterTemp_C: number };
  readonly volume_mL: number;
  readonly keptAt: string;
  readonly by: string;
  readonly out?: string;
}

export interface VesselRow {
  readonly id: string;
  readonly name: string;
  readonly kind: VesselKind;
  readonly height_cm?: number;
  readonly topDiameter_cm?: number;
  readonly baseDiameter_cm?: number;
  /** By water, else from its inner dimensions; absent where neither is known. */
  readonly volume_mL?: number;
  readonly fillings: number;
  /** Put away: it is offered no more. */
  readonly archived?: true;
}

/** A vessel gets another name, or is put away: it is offered no more, and what was measured in it stays. */
export class EditVessel {
  @Optional()
  @IsWords(60, 'Give it a name of 1 to 60 letters.')
  name?: string;

  @Optional()
  @IsBoolean({ message: 'A vessel is put away or not.' })
  archived?: boolean;
}
