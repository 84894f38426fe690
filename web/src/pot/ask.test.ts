import type { WateringPlan } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { askOf, planOf, planText, writeAsk, type PotAsk } from './ask';

const of = (text: string): PotAsk => askOf(new URLSearchParams(text));

describe('what is asked of a pot, in an address', () => {
  it.each<WateringPlan>([
    { kind: 'every', every_d: 2 },
    { kind: 'every', every_d: 7, volume_mL: 500 },
    { kind: 'weekdays', on: [0, 2, 4] },
    { kind: 'weekdays', on: [6], volume_mL: 250 },
    { kind: 'when-dry', below: 0.65 },
    { kind: 'drip', hours: 4 },
    { kind: 'drip', hours: 4, day_mL: 200 },
    { kind: 'from-below', every_d: 3, level_cm: 2, hours: 1 },
    { kind: 'none' },
  ])('waters as it was told: %j', (plan) => {
    expect(planOf(planText(plan))).toEqual(plan);
  });

  it.each([
    null,
    '',
    'now',
    'every',
    'weekdays:',
    'weekdays:789',
    'every:0',
    'every:x',
    'when-dry:2',
    'drip:',
    'from-below:1:2',
  ])('takes no plan that is none: %j', (text) => {
    expect(planOf(text)).toBeUndefined();
    expect(of(text === null ? '' : `water=${text}`).plan).toEqual({ kind: 'every', every_d: 2 });
  });

  it('comes back as it went', () => {
    const ask: PotAsk = {
      compare: 'depths',
      below: 'clay',
      below_cm: 60,
      netted: true,
      top: { key: 'grit', deep_cm: 2 },
      mulched: true,
      clay: true,
      stand: 'wind',
      at: { placeId: '0190a000-0000-7000-8000-000000000001', month: 6 },
      mmPerD: 3.5,
      plan: { kind: 'none' },
      also: { kind: 'weekdays', on: [6], volume_mL: 900 },
      needs: 'bog',
      rooted_percent: 50,
      days: 28,
    };
    expect(askOf(writeAsk(new URLSearchParams('pot=25'), ask))).toEqual(ask);
    expect(writeAsk(new URLSearchParams('pot=25'), ask).get('pot')).toBe('25');
  });

  it('leaves out what is as usual', () => {
    expect(writeAsk(new URLSearchParams('stand=wind&vs=wall&also=every:7'), of('')).toString()).toBe('');
    expect(
      of('below=lava&vs=gravel&stand=moon&days=1e9&mm=-1&at=here:13&also=never&top=gold:2&net=no&plant=stone&roots=0'),
    ).toEqual(of(''));
  });
});
