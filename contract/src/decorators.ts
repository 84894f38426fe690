import { Transform, Type } from 'class-transformer';
import {
  IsNumber,
  IsObject,
  IsString,
  Length,
  Matches,
  MaxLength,
  ValidateBy,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { isDay, isMoment } from './dates';

/** A field that may be left out. `null` is not left out: it gets the sentence of what the field has to be. */
export const Optional = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined);

/** A number that can be reckoned with. */
export const IsReal = (message: string): PropertyDecorator =>
  IsNumber({ allowNaN: false, allowInfinity: false }, { message });

/** Words that say something, up to so many letters; kept without the spaces around them. */
export function IsWords(most: number, message: string): PropertyDecorator {
  return (target, key) => {
    Transform(({ value }: { readonly value: unknown }) => (typeof value === 'string' ? value.trim() : value))(
      target,
      key,
    );
    IsString({ message })(target, key);
    Length(1, most, { message })(target, key);
    Matches(/\S/, { message })(target, key);
  };
}

/** A field that is a body of its own; `message` is the sentence for whatever is none. */
export function Nested(type: () => new () => object, message: string): PropertyDecorator {
  return (target, key) => {
    IsObject({ message })(target, key);
    ValidateNested()(target, key);
    Type(type)(target, key);
  };
}

/** A day of the calendar, as 2026-11-24. */
export const IsDay = (message: string): PropertyDecorator =>
  ValidateBy({ name: 'isDay', validator: { validate: isDay } }, { message });

/** A moment with its zone, as 2026-11-24T08:00:00Z. */
export const IsMoment = (message: string): PropertyDecorator =>
  ValidateBy({ name: 'isMoment', validator: { validate: isMoment } }, { message });

const FARTHEST = 1e9;

const isSide = (side: unknown): boolean =>
  side === null || (typeof side === 'number' && Number.isFinite(side) && Math.abs(side) <= FARTHEST);

/** Two numbers, either of them null where that side is open. */
export const IsWindow = (message: string): PropertyDecorator =>
  ValidateBy(
    {
      name: 'isWindow',
      validator: { validate: (value) => Array.isArray(value) && value.length === 2 && value.every(isSide) },
    },
    { message },
  );

/** Ids with commas between, or nothing. */
export function IsSomeIds(): PropertyDecorator {
  return (target, key) => {
    Optional()(target, key);
    IsString({ message: 'Give the ids with commas between.' })(target, key);
    MaxLength(8000, { message: 'At most two hundred at once.' })(target, key);
  };
}
