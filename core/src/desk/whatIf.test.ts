import { describe, expect, it } from 'vitest';
import { blend } from '../blend';
import { findTargetProfile, type TargetProfile } from '../classes';
import { lossOf } from '../search';
import { classLot } from '../testing/classLot';
import {
  deskBlendInput,
  deskCec,
  deskNutrientsInput,
  deskOrigins,
  deskPotInput,
  differences,
  doesItsJob,
  largestShare,
  lineEffects,
  matchProfile,
  predictDesk,
  substitutes,
  sweep,
  triangle,
  type DeskInput,
  type LineEffect,
} from '.';
import { searchTargets } from './uncertainDesk';

const container = { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 };
const desk: DeskInput = {
  lines: [
    { parts: 3, lot: classLot('bark-graded') },
    { parts: 2, lot: classLot('coir-pith') },
    { parts: 1, lot: classLot('compost-manure') },
  ],
  container,
  model: 'packing',
};
const airOf = (lines: DeskInput['lines']): number => blend(deskBlendInput({ ...desk, lines })).air;

describe('sweeping a line', () => {
  const points = sweep(desk, 1, 10);

  it('ends in the blend without it and in the line alone', () => {
    const [bark, coir, compost] = desk.lines as [never, never, never];
    expect(points[0]?.figures.air).toBeCloseTo(airOf([bark, compost]), 12);
    expect(points.at(-1)?.figures.air).toBeCloseTo(airOf([coir]), 12);
    expect(points).toHaveLength(11);
  });

  it('passes through the recipe itself where the shares are its own', () => {
    const at = sweep(desk, 1, 3)[1];
    expect(at?.share).toBeCloseTo(1 / 3, 12);
    expect(at?.figures.water).toBeCloseTo(blend(deskBlendInput(desk)).water, 12);
  });

  it('wants a line, and another one beside it', () => {
    expect(() => sweep(desk, 7)).toThrow('invalid line');
    expect(() => sweep({ ...desk, lines: desk.lines.slice(0, 1) }, 0)).toThrow('invalid lines');
  });
});

describe('three lines on a triangle', () => {
  it('has every way in steps, its corners the lines alone, whatever the order of naming', () => {
    const points = triangle(desk, [0, 1, 2], 4);
    expect(points).toHaveLength(15);
    expect(points[0]?.figures.air).toBeCloseTo(airOf(desk.lines.slice(0, 1)), 12);
    expect(points.at(-1)?.figures.air).toBeCloseTo(airOf(desk.lines.slice(2)), 12);
    const turned = triangle(desk, [2, 1, 0], 4);
    expect(turned.at(-1)?.figures.air).toBeCloseTo(points[0]?.figures.air as number, 12);
  });

  it('leaves other lines as they are', () => {
    const four = { ...desk, lines: [...desk.lines, { parts: 6, lot: classLot('pumice-coarse') }] };
    const [first] = triangle(four, [0, 1, 2], 2);
    const [bark, , , pumice] = four.lines;
    const lines = [{ ...(bark as DeskInput['lines'][number]), parts: 6 }, pumice as DeskInput['lines'][number]];
    expect(first?.figures.water).toBeCloseTo(blend(deskBlendInput({ ...four, lines })).water, 12);
  });

  it('wants three different lines', () => {
    expect(() => triangle(desk, [0, 0, 1])).toThrow('invalid three');
  });
});

describe('what a line is in for', () => {
  it('is the blend with it less the blend without it', () => {
    const [bark] = lineEffects(desk) as [LineEffect];
    expect(bark.air).toBeCloseTo(airOf(desk.lines) - airOf(desk.lines.slice(1)), 12);
    expect(doesItsJob('air', bark)).toBe(true);
    expect(doesItsJob('water', bark)).toBe(false);
    expect(doesItsJob('look', bark)).toBeUndefined();
  });

  it('says of the pH what the line does, not what its lime would do to the others', () => {
    const [bark] = lineEffects(desk);
    expect(lineEffects({ ...desk, lime_meqPerL: 25 })[0]?.pH).toBeCloseTo(bark?.pH as number, 12);
  });

  it('has nothing to say of a line that stands alone', () => {
    expect(lineEffects({ ...desk, lines: desk.lines.slice(0, 1) })).toEqual([undefined]);
  });

  it('says how much of a salty line goes in before the limit is passed', () => {
    const limit = 0.9;
    const share = largestShare(desk, 2, limit) as number;
    const at = (own: number): number => {
      const lines = desk.lines.map((one, i) => ({ ...one, parts: i === 2 ? own : ((1 - own) * one.parts) / 5 }));
      return blend(deskBlendInput({ ...desk, lines })).ec_dSm as number;
    };
    expect(at(share)).toBeCloseTo(limit, 9);
    expect(at(share + 0.02)).toBeGreaterThan(limit);
    expect(largestShare(desk, 0, limit)).toBeUndefined();
    expect(largestShare(desk, 2, 0.01)).toBe(0);
  });
});

