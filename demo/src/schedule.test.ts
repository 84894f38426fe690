import { PROTOCOLS, type Protocol } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import type { RunFile } from './files';
import { planRun } from './schedule';

const protocol = PROTOCOLS.find((one) => one.key === 'saturate-drain-dry') as Protocol;

const run: RunFile = {
  lot: 'X',
  protocol: 'saturate-drain-dry',
  packing: 'tapped',
  soak_min: 1440,
  vessels: ['V1', 'V2'],
  by: 'Tam Oswin',
  start: { daysAgo: 3, at: '08:00' },
  readings: {
    waterTemp: [17],
    tare: [300, 301],
    saturated: [1300, 1301],
    drained: [1000, 1001],
    dryTray: [20, 20],
    dry: [500, 501],
  },
};

describe('the pace of a demo run', () => {
  const plan = planRun(run, protocol, 60);
  const at = (step: string, replicate: number): number =>
    plan.find((one) => one.step === step && one.replicate === replicate)?.minute as number;

  it('lets every replicate soak and drain as long as the method asks', () => {
    for (const replicate of [0, 1]) {
      expect(at('saturated', replicate) - at('soak', replicate)).toBeGreaterThanOrEqual(1440);
      expect(at('drained', replicate) - at('drain', replicate)).toBeGreaterThanOrEqual(60);
    }
  });

  it('leaves the medium in the oven before it is weighed dry', () => {
    expect(at('dry', 0) - at('dryTray', 1)).toBeGreaterThan(20 * 60);
  });

  it('stops after the step that it is told', () => {
    const open = planRun({ ...run, stopAfter: 'drain' }, protocol, 60);
    expect(open.at(-1)).toMatchObject({ step: 'drain', replicate: 1, value: 'now' });
  });
});
