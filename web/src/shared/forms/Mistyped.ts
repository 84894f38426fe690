import { readTyped } from '../units/mine';
import { unitOfField } from './unitOfField';

/** What was typed into a field cannot be read; the sentence says why. */
export class Mistyped extends Error {
  constructor(
    readonly field: string,
    sentence: string,
  ) {
    super(sentence);
    this.name = 'Mistyped';
  }
}

/** A number that was typed into a field, in any unit of what the field's name says that it is kept in. */
export function typedNumber(text: string, field: string): number {
  const { number: typed } = readTyped(text, unitOfField(field) ?? '');
  if (typed.kind === 'number') return typed.value;
  if (typed.kind === 'ask')
    throw new Mistyped(
      field,
      `Is ${text} ${String(typed.asDecimal)} or ${String(typed.asThousands)}? Type it with a point or without.`,
    );
  throw new Mistyped(field, typed.sentence);
}

/** A number that may be left out, under its key. */
export const maybeNumber = <K extends string>(text: string, key: K): Partial<Record<K, number>> =>
  text.trim() === '' ? {} : ({ [key]: typedNumber(text, key) } as Record<K, number>);

/** Words that may be left out, under their key. */
export const maybeWords = <K extends string>(text: string, key: K): Partial<Record<K, string>> =>
  text.trim() === '' ? {} : ({ [key]: text.trim() } as Record<K, string>);
