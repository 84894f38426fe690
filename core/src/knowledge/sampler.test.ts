import { describe, expect, it } from 'vitest';
import { containerCapacity } from '../retention';
import { seededRandom } from '../scoring';
import { meanOf, sdOf } from '../statistics';
import { bodyOf } from './body';
import { curveFromScale } from './scales';
import { baseOf, normalOf, sourceCalled, streamOf, widerOf } from './streams';

const readings = {
  materialClass: 'bark-fine',
  seen: [
    { kind: 'porosity' as const, values: [0.78, 0.8, 0.79] },
    {
      kind: 'vessel' as const,
      container: { height_cm: 12, topDiameter_cm: 12, baseDiameter_cm: 9 },
      values: [0.62, 0.63, 0.61],
    },
  ],
};
const { x: likeliest } = bodyOf(readings);
const sampler = () => bodyOf(readings).sampler();
const at = (off: (i: number) => number): number[] => {
  const own = sampler();
  return [...own.standingAt(Array.from({ length: own.unknowns }, (_, i) => off(i)))];
};
const held = (x: readonly number[]): number =>
  containerCapacity({ retention: curveFromScale(x), container: readings.seen[1]?.container ?? { height_cm: 12 } })
    .water;

describe('a lot where its unknowns stand', () => {
  it('has as many as its prior has values, and one for each reading’s error', () => {
    expect(sampler().unknowns).toBe(7 + 2);
  });

  it('is the likeliest where all stand at their middle', () => {
    at(() => 0).forEach((value, i) => {
      expect(value).toBeCloseTo(likeliest[i] as number, 2);
    });
  });

  it('holds what was measured wherever its prior stands, and more where its reading is off by one', () => {
    for (const far of [-1.5, 1.5])
      expect(Math.abs(held(at((i) => (i === 3 ? far : 0))) - held(likeliest))).toBeLessThan(0.01);
    const more = held(at((i) => (i === 8 ? 1 : 0))) - held(likeliest);
    expect(more).toBeGreaterThan(0.003);
    expect(more).toBeLessThan(0.012);
  });
});

describe('draws of a lot', () => {
  it('mirror the one before, so that their middle is nearly the likeliest', () => {
    const own = sampler();
    const random = seededRandom(2);
    const waters = Array.from({ length: 200 }, (_, i) => held(own.draw(random, i % 2 === 1)));
    expect(Math.abs(meanOf(waters) - held(likeliest))).toBeLessThan(0.001);
    const off = waters.map((water) => water - held(likeliest));
    const together = off.flatMap((one, i) => (i % 2 === 0 ? [one * (off[i + 1] as number)] : []));
    expect(meanOf(together)).toBeLessThan(-0.8 * sdOf(off) ** 2);
  });

  it('take one number of whoever asks, whatever was read', () => {
    const count = (seen: (typeof readings)['seen']): number => {
      let asked = 0;
      const random = seededRandom(2);
      bodyOf({ ...readings, seen })
        .sampler()
        .draw(() => {
          asked += 1;
          return random();
        }, false);
      return asked;
    };
    expect([count([]), count(readings.seen)]).toEqual([1, 1]);
  });
});

describe('the randomness of a source', () => {
  const base = baseOf(seededRandom(9));

  it('is its own, and the same for one name and base', () => {
    const [one, other] = [sourceCalled('porosity'), sourceCalled('capacity')];
    expect(normalOf(one, base)).toBe(normalOf(sourceCalled('porosity'), base));
    expect(normalOf(one, base)).not.toBe(normalOf(other, base));
    expect(streamOf(one, base)()).not.toBe(streamOf(one, base + 1)());
  });

  it('is standard normal over bases, and independent of another source', () => {
    const random = seededRandom(11);
    const bases = Array.from({ length: 20_000 }, () => baseOf(random));
    const [a, b] = ['prior', 'spread porosity'].map((name) =>
      bases.map((one) => normalOf(sourceCalled(name), one)),
    ) as [number[], number[]];
    expect(meanOf(a)).toBeCloseTo(0, 1);
    expect(sdOf(a)).toBeCloseTo(1, 1);
    expect(meanOf(a.map((value, i) => value * (b[i] as number)))).toBeCloseTo(0, 1);
  });

  it('widens by Student’s t: the variance of six degrees of freedom is 6/4, of none given 1', () => {
    const random = seededRandom(12);
    const squares = Array.from({ length: 20_000 }, () => widerOf(3, baseOf(random), 6) ** 2);
    expect(meanOf(squares)).toBeCloseTo(1.5, 1);
    expect(widerOf(3, base, undefined)).toBe(1);
  });
});
