import { describe, expect, it } from 'vitest';
import type { CoreError } from '../errors';
import { PROPERTIES, type PropertyKey } from '../properties';
import {
  changedTable,
  maturityOf,
  requireVerdictChange,
  VERDICT_TABLE,
  VERDICT_USES,
  verdictsFor,
  verdictUseOf,
  type Condition,
  type Found,
  type Judged,
  type VerdictLine,
  type VerdictUse,
} from '.';
import { VERDICT_CASES } from './fixtures/verdictCases';

const lineAt = (property: Judged, use: VerdictUse, value: number): VerdictLine => {
  const found = VERDICT_TABLE.filter(
    (line) =>
      line.property === property &&
      line.use === use &&
      value >= (line.from ?? -Infinity) &&
      value < (line.below ?? Infinity),
  );
  expect(found).toHaveLength(1);
  return found[0] as VerdictLine;
};

const judge = (found: Found, use: VerdictUse, conditions: readonly Condition[] = [], materialClass = 'loam') =>
  verdictsFor({ lines: VERDICT_TABLE, use, conditions, found: [found], materialClass });

describe('the table of verdicts', () => {
  const cases = VERDICT_CASES.flatMap(({ property, uses, cases: all }) =>
    uses.flatMap((use) => all.map(([value, says]) => ({ property, use, value, says }))),
  );

  it.each(cases)('says of $property $value for $use: $says', ({ property, use, value, says }) => {
    expect(lineAt(property, use, value).says).toBe(says);
  });

  it('is tried on both sides of every limit that it has', () => {
    const tried = new Set(cases.map(({ property, use, value }) => lineAt(property, use, value).id));
    expect(VERDICT_TABLE.filter(({ id }) => !tried.has(id)).map(({ id }) => id)).toEqual([]);
  });

  it('names each line once, says why and on what it rests', () => {
    expect(new Set(VERDICT_TABLE.map(({ id }) => id)).size).toBe(VERDICT_TABLE.length);
    for (const { because, basis } of VERDICT_TABLE) {
      expect(because).toMatch(/[.]$/);
      expect(basis).toMatch(/guidance/);
    }
  });

  it('judges only classes that a property has', () => {
    for (const { property, from = 0 } of VERDICT_TABLE) {
      const { classes } = property === 'maturity' ? { classes: ['', '', ''] } : PROPERTIES[property];
      if (classes !== undefined) expect(classes[from]).toBeDefined();
    }
  });

  it('never lets a clear rinse pass for a salt verdict', () => {
    for (const line of VERDICT_TABLE.filter(({ property }) => property === 'rinseColour'))
      expect(line.because).toMatch(/measure the EC/i);
  });
});

