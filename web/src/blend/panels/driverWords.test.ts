import type { LotRow } from '@bent-pail/contract';
import { describe, expect, it } from 'vitest';
import { driverWords } from './driverWords';

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
} as unknown as LotRow;

describe('what would narrow a figure', () => {
  it('leads from a class figure to the run that replaces it', () => {
    expect(driverWords('components[0].pH', [lot])).toEqual({
      words: 'pH of Bark, BK-7, a class figure',
      link: '/bench?lot=L1&protocol=ph-1to5',
      act: 'test it, 20 min',
    });
  });

  it('asks for no run where the figure was measured, or where the model errs', () => {
    expect(driverWords('components[0].ec_dSm', [lot]).link).toBeUndefined();
    expect(driverWords('components[0].retention', [lot]).words).toBe('water curve of Bark, BK-7, known from one depth');
    expect(driverWords('kappa', [lot]).link).toBeUndefined();
  });
});
