import { describe, expect, it } from 'vitest';
import { inputRows } from './workingRows';

describe('what went into a calculation, for people', () => {
  it('has words and units instead of names', () => {
    const rows = inputRows({
      text: 'porosity.airSpace',
      method: 'porosity@1',
      calc: 'porosity',
      pick: 'x',
      input: { vessel: { volume_mL: 1051.9 }, replicates: [{ settledDepth_cm: 11.9, dry_g: 530 }] },
    });
    expect(rows).toEqual([
      { label: 'volume', value: '1\u2009051.9', unit: 'mL' },
      { label: 'settled depth', value: '11.9000', unit: 'cm' },
      { label: 'dry', value: '530', unit: 'g' },
    ]);
  });

  it('says whose number it is where there are several', () => {
    const rows = inputRows({
      text: 'blend.air',
      method: 'blend@1',
      calc: 'blend',
      pick: 'air',
      input: { components: [{ name: 'Bark', volume: 2 }] },
    });
    expect(rows).toEqual([{ label: 'Bark: volume', value: '2', unit: '' }]);
  });
});