describe('a verdict', () => {
  it('of one squeeze is another for another use, and another where a condition holds', () => {
    const ball: Found = { property: 'squeeze', mean: 2, seen: [2], stated: { moisture: 2 } };
    const said = (use: VerdictUse, ...conditions: Condition[]) => judge(ball, use, conditions).overall;
    expect([said('containers'), said('ground'), said('bed')]).toEqual(['not', 'good', 'bearable']);
    expect([said('containers', 'dryClimate'), said('ground', 'wetGround')]).toEqual(['bearable', 'bearable']);
    expect(judge(ball, 'containers', ['dryClimate']).verdicts[0]?.turned).toBe('dryClimate');
  });

  it('of a handful that was squeezed dry or wet is not given, and says what to do', () => {
    for (const [moisture, what] of [
      [0, /moisten it/],
      [3, /let it dry/],
    ] as const) {
      const { verdicts, unsaid, overall } = judge(
        { property: 'squeeze', mean: 1, seen: [1], stated: { moisture } },
        'containers',
      );
      expect(verdicts).toEqual([]);
      expect(overall).toBeUndefined();
      expect(unsaid[0]?.because).toMatch(what);
    }
    expect(judge({ property: 'squeeze', mean: 1, seen: [1], stated: { moisture: 1 } }, 'containers').overall).toBe(
      'good',
    );
  });

  it('goes by the worst class that was seen, not by a mean of names', () => {
    // Earthy and ammonia average to "woody".
    const { verdicts } = judge({ property: 'smell', mean: 2, seen: [0, 4] }, 'containers');
    expect(verdicts).toMatchObject([{ says: 'not', word: 'ammonia' }]);
  });

  it('of what floats is given for what should sink only', () => {
    const floats: Found = { property: 'floating', mean: 0.6 };
    expect(judge(floats, 'containers').overall).toBe('not');
    const perlite = judge(floats, 'containers', [], 'perlite-coarse');
    expect(perlite.verdicts).toEqual([]);
    expect(perlite.unsaid).toHaveLength(1);
  });

  it('takes the newest finding of a property, and puts the worst of all first', () => {
    const { verdicts, overall } = verdictsFor({
      lines: VERDICT_TABLE,
      use: 'seed',
      found: [
        { property: 'ec_dSm', mean: 0.5 },
        { property: 'ec_dSm', mean: 3 },
        { property: 'weedsPerL', mean: 5 },
        { property: 'pests', mean: 1, seen: [1] },
        { property: 'bulkDensity_gcc', mean: 0.2 },
      ],
    });
    expect(verdicts.map(({ property, says }) => [property, says])).toEqual([
      ['weedsPerL', 'not'],
      ['pests', 'bearable'],
      ['ec_dSm', 'good'],
    ]);
    expect(overall).toBe('not');
  });

  it('of grit is turned by wet ground or clay below', () => {
    const grit: Found = { property: 'palmGrit', mean: 2, seen: [2] };
    expect(judge(grit, 'bed').overall).toBe('not');
    expect(judge(grit, 'bed', ['wetGround']).overall).toBe('good');
    expect(judge(grit, 'bed', ['clayBelow']).overall).toBe('good');
    expect(judge(grit, 'bed', ['slowGrower']).overall).toBe('not');
  });

  it('belongs to the use of a target profile', () => {
    expect(verdictUseOf({ id: 'seed-plugs', height_cm: 4 })).toBe('seed');
    expect(verdictUseOf({ id: 'cuttings', height_cm: 8 })).toBe('containers');
    expect(verdictUseOf({ id: 'raised-bed', height_cm: 30 })).toBe('bed');
    expect(verdictUseOf({ id: 'of my own', height_cm: 4.5 })).toBe('seed');
  });
});

describe('the stage of a compost', () => {
  const stage = (found: Partial<Record<PropertyKey, number>>) =>
    maturityOf(new Map(Object.entries(found) as [PropertyKey, number][]));
  const ripe = { heating_C: 1, recognisable: 0, bagSmell: 0, cressBeside: 0.95, smell: 0 };

  it('is ripe where all that was found says so, raw or curing by the least ripe', () => {
    expect(stage(ripe)?.stage).toBe('ripe');
    expect(stage({ ...ripe, heating_C: 2.9 })?.stage).toBe('ripe');
    expect(stage({ ...ripe, heating_C: 3 })?.stage).toBe('curing');
    expect(stage({ ...ripe, heating_C: 9.9 })?.stage).toBe('curing');
    expect(stage({ ...ripe, heating_C: 10 })?.stage).toBe('raw');
    expect(stage({ ...ripe, cressBeside: 0.9 })?.stage).toBe('ripe');
    expect(stage({ ...ripe, cressBeside: 0.89 })?.stage).toBe('curing');
    expect(stage({ ...ripe, cressBeside: 0.7 })?.stage).toBe('curing');
    expect(stage({ ...ripe, cressBeside: 0.69 })?.stage).toBe('raw');
    expect(stage({ ...ripe, bagSmell: 1 })?.stage).toBe('curing');
    expect(stage({ ...ripe, bagSmell: 2 })?.stage).toBe('raw');
    expect(stage({ ...ripe, smell: 4 })?.stage).toBe('raw');
    expect(stage({ ...ripe, smell: 3 })?.stage).toBe('curing');
  });

  it('is never raw for bits alone: straw shows for long', () => {
    expect(stage({ ...ripe, recognisable: 2 })?.stage).toBe('curing');
  });

  it('is not called ripe on little evidence, but raw on one finding', () => {
    expect(stage({ heating_C: 1, recognisable: 0 })).toMatchObject({ wanted: ['bagSmell', 'cressBeside', 'smell'] });
    expect(stage({ heating_C: 1, recognisable: 0 })?.stage).toBeUndefined();
    expect(stage({ heating_C: 1, recognisable: 0, smell: 0 })?.stage).toBeUndefined();
    expect(stage({ heating_C: 15 })?.stage).toBe('raw');
  });

  it('is no question for what was only smelt', () => {
    expect(stage({ smell: 0, recognisable: 0 })).toBeUndefined();
  });

  it('is judged for a use, with the share that it may have and from when on', () => {
    const { verdicts, maturity } = verdictsFor({
      lines: VERDICT_TABLE,
      use: 'containers',
      found: (Object.entries({ ...ripe, heating_C: 5 }) as [PropertyKey, number][]).map(([property, mean]) => ({
        property,
        mean,
      })),
    });
    expect(maturity?.stage).toBe('curing');
    expect(verdicts[0]).toMatchObject({
      property: 'maturity',
      word: 'curing',
      says: 'bearable',
      line: { share: 0.1, stage: 'established' },
    });
  });
});

