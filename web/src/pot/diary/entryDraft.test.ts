import { describe, expect, it } from 'vitest';
import { emptyDraft, readEntry, type EntryDraft } from './entryDraft';

const NOW = Date.parse('2026-11-29T12:00:00Z');
const now = { now_ms: NOW, zone: 'UTC', shape: { height_cm: 20 } };
const read = (kind: EntryDraft['kind'], fields: Partial<EntryDraft> = {}) =>
  readEntry({ ...emptyDraft(kind), ...fields }, now);

describe('a line as its fields say it', () => {
  it.each<[EntryDraft['kind'], Partial<EntryDraft>, object]>([
    ['watered', {}, {}],
    ['watered', { volume: '1.5 L' }, { volume_mL: 1500 }],
    ['weighed', { mass: '2,5 kg' }, { mass_g: 2500 }],
    ['depth', { depth: '18' }, { depth_cm: 18 }],
    ['topped-up', { depth: '19.5', words: ' compost ' }, { depth_cm: 19.5, words: 'compost' }],
    ['fed', { strength: '100', volume: '500' }, { feed: { n_mgL: 100 }, volume_mL: 500 }],
    ['fed', { words: 'a spoon' }, { words: 'a spoon' }],
    [
      'fed',
      { feedAs: 'lasting', grams: '20', percent: '12', lasts: '120' },
      { feed: { g: 20, n_percent: 12, lasts_d: 120 } },
    ],
    [
      'poured',
      { volume: '400', firstDrip: '12.5', runoff: '0' },
      { volume_mL: 400, pour: { moisture: 'moist', firstDrip_s: 12.5, runoff_mL: 0 } },
    ],
    ['moved', { stand: 'glass' }, { stand: 'glass' }],
    ['moved', {}, {}],
    ['seen', { signs: ['pale', 'crust'] }, { signs: ['pale', 'crust'] }],
    ['repotted', {}, {}],
    [
      'repotted',
      { medium: 'blend:b1', shape: { height_cm: 40 }, depth: '38' },
      { mediumKind: 'blend', mediumId: 'b1', shape: { height_cm: 40 }, depth_cm: 38 },
    ],
    ['emptied', {}, {}],
  ])('%s with %j', (kind, fields, said) => {
    expect(read(kind, fields)).toEqual({ at: '2026-11-29T12:00:00.000Z', kind, ...said });
  });

  it.each<[EntryDraft['kind'], Partial<EntryDraft>, RegExp]>([
    ['watered', { volume: '0' }, /^The water: type a number above 0/],
    ['weighed', {}, /^The weight: type/],
    ['weighed', { mass: 'heavy' }, /^The weight: type/],
    ['depth', { depth: '21' }, /deeper than the pot/],
    ['repotted', { depth: '21' }, /deeper than the pot/],
    ['fed', { strength: 'much' }, /^The nitrogen: type/],
    ['poured', { firstDrip: '12' }, /^What was poured on: type/],
    ['poured', { volume: '400', lastDrip: '-3' }, /^The last drip: type a number, 0 or more/],
    ['seen', {}, /^Say what was seen/],
    ['seen', { words: 'buds', when: 'some day' }, /^Write the time as/],
  ])('%s with %j is unclear', (kind, fields, sentence) => {
    expect(read(kind, fields)).toMatch(sentence);
  });

  it('is of the time that was written', () => {
    expect(read('watered', { when: 'yesterday 16:40' })).toMatchObject({ at: '2026-11-28T16:40:00.000Z' });
  });
});
