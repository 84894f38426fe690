import { describe, expect, it } from 'vitest';
import { changeSaid, partSaid, placeOfChange } from './changes';
import { fieldSaid, valueSaid } from './editedFields';

describe('an edited field', () => {
  it.each([
    ['lots.pack_volume_l', 'pack, L'],
    ['users.role', 'role'],
    ['notebook.handfuls.bone-meal', /^a handful of bone meal.*, g$/i],
    ['some.thing_new', 'some.thing_new'],
  ])('%s is called', (field, words) => {
    expect(fieldSaid(field)).toMatch(words);
  });

  it.each([
    ['materials.class_id', 'perlite-coarse', /perlite/i],
    ['lots.class_id', 'nothing-known', 'nothing-known'],
    ['users.role', 'panellist', 'panellist'],
    ['places.windy', 'true', 'yes'],
    ['lots.code', 'false alarm', 'false alarm'],
  ])('%s of %s is said', (field, value, words) => {
    expect(valueSaid(field, value)).toMatch(words);
  });

  it('of a trial is told in words: which difference, and what of it', () => {
    const row = { kind: 'difference-settled', part: 'sownOn' } as const;
    expect(partSaid(row)).toBe('day of sowing');
    expect(changeSaid(row, 'accepted', '£')).toBe('it is accepted');
    expect(partSaid({ kind: 'plot-out', part: '18' })).toBe('18');
  });

  it('is no version, though it is a number', () => {
    expect(changeSaid({ kind: 'edited', field: 'lots.pack_volume_l' }, '50', '£')).toBe('50');
    expect(changeSaid({ kind: 'version' }, '2', '£')).toBe('version 2');
    expect(changeSaid({ kind: 'price' }, '9.49', '£')).toBe('£9.49');
    expect(changeSaid({ kind: 'edited', field: 'lots.price' }, '9.4', '€')).toBe('€9.4');
  });

  it('leads to its thing', () => {
    expect(placeOfChange({ of: { kind: 'pot', id: 'p' }, title: 'Bay' })).toBe('/pot/diary/p');
    expect(placeOfChange({ of: { kind: 'person', id: 'u' }, title: 'Wilf' })).toBe('/you');
    expect(placeOfChange({ of: { kind: 'material', id: 'm' }, title: 'Bark & grit' })).toBe(
      '/shelf?find=Bark%20%26%20grit',
    );
  });
});
