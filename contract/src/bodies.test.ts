import { getMetadataStorage, validateSync } from 'class-validator';
import { describe, expect, it } from 'vitest';
import * as contract from '.';

type Body = new () => object;

/** Every body that the server takes: what of the contract is a class with rules. */
const BODIES = Object.entries(contract as Readonly<Record<string, unknown>>).flatMap(([name, value]) => {
  if (typeof value !== 'function') return [];
  const rules = getMetadataStorage().getTargetValidationMetadatas(value, '', false, false);
  const fields = [...new Set(rules.map(({ propertyName }) => propertyName))];
  return fields.length === 0 ? [] : [{ name, type: value as Body, fields }];
});

/** Fields that may be said to be not known after all. */
const CLEARABLE = new Set([
  ...[
    'classId',
    'source',
    'grade',
    'boughtOn',
    'price',
    'packVolume_L',
    'packWeight_kg',
    'opensTo',
    'opensToBy',
    'state',
    'labelIngredients',
    'labelAnalysis',
  ].flatMap((field) => [`NewLot.${field}`, `EditLot.${field}`]),
  'EditMaterial.classId',
]);

/** The sentence that a field gets for a value, where it gets one. */
function sentenceFor(type: Body, field: string, value: unknown): string | undefined {
  const body = Object.assign(new type(), { [field]: value });
  const finding = validateSync(body, { whitelist: true }).find(({ property }) => property === field);
  return finding === undefined ? undefined : Object.values(finding.constraints ?? {})[0];
}

describe('bodies', () => {
  it('are many', () => {
    expect(BODIES.length).toBeGreaterThan(30);
  });

  it.each(BODIES)('of $name take no null for a value, unless a field may be emptied', ({ name, type, fields }) => {
    const taken = fields.filter((field) => sentenceFor(type, field, null) === undefined);
    expect(taken.filter((field) => !CLEARABLE.has(`${name}.${field}`))).toEqual([]);
  });

  it.each(BODIES)('of $name need what may not be left out', ({ type, fields }) => {
    const rules = getMetadataStorage().getTargetValidationMetadatas(type, '', false, false);
    const isConditional = (field: string): boolean =>
      rules.some((rule) => rule.propertyName === field && rule.type === 'conditionalValidation');
    const needed = fields.filter((field) => !isConditional(field));
    expect(needed.filter((field) => sentenceFor(type, field, undefined) === undefined)).toEqual([]);
  });

  it.each(BODIES)(
    'of $name have a largest number, a longest text and a longest list for every field',
    ({ type, fields }) => {
      const rules = getMetadataStorage().getTargetValidationMetadatas(type, '', false, false);
      const has = (field: string, ...names: string[]): boolean =>
        rules.some((rule) => rule.propertyName === field && names.includes(rule.name ?? ''));
      const endless = fields.filter(
        (field) =>
          (has(field, 'isNumber') &&
            [1e300, [1e300, 1e300]].some((huge) => sentenceFor(type, field, huge) === undefined)) ||
          (has(field, 'isString') && sentenceFor(type, field, 'x'.repeat(100_000)) === undefined) ||
          (has(field, 'isArray') && !has(field, 'arrayMaxSize')),
      );
      expect(endless).toEqual([]);
    },
  );

  it.each(BODIES)('of $name take no spaces for a name', ({ type, fields }) => {
    const rules = getMetadataStorage().getTargetValidationMetadatas(type, '', false, false);
    const worded = fields.filter((field) =>
      rules.some((rule) => rule.propertyName === field && rule.name === 'matches'),
    );
    expect(worded.filter((field) => sentenceFor(type, field, '   ') === undefined)).toEqual([]);
  });

  it.each(BODIES)('of $name refuse what is no value at all, in a sentence for people', ({ type, fields }) => {
    // A symbol is no text, no number, no list and no object of ours; the library's own sentences begin with the field.
    const said = fields.map((field) => [field, sentenceFor(type, field, Symbol('nothing')) ?? 'nothing'] as const);
    expect(said.filter(([, sentence]) => !/^[A-ZÀ-Þ].*[.!?]$/.test(sentence))).toEqual([]);
  });
});
