import { columnOf, watchPotSteps, type PotSetup } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import type { ChartInk } from '../shared/chart/ink';
import { AIR_STEPS, fieldChart, mixed, patchesOf, stripsOf } from './charts';

const ink = { paper: 'rgb(255, 255, 255)', waterInk: 'rgb(0, 80, 120)', ink: 'rgb(0, 0, 0)' } as ChartInk;
const setup: PotSetup = {
  container: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 },
  medium: { retention: { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.03, n: 2 }, ks_cms: 0.05 },
  stand: 'glass',
  plan: { kind: 'none' },
  days: 2,
  cells: 10,
};
const steps = watchPotSteps(columnOf(setup));
let step = steps.next();
while (step.done !== true) step = steps.next();
const pot = step.value;

describe('a pot by height and time', () => {
  it('has the step of air of every height at every hour, and no seam', () => {
    const patches = patchesOf(pot, 15);
    const second = patches.filter(({ from_d }) => Math.abs(from_d - 1 / 24) < 1e-9);
    expect(second[0]?.from_cm).toBe(0);
    expect(second.at(-1)?.to_cm).toBeCloseTo(15, 9);
    second.slice(1).forEach(({ from_cm, step }, i) => {
      expect(from_cm).toBe(second[i]?.to_cm);
      expect(step).not.toBe(second[i]?.step);
    });
    for (let i = 0; i < 10; i += 1) {
      const air = (pot.pores[i] as number) - (pot.theta[10 + i] as number);
      const { step } = second.find(({ to_cm }) => to_cm > (pot.z_cm[i] as number)) as { step: number };
      expect(air).toBeGreaterThanOrEqual(AIR_STEPS[step]?.lo as number);
      expect(air).toBeLessThan(AIR_STEPS[step]?.hi as number);
    }
  });

  it('is drawn where it stands, in the colour of its step', () => {
    const [field] = fieldChart(pot, setup)(ink).series as unknown as {
      readonly data: readonly number[][];
      readonly renderItem: (params: unknown, api: object) => { shape: object; style: { fill: string } };
    }[];
    const item = field?.data[0] as number[];
    const api = { value: (k: number) => item[k], coord: ([x = 0, y = 0]: number[]) => [100 * x, 50 - y] };
    const drawn = field?.renderItem({}, api);
    expect(drawn?.style.fill).toBe(mixed(ink, AIR_STEPS[item[4] as number]?.mix as number));
    expect(drawn?.shape).toMatchObject({ x: 0, y: 50 - (item[3] as number) });
  });

  it('is darkest where there is least air, in steps that meet', () => {
    expect(mixed(ink, 1)).toBe('rgb(0, 80, 120)');
    expect(mixed(ink, 0)).toBe('rgb(255, 255, 255)');
    AIR_STEPS.slice(1).forEach(({ lo, mix }, i) => {
      expect(lo).toBe(AIR_STEPS[i]?.hi);
      expect(mix).toBeLessThan(AIR_STEPS[i]?.mix as number);
    });
  });
});

describe('its strips', () => {
  it('are what it holds, its air, its suction and what drained, with the hours outside behind the line', () => {
    const strips = stripsOf([pot], 0, undefined);
    expect(strips.map(({ key }) => key)).toEqual(['stored', 'air', 'suction', 'drained']);
    const series = strips[1]?.draw(ink).series as { readonly markArea?: { readonly data: readonly unknown[] } }[];
    expect(series[0]?.markArea?.data.length).toBeGreaterThan(0);
  });

  it('have those beside it in dashes, and the band below', () => {
    const band = { p5: 1, p50: 2, p95: 3 };
    const bands = { stored_mL: [band, band, band], wetHours: band, dryHours: band, daysToDry: band, lost: 0 };
    const [stored] = stripsOf([pot, pot], 1, bands);
    const series = stored?.draw(ink).series as { readonly lineStyle: { readonly type?: string } }[];
    expect(series.map(({ lineStyle }) => lineStyle.type)).toEqual([undefined, undefined, 'dashed', 'solid']);
  });
});
