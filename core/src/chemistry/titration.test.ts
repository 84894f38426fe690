import { describe, expect, it } from 'vitest';
import { titration } from '.';

describe('buffering by incubation', () => {
  it('is the line through the jars', () => {
    const result = titration({
      steps: [
        { dose_meqPerL: 0, pH: 4.5 },
        { dose_meqPerL: 20, pH: 5.5 },
        { dose_meqPerL: 40, pH: 6.5 },
      ],
    });
    expect(result.pH).toBeCloseTo(4.5, 12);
    expect(result.buffer_meqPerLpH).toBeCloseTo(20, 10);
    expect(result.rmse_pH).toBeCloseTo(0, 12);
  });

  it('takes acid as a negative dose', () => {
    const result = titration({
      steps: [
        { dose_meqPerL: -10, pH: 5 },
        { dose_meqPerL: 10, pH: 6 },
      ],
    });
    expect(result).toMatchObject({ pH: 5.5 });
  });

  it.each([
    [[{ dose_meqPerL: 0, pH: 5 }]],
    [
      [
        { dose_meqPerL: 5, pH: 5 },
        { dose_meqPerL: 5, pH: 6 },
      ],
    ],
    [
      [
        { dose_meqPerL: 0, pH: 6 },
        { dose_meqPerL: 5, pH: 5 },
      ],
    ],
  ])('refuses %j', (steps) => {
    expect(() => titration({ steps })).toThrow(/steps/);
  });
});
