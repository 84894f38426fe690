import { describe, expect, it } from 'vitest';
import { fitEnded } from '.';

describe('how a fit ended', () => {
  it('is said where it is not the usual end, and refused where it is none', () => {
    expect(fitEnded('converged', 'readings')).toEqual([]);
    for (const status of ['stalled', 'limit'] as const)
      expect(fitEnded(status, 'readings')[0]).toMatchObject({ code: 'not-converged', severity: 'caution' });
    expect(() => fitEnded('not-finite', 'readings')).toThrow(/^invalid readings: /);
  });
});
