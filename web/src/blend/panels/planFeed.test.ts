import { describe, expect, it } from 'vitest';
import { fedAndUnfed, feedJobs, feedOf, firstPlan, HORIZON_D } from './planFeed';

const PLACE = { zone: 'UTC', hours: { from_h: 0, to_h: 24 } };
const need = { daily_mg: 40, lasts_d: 10.6 };
const pot = {
  medium_L: 10,
  water_mL: 5000,
  start_mgL: 42,
  drawdown_mgL: 0,
  uptake_mgLd: 4,
  drained_mLperD: 0,
};

describe('a plan to feed by', () => {
  it.each(['liquid', 'coated', 'top-dress'] as const)(
    '%s begins with what the plant takes, before it is short',
    (kind) => {
      const feed = feedOf(firstPlan(kind, need));
      if (feed === undefined) throw new Error('no feed');
      const { fed, unfed } = fedAndUnfed(pot, feed);
      expect(unfed.short_d).toBe(10);
      expect(fed.short_d ?? HORIZON_D).toBeGreaterThan(60);
      // No more than the plant takes in the time that the feed is for, within a rounded dose.
      expect(fed.left_mg).toBeLessThan(0.25 * fed.given_mg + 420);
    },
  );

  it('is none while a field is empty or makes no sense', () => {
    const plan = firstPlan('liquid', need);
    expect(feedOf({ ...plan, amount: '' })).toBeUndefined();
    expect(feedOf({ ...plan, days: '0.2' })).toBeUndefined();
    expect(feedOf({ ...firstPlan('coated', need), strength: '140' })).toBeUndefined();
  });

  it('puts its next days into Today, with the dose', () => {
    const feed = feedOf({ ...firstPlan('liquid', need), strength: '100', amount: '500', days: '14', first: '3' });
    if (feed === undefined) throw new Error('no feed');
    const now = Date.parse('2026-11-24T09:00:00Z');
    const jobs = feedJobs(feed, fedAndUnfed(pot, feed).fed, 'Tub mix', now, PLACE);
    expect(jobs.slice(0, 2).map(({ at }) => at)).toEqual(['2026-11-27T09:00:00.000Z', '2026-12-11T09:00:00.000Z']);
    expect(jobs[0]).toMatchObject({ what: 'Feed 500 mL a pot at 100 mg/L N', where: 'Tub mix' });
    expect(jobs).toHaveLength(8);
    const slow = feedOf(firstPlan('top-dress', need));
    if (slow === undefined) throw new Error('no feed');
    expect(feedJobs(slow, fedAndUnfed(pot, slow).fed, 'Tub mix', now, PLACE)).toHaveLength(1);
  });
});
