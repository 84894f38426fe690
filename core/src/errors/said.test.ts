import { describe, expect, it } from 'vitest';
import { PROTOCOLS } from '../protocols';
import { contradicts, readingRefusal, reduceRun } from '../runs';
import { PUMICE_SHEET, runOf } from '../testing/sampleLot';
import { said } from '.';

/** A number that nobody would say as it is. */
const LONG = /\d\.\d{6,}/;

describe('a number in a sentence', () => {
  it('is said with the digits that somebody read, not with those of a sum', () => {
    expect(said(455.3 + 30.1)).toBe('485.4');
    expect(said(312.4)).toBe('312.4');
    expect(said(11 * 28.349523125)).toBe('311.8448');
    expect(said(50000)).toBe('50000');
    expect(said(-0.05)).toBe('-0.05');
  });

  it.each(PROTOCOLS)('is short wherever $key refuses one', (protocol) => {
    for (const { key: step, bounds } of protocol.steps)
      for (const value of [bounds[1] + 1 / 3, bounds[0] - 1 / 3])
        expect(readingRefusal(protocol, { step, value }) ?? '').not.toMatch(LONG);
  });

  it.each([
    { saturated: [300 + 1 / 3, 1539.2, 1545.1] },
    { drained: [1600 + 1 / 3, 1153.1, 1161.4] },
    { collected: [100 + 1 / 3, 384, 382] },
    { dry: [530.2, 900 + 1 / 3, 533] },
    { dryTray: [20, 600 + 1 / 7, 20] },
    { dryAgain: [500 + 1 / 3, 527, 533] },
    { filled: [200 + 1 / 3, 902.2, 899] },
  ])('is short in every check of a sheet that is wrong: %o', (wrong) => {
    const run = runOf('saturate-drain-dry', { ...PUMICE_SHEET, ...wrong });
    const { checks } = reduceRun(run);
    expect(checks.length).toBeGreaterThan(0);
    for (const { message } of checks) expect(message).not.toMatch(LONG);
  });

  it('is short where a reading cannot be true', () => {
    const run = runOf('kitchen-form', { added: [455] });
    const sentence = contradicts(run, {
      id: 'x',
      replicate: 0,
      step: 'collected',
      value: 4200 + 1 / 3,
      takenAt: '2026-11-20T09:00:00Z',
    });
    expect(sentence).toMatch(/^4200\.333 mL is more than the whole of A/);
  });
});
