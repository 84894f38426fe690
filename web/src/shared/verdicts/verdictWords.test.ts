import { VERDICT_TABLE, verdictsFor, type Condition, type Found, type Verdict, type VerdictUse } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { foundWords, judgedName, limitWords, tooMuchWords, unlessWords } from './verdictWords';

const judge = (found: Found, use: VerdictUse, conditions: readonly Condition[] = []): Verdict =>
  verdictsFor({ lines: VERDICT_TABLE, use, conditions, found: [found], materialClass: 'loam' }).verdicts[0] as Verdict;

describe('a verdict in words', () => {
  it('names what was found: a number with its unit, a class by its word', () => {
    expect(foundWords(judge({ property: 'ec_dSm', mean: 1.3 }, 'seed'))).toBe('1.30 dS/m');
    expect(foundWords(judge({ property: 'floating', mean: 0.2 }, 'seed'))).toBe('0.20');
    expect(foundWords(judge({ property: 'smell', mean: 3, seen: [3] }, 'seed'))).toBe('sour');
    expect(judgedName('maturity')).toBe('Maturity');
    expect(judgedName('smell')).toBe('Smell');
  });

  it('says what would turn it, the same turn once', () => {
    const grit: Found = { property: 'palmGrit', mean: 2, seen: [2] };
    expect(unlessWords(judge(grit, 'bed'))).toBe('Good where the ground is wet or clay lies below.');
    expect(unlessWords(judge(grit, 'bed', ['clayBelow']))).toBe('Here because clay lies below; otherwise not.');
    expect(unlessWords(judge({ property: 'ec_dSm', mean: 0.1 }, 'seed'))).toBe('');
  });

  it('says how much a mix may have, and from when on', () => {
    expect(limitWords(judge({ property: 'ec_dSm', mean: 1 }, 'seed'))).toBe('From the rooted cutting on.');
    expect(limitWords(judge({ property: 'ec_dSm', mean: 0.1 }, 'seed'))).toBe('');
    const line = VERDICT_TABLE.find(({ id }) => id === 'maturity.containers.2');
    const verdict: Verdict = {
      property: 'maturity',
      value: 1,
      word: 'curing',
      says: 'bearable',
      line: line as Verdict['line'],
    };
    expect(limitWords(verdict)).toBe('At most 10 % of a mix, for established plants only.');
    expect(tooMuchWords(verdict, 0.25)).toBe('25 % of the mix is more than the 10 % that it may be.');
  });
});
