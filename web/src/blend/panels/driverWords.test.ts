import type { DeskLot } from '@bent-pail/contract';
import { PROTOCOLS } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { driverWords, REMEDIES } from './driverWords';

const lot = {
  id: 'L1',
  name: 'Bark',
  code: 'BK-7',
  component: {
    origins: [
      { field: 'pH', origin: 'class' },
      { field: 'retention', origin: 'inferred' },
      { field: 'ec_dSm', origin: 'measured' },
    ],
  },
} as unknown as DeskLot;

describe('what would narrow a figure', () => {
  it('leads from a class figure to the run that replaces it', () => {
    expect(driverWords('components[0].pH', [lot])).toEqual({
      words: 'pH of Bark, BK-7, a class figure',
      link: '/bench?lot=L1&protocol=ph-1to5',
      act: 'test it, 20 min',
    });
  });

  it('asks for several depths after one, for more replicates of what was measured, for a batch where the model errs', () => {
    expect(driverWords('components[0].retention', [lot])).toEqual({
      words: 'water curve of Bark, BK-7, known from one depth',
      link: '/bench?lot=L1&protocol=several-depths',
      act: 'drain it in several depths',
    });
    expect(driverWords('components[0].ec_dSm', [lot])).toMatchObject({
      link: '/bench?lot=L1&protocol=ec-1to2',
      act: 'more replicates',
    });
    expect(driverWords('kappa', [lot]).link).toBe('?ask=batch');
  });

  it('asks for no run where none would tell', () => {
    expect(driverWords('components[0].interparticleVoid', [lot]).link).toBeUndefined();
    expect(driverWords('components[0].volume', [lot])).toEqual({
      words: 'scooping Bark, BK-7 by volume: weigh the parts',
    });
    expect(driverWords('shrink', [])).toEqual({ words: 'shrink' });
  });

  it('names only runs that there are', () => {
    const keys = PROTOCOLS.map(({ key }) => key);
    for (const { protocol } of Object.values(REMEDIES)) expect(keys).toContain(protocol);
  });
});