describe('a table that a lead has changed', () => {
  const limit = VERDICT_TABLE.find(({ id }) => id === 'weedsPerL.seed.2') as VerdictLine;
  const change = { id: limit.id, from: 1, says: limit.says, because: 'A weed a litre is one too many here.' };

  it('begins a line elsewhere and ends the one before it there', () => {
    const lines = changedTable([change]);
    const found = (value: number) =>
      verdictsFor({ lines, use: 'seed', found: [{ property: 'weedsPerL', mean: value }] }).verdicts[0];
    expect(found(0.9)?.says).toBe('good');
    expect(found(1)).toMatchObject({ says: 'bearable', line: { because: change.because } });
    expect(lines).toHaveLength(VERDICT_TABLE.length);
  });

  it('takes no line past its neighbours, and none that does not ship', () => {
    const refused = (one: Parameters<typeof requireVerdictChange>[1]) => {
      try {
        requireVerdictChange([], one);
      } catch (error) {
        return (error as CoreError).message;
      }
      return undefined;
    };
    expect(refused(change)).toBeUndefined();
    expect(refused({ ...change, from: 2 })).toMatch(/above the one before/);
    expect(refused({ ...change, id: 'weedsPerL.seed.1', from: 0 })).toMatch(/first line/);
    expect(refused({ ...change, id: 'weedsPerL.roof.1' })).toMatch(/no such line/);
  });

  it('may be parted by lines of the notebook’s own, in any order', () => {
    const own = (place: string, from: number, says: 'good' | 'bearable' | 'not') => ({
      id: `weedsPerL.seed.own-${place}`,
      from,
      says,
      because: `from ${String(from)}`,
    });
    const lines = changedTable([own('00000002', 1.2, 'not'), change, own('00000001', 0.4, 'bearable')]);
    const weeds = lines.filter(({ property, use }) => property === 'weedsPerL' && use === 'seed');
    expect(weeds.slice(0, 4).map(({ from, below }) => [from, below])).toEqual([
      [undefined, 0.4],
      [0.4, 1],
      [1, 1.2],
      [1.2, 2],
    ]);
    expect(weeds[1]).toMatchObject({ says: 'bearable', basis: 'a line of this notebook’s own' });
    expect(lines).toHaveLength(VERDICT_TABLE.length + 2);
  });

  it.each([
    ['weedsPerL.seed.own-00000001', undefined, /say where the line begins/],
    ['weedsPerL.seed.own-00000001', 1, /above the one before/],
    ['squeeze.seed.own-00000001', 1.5, /between classes/],
    ['weedsPerL.roof.own-00000001', 1, /no such line/],
    ['weedsPerL.seed.own-1', 1, /no such line/],
  ])('refuses %s from %s', (id, from, why) => {
    const wrong = { id, from, says: 'not' as const, because: 'so' };
    expect(() => {
      requireVerdictChange([change], wrong);
    }).toThrow(why);
  });

  it('keeps every property and use', () => {
    expect(new Set(changedTable([change]).map(({ use }) => use)).size).toBe(VERDICT_USES.length);
  });
});
