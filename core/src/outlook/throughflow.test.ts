import { describe, expect, it } from 'vitest';
import { throughflow, type ThroughflowInput } from '.';

type ThroughflowLine = ThroughflowInput['lines'][number];

const bark: ThroughflowLine = { name: 'Bark', volume: 3, thetaS: 0.85, thetaDrained: 0.45, k20_cms: 0.4 };
const coir: ThroughflowLine = { name: 'Coir', volume: 1, thetaS: 0.9, thetaDrained: 0.75, k20_cms: 0.05 };
const roughly = (lines: readonly ThroughflowLine[], macroporosity: number): number =>
  throughflow({ lines, macroporosity }).k20_cms;

describe('water through a blend', () => {
  it('is that of the component itself where there is only one', () => {
    expect(roughly([bark], 0.4)).toBeCloseTo(0.4, 12);
    expect(roughly([bark, { ...bark, name: 'More bark', volume: 9 }], 0.4)).toBeCloseTo(0.4, 12);
    expect(roughly([bark, { ...coir, volume: 0 }], 0.4)).toBeCloseTo(0.4, 12);
  });

  it('goes by the logarithm and the share of the solids', () => {
    // Equal solids, equal openness: the geometric mean.
    const other = { ...bark, name: 'Other', k20_cms: 0.1 };
    expect(roughly([bark, other], 0.4)).toBeCloseTo(Math.sqrt(0.4 * 0.1), 12);
    // Three times the solids: three quarters of the weight.
    expect(roughly([bark, { ...other, volume: 1 }], 0.4)).toBeCloseTo(0.4 ** 0.75 * 0.1 ** 0.25, 12);
  });

  it('grows as the large pores do, by the cube over the square', () => {
    expect(roughly([bark], 0.2) / roughly([bark], 0.4)).toBeCloseTo(0.2 ** 3 / 0.8 ** 2 / (0.4 ** 3 / 0.6 ** 2), 12);
    expect(roughly([bark, coir], 0.3)).toBeLessThan(roughly([bark, coir], 0.35));
  });

  it('stays finite where nothing drains, and spreads by three either way', () => {
    const { k20_cms, lo, hi } = throughflow({ lines: [bark], macroporosity: 0 });
    expect(k20_cms).toBeGreaterThan(0);
    expect([k20_cms / lo, hi / k20_cms]).toEqual([expect.closeTo(3, 12), expect.closeTo(3, 12)]);
  });

  it.each<[string, readonly ThroughflowLine[], number, RegExp]>([
    ['no volume', [{ ...bark, volume: 0 }], 0.4, /invalid lines:/],
    ['no flow', [{ ...bark, k20_cms: 0 }], 0.4, /invalid lines\[0\]\.k20_cms/],
    ['more left than there was', [bark, { ...coir, thetaDrained: 0.95 }], 0.4, /invalid lines\[1\]\.thetaDrained/],
    ['impossible pores', [bark], 1.2, /invalid macroporosity/],
  ])('refuses %s', (_, lines, macroporosity, sentence) => {
    expect(() => throughflow({ lines, macroporosity })).toThrow(sentence);
  });
});
