import { describe, expect, it } from 'vitest';
import { waterViscosity } from '../water';
import { conductivity, drainage, drainClass } from '.';

const curve = (v: number, tau: number, beta: number, times: readonly number[]) =>
  times.map((t_s) => ({ t_s, drained_mL: v * (1 - Math.exp(-((t_s / tau) ** beta))) }));

describe('the drain curve', () => {
  it.each([
    [300, 60, 1],
    [382, 25, 0.6],
    [150, 900, 1.4],
  ])('recovers V %s mL, tau %s s, beta %s', (v, tau, beta) => {
    const result = drainage({
      readings: curve(
        v,
        tau,
        beta,
        [0, 0.1, 0.3, 0.6, 1, 2, 4, 8].map((share) => share * tau),
      ),
    });
    expect(result.vInf_mL / v).toBeCloseTo(1, 5);
    expect(result.tau_s / tau).toBeCloseTo(1, 5);
    expect(result.beta / beta).toBeCloseTo(1, 5);
    expect(result.rmse_mL).toBeLessThan(1e-5);
  });

  it('refuses numbers that no curve can be fitted to, instead of ending anywhere', () => {
    const readings = [1, 2, 3, 4].map((t_s) => ({ t_s, drained_mL: 1e300 * t_s }));
    expect(() => drainage({ readings })).toThrow(/invalid readings: these numbers are too large/);
  });

  it('has the times worked out by hand: tau ln 2 and tau ln 10 where beta is 1', () => {
    const { t50_s, t90_s } = drainage({ readings: curve(300, 60, 1, [10, 30, 60, 120, 300, 600]) });
    expect(t50_s).toBeCloseTo(60 * Math.LN2, 3);
    expect(t90_s).toBeCloseTo(60 * Math.log(10), 3);
  });

  it('has half and nine tenths of its water out at its times, whatever its shape', () => {
    for (const beta of [0.6, 1.4]) {
      const { t50_s, t90_s } = drainage({ readings: curve(300, 60, beta, [5, 15, 30, 60, 120, 300, 900]) });
      const [half, most] = curve(300, 60, beta, [t50_s, t90_s]);
      expect(half?.drained_mL).toBeCloseTo(150, 3);
      expect(most?.drained_mL).toBeCloseTo(270, 3);
    }
  });

  it.each([
    [119.9, 'quick'],
    [120, 'moderate'],
    [600, 'moderate'],
    [600.1, 'slow'],
    [3600, 'slow'],
    [3601, 'very slow'],
  ])('t90 of %s s is %s', (t90, expected) => {
    expect(drainClass(t90)).toBe(expected);
  });

  it.each([
    [
      'two readings',
      [
        { t_s: 1, drained_mL: 1 },
        { t_s: 2, drained_mL: 2 },
      ],
      /invalid readings:/,
    ],
    ['time going back', curve(300, 60, 1, [10, 60, 30]), /readings\[2\]\.t_s/],
    [
      'drainage going back',
      [
        { t_s: 1, drained_mL: 5 },
        { t_s: 2, drained_mL: 4 },
        { t_s: 3, drained_mL: 6 },
      ],
      /readings\[1\]\.drained_mL/,
    ],
    ['nothing drained', curve(0, 60, 1, [10, 20, 30]), /nothing drained/],
  ])('refuses %s', (_, readings, message) => {
    expect(() => drainage({ readings })).toThrow(message);
  });
});

describe('saturated conductivity', () => {
  const constant = {
    method: 'constant',
    volume_mL: 100,
    length_cm: 10,
    area_cm2: 20,
    time_s: 50,
    headDifference_cm: 5,
    waterTemp_C: 20,
  } as const;
  const falling = {
    method: 'falling',
    tubeArea_cm2: 2,
    area_cm2: 20,
    length_cm: 10,
    time_s: 30,
    head1_cm: 40,
    head2_cm: 20,
    waterTemp_C: 20,
  } as const;

  it('is 0.2 cm/s for 2 mL/s through 10 cm and 20 cm2 at 5 cm', () => {
    expect(conductivity(constant).k_cms).toBeCloseTo(0.2, 12);
  });

  it('is a L/(A t) ln 2 where the head halves', () => {
    expect(conductivity(falling).k_cms).toBeCloseTo(((2 * 10) / (20 * 30)) * Math.LN2, 12);
  });

  it('is brought to 20 degC: cold water is thicker', () => {
    const { k_cms, k20_cms } = conductivity({ ...constant, waterTemp_C: 10 });
    expect(k20_cms / k_cms).toBeCloseTo(waterViscosity(10) / 1.002, 12);
    expect(conductivity(constant).k20_cms).toBeCloseTo(0.2, 12);
  });

  it('refuses a head that does not fall, and an area of zero', () => {
    expect(() => conductivity({ ...falling, head2_cm: 40 })).toThrow(/head2_cm/);
    expect(() => conductivity({ ...constant, area_cm2: 0 })).toThrow(/area_cm2/);
  });
});
