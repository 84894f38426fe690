import { describe, expect, it } from 'vitest';
import { potAdvice, repotCheck, type DiaryLine, type PotFood } from '.';

const NOW = Date.parse('2026-11-29T08:00:00Z');
const DAY_MS = 24 * 3600 * 1000;
const ago = (days: number): string => new Date(NOW - days * DAY_MS).toISOString();
const seen = (days: number, ...signs: NonNullable<DiaryLine['signs']>): DiaryLine => ({
  at: ago(days),
  kind: 'seen',
  signs,
});
const filled = (days: number): string => ago(days).slice(0, 10);
const acts = (diary: DiaryLine[], more: object = {}) =>
  potAdvice({ filledOn: filled(90), diary, ...more }, NOW).map(({ act }) => act);
const food = (more: Partial<PotFood>): { food: PotFood } => ({
  food: { left_mgL: 20, uptake_mgLd: 4, drainedShare: 0.2, feeds: 0, ...more },
});

describe('touch it or not', () => {
  it('leaves a pot alone of which nothing is known that asks for a hand', () => {
    expect(acts([])).toEqual(['leave-alone']);
    expect(acts([seen(2, 'healthy')])).toEqual(['leave-alone']);
  });

  it('discards for disease and cleans what touched it, on the evidence of that line; not once it was seen healthy', () => {
    const line = seen(5, 'diseased');
    const found = potAdvice({ filledOn: filled(90), diary: [line] }, NOW);
    expect(found.map(({ act, evidence }) => [act, evidence])).toEqual([
      ['discard', [line]],
      ['sterilise', [line]],
    ]);
    expect(acts([line, seen(1, 'healthy')])).toEqual(['leave-alone']);
    expect(acts([line, seen(9, 'healthy')])).toEqual(['discard', 'sterilise']);
  });

  it('forgets what was seen more than two months ago', () => {
    expect(acts([seen(61, 'crust')])).toEqual(['leave-alone']);
    expect(acts([seen(59, 'crust')])).toEqual(['rinse']);
  });

  it('repots what fills its pot, until somebody did or found room', () => {
    expect(acts([seen(3, 'root-bound')])).toEqual(['repot']);
    expect(acts([seen(3, 'root-bound'), { at: ago(2), kind: 'repotted' }])).toEqual(['leave-alone']);
    expect(acts([seen(3, 'root-bound'), seen(2, 'roots-free')])).toEqual(['leave-alone']);
  });

  it('rinses where it was fed often and nearly nothing ran through', () => {
    expect(acts([], food({ feeds: 3, drainedShare: 0.04 }))).toEqual(['rinse']);
    expect(acts([], food({ feeds: 2, drainedShare: 0.04 }))).toEqual(['leave-alone']);
    expect(acts([], food({ feeds: 3, drainedShare: 0.06 }))).toEqual(['leave-alone']);
  });

  it('feeds before the nitrogen ends, and a pale plant whose food nobody knows', () => {
    const [feed] = potAdvice({ filledOn: filled(90), diary: [], ...food({ short_ms: NOW + 3 * DAY_MS }) }, NOW);
    expect(feed).toMatchObject({ act: 'feed', at_ms: NOW + 3 * DAY_MS });
    expect(acts([], food({ short_ms: NOW + 30 * DAY_MS }))).toEqual(['leave-alone']);
    expect(acts([seen(3, 'pale')])).toEqual(['feed']);
  });

  it('tops up what has lost a tenth, and looks at what is off its curve', () => {
    expect(acts([], { settled: { topUp_cm: 2.5, depth_cm: 20 } })).toEqual(['top-up']);
    expect(acts([], { settled: { topUp_cm: 1.5, depth_cm: 20 } })).toEqual(['leave-alone']);
    const checks = [{ code: 'fast', severity: 'caution' as const, message: 'It dries faster than it did.' }];
    expect(potAdvice({ filledOn: filled(9), diary: [], taught: { checks } }, NOW)).toEqual([
      { act: 'look', message: 'It dries faster than it did.', evidence: [] },
    ]);
  });
});

describe('a pot that is to be repotted', () => {
  const check = (days: number, diary: DiaryLine[] = []) => repotCheck({ filledOn: filled(days), diary }, NOW)?.code;

  it('is asked about within six months of the last time', () => {
    expect(check(170)).toBe('soon');
    expect(check(190)).toBeUndefined();
    expect(check(400, [{ at: ago(100), kind: 'repotted' }])).toBe('soon');
    expect(repotCheck({ filledOn: filled(92), diary: [] }, NOW)?.message).toMatch(/^It was filled 3 months ago/);
  });

  it('is not asked about where its roots fill it or it is ill, and is where it is well', () => {
    expect(check(60, [seen(3, 'root-bound')])).toBeUndefined();
    expect(check(60, [seen(3, 'diseased')])).toBeUndefined();
    expect(check(300, [seen(3, 'healthy', 'roots-free')])).toBe('well');
    expect(check(300, [seen(3, 'pale')])).toBeUndefined();
  });
});