describe('a substitute', () => {
  const profile = findTargetProfile('acid-lovers') as TargetProfile;
  const lots = [classLot('pumice-coarse'), classLot('coir-fibre'), classLot('coir-pith', 'The same again')];

  it('is the same where the same is offered, and the nearest comes first', () => {
    const [first, ...others] = substitutes(desk, 1, lots, profile);
    expect(first).toMatchObject({ lot: 2, parts: 2 });
    expect(first?.distance).toBeCloseTo(0, 9);
    expect(first?.loss).toBeCloseTo(lossOf(blend(deskBlendInput(desk)), searchTargets(profile)) as number, 9);
    expect(others.map(({ distance }) => distance)).toEqual(
      [...others.map(({ distance }) => distance)].sort((a, b) => a - b),
    );
    expect(Object.keys(others[0]?.changes ?? {})).toContain('air');
  });

  it('wants a line that is there', () => {
    expect(() => substitutes(desk, 9, lots)).toThrow('invalid line');
  });
});

describe('matching a product', () => {
  it('finds the product itself without a miss, and leaves out what its class only guesses', () => {
    const lot = classLot('peat-light-fine', 'Bag');
    const profile = matchProfile('Bag', lot, container);
    const own = blend(deskBlendInput({ lines: [{ parts: 1, lot }], container, model: 'average' }));
    expect(lossOf(own, searchTargets(profile))).toBe(0);
    expect(profile.targets.map(({ property }) => property)).not.toContain('pH');
    const measured = { ...lot, origins: [...lot.origins, { field: 'pH', origin: 'measured' as const }] };
    expect(matchProfile('Bag', measured, container).targets.map(({ property }) => property)).toContain('pH');
  });
});

describe('the questions behind pot, food and origin', () => {
  const result = predictDesk(desk);

  it('weigh the predicted blend in its own pot', () => {
    const input = deskPotInput(desk, result, { use_mmPerD: 3 });
    expect(input.bulkDensity_gcc).toBe(result.result.bulkDensity_gcc);
    expect(input.waterAtEasy).toBe(result.result.curve.find(({ head_cm }) => head_cm === 50)?.theta);
    expect(input.pricePerL).toBe(result.result.pricePerL);
  });

  it('feed from reports alone, and sum the exchange capacity', () => {
    const { lines, made } = deskNutrientsInput(desk, result, { feeder: 'medium' });
    expect(lines.every((line) => line.mgL === undefined)).toBe(true);
    expect(lines[0]?.drawdown_mgL).toBeGreaterThan(0);
    expect(made).toBe(result.result.volume);
    const cec = deskCec(desk, made) as number;
    expect(cec).toBeGreaterThan(50);
    expect(cec).toBeLessThan(300);
  });

  it('say what is renewable', () => {
    expect(deskOrigins(desk)).toEqual([expect.objectContaining({ source: 'by-product', share: 1 })]);
  });
});

describe('differences beyond their bands', () => {
  const figure = (p5: number, p95: number) => ({ value: (p5 + p95) / 2, band: { p5, p50: (p5 + p95) / 2, p95 } });

  it('are seen where bands do not touch, and nowhere else', () => {
    expect(differences([figure(0.1, 0.2), figure(0.19, 0.3), figure(0.25, 0.4), { value: 9 }, undefined])).toEqual([
      [2],
      [],
      [0],
      [],
      [],
    ]);
  });
});
