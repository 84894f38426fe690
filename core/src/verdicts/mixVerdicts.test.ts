import { describe, expect, it } from 'vitest';
import { mixVerdicts, VERDICT_TABLE, type Found, type MixPart } from '.';

const manure = (share: number, heating: number): MixPart => ({
  name: 'Stable manure',
  share,
  materialClass: 'compost-manure',
  found: [
    { property: 'heating_C', mean: heating },
    { property: 'bagSmell', mean: 0, seen: [0] },
    { property: 'cressBeside', mean: 1 },
    // Salt of a part is thinned by the others: the whole is judged by what is predicted.
    { property: 'ec_dSm', mean: 6 },
    { property: 'weedsPerL', mean: 8 },
  ],
});
const bark: MixPart = { name: 'Bark', share: 0.8, found: [], materialClass: 'bark-graded' };
const judge = (parts: readonly MixPart[], predicted: readonly Found[] = []) =>
  mixVerdicts({ lines: VERDICT_TABLE, use: 'containers', parts, predicted });

describe('verdicts of a mix', () => {
  it('allow a ripe manure up to a third, a curing one a tenth, a raw one not at all', () => {
    const said = (share: number, heating: number) => judge([manure(share, heating), bark]).parts[0]?.verdicts[0];
    expect(said(0.33, 0)).toMatchObject({ says: 'good' });
    expect(said(0.34, 0)).toMatchObject({ says: 'not', tooMuch: true, word: 'ripe' });
    expect(said(0.1, 5)).toMatchObject({ says: 'bearable' });
    expect(said(0.11, 5)).toMatchObject({ says: 'not', tooMuch: true });
    expect(said(0.01, 20)).toMatchObject({ says: 'not', word: 'raw' });
    expect(said(0.01, 20)?.tooMuch).toBeUndefined();
  });

  it('judge salt by the whole and weeds by what the parts bring', () => {
    const { whole, weedsUnknown, parts } = judge([manure(0.2, 0), bark], [{ property: 'ec_dSm', mean: 1.3 }]);
    expect(whole.verdicts.map(({ property, says, value }) => [property, says, value])).toEqual([
      ['ec_dSm', 'bearable', 1.3],
      ['weedsPerL', 'bearable', 1.6],
    ]);
    expect(weedsUnknown).toEqual(['Bark']);
    expect(parts.map(({ name }) => name)).toEqual(['Stable manure']);
    expect(parts[0]?.verdicts.map(({ property }) => property)).toEqual(['maturity']);
  });

  it('say nothing where nothing was found', () => {
    expect(judge([bark])).toMatchObject({ whole: { verdicts: [] }, parts: [], weedsUnknown: [] });
  });
});
