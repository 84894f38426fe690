import { columnOf, POT_SETUP, watchPotSteps, type PotSetup, type WatchedPot } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { courseCsv } from './courseCsv';
import { momentSaid, planSaid, potSentence, weekOf } from './told';

const setup = (over: Partial<PotSetup> = {}): PotSetup => ({
  container: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 },
  medium: { retention: { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.3, n: 1.8 }, ks_cms: 0.05 },
  stand: 'glass',
  plan: { kind: 'every', every_d: 1 },
  days: 2,
  cells: 12,
  ...over,
});
function watch(one: PotSetup): WatchedPot {
  const steps = watchPotSteps(columnOf(one));
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
  }
}
const said = (over: Partial<PotSetup>): string => potSentence(setup(over), watch(setup(over)));
const FINE = { retention: { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.02, n: 2 }, ks_cms: 0.02 };

describe('what a pot does, in a sentence', () => {
  it('is that nothing is amiss', () => {
    expect(said({})).toBe('Watered daily, glasshouse in summer, it has air and easy water at all hours.');
  });

  it('is where it is too wet, and for how long', () => {
    expect(said({ medium: FINE })).toMatch(
      /^Watered daily, .* it stands under 10 % air for 24 h of 24 in its lowest third/,
    );
    expect(said({ medium: FINE })).toMatch(/, and among its roots, as a mean, for \d+ h\.$/);
  });

  it('is from when on it is dry, where nobody waters', () => {
    expect(said({ plan: { kind: 'none' }, days: 20, stand: 'wind' })).toMatch(
      /^Not watered, terrace in wind, its roots lack easy water from day \d+ on\.$/,
    );
  });

  it.each([
    [{ kind: 'every', every_d: 7 }, 'Watered weekly'],
    [{ kind: 'every', every_d: 2.5 }, 'Watered every 2.5 days'],
    [{ kind: 'when-dry', below: 0.6 }, 'Watered when it is down to 60 % of what it holds'],
    [{ kind: 'drip', hours: 4 }, 'Dripped on for 4 h a day'],
    [{ kind: 'from-below', every_d: 3, level_cm: 2, hours: 1 }, 'Watered every 3 days from below'],
  ] as const)('says how it is watered: %j', (plan, words) => {
    expect(planSaid(plan)).toBe(words);
  });
});

describe('the course of a pot', () => {
  it('has its week without the day in which it was soaked', () => {
    const pot = watch(setup({ days: 3 }));
    const [day, end] = [pot.added_mL[24] as number, pot.added_mL[72] as number];
    expect(weekOf(pot, pot.added_mL)).toBeCloseTo(((end - day) / 2) * 7, 6);
    const short = watch(setup({ days: 1 }));
    expect(weekOf(short, short.added_mL)).toBeCloseTo(7 * (short.added_mL[24] as number), 6);
  });

  it('names its hours', () => {
    expect(momentSaid(1)).toBe('day 2, 00:00');
    expect(momentSaid(0.5)).toBe('day 1, 12:00');
    expect(momentSaid(13 / 24)).toBe('day 1, 13:00');
  });

  it('is a table, hour by hour', () => {
    const [heads, first, ...rest] = courseCsv(watch(setup())).trim().split('\r\n');
    expect(heads).toBe('day,stored_mL,air,suction_cm,drained_mL,used_mL,given_mL,ran_over_mL');
    expect(first?.split(',')).toHaveLength(8);
    expect(rest).toHaveLength(48);
    expect(POT_SETUP.water_h).toBe(8);
  });
});
