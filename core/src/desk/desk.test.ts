import { describe, expect, it } from 'vitest';
import { bands, type BandsResult } from '../bands';
import { findTargetProfile, type TargetProfile } from '../classes';
import { lotCard, type LotComponent } from '../lots';
import { recipeSearch } from '../search';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { deskBandsInput, deskSearchInput, predictDesk, weakestWindow, windowsOf } from '.';

const acid = findTargetProfile('acid-lovers') as TargetProfile;
const container = { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 };
const lotOf = (materialClass: string, tested: boolean, replicates = 3): LotComponent => {
  const sheet = Object.fromEntries(Object.entries(PUMICE_SHEET).map(([step, row]) => [step, row.slice(0, replicates)]));
  const lot = { ...pumiceLot(tested ? [runOf('saturate-drain-dry', sheet)] : []), materialClass };
  return lotCard(lot).component as LotComponent;
};
const pumice = lotOf('pumice-coarse', true);
const bark = lotOf('bark-fine', false);
const desk = {
  lines: [
    { parts: 2, lot: pumice },
    { parts: 4, lot: bark },
  ],
  container,
  model: 'packing',
} as const;
const band = (input = deskBandsInput(desk, acid, 'air')): BandsResult => bands({ ...input, draws: 600 });

describe('how far the desk can be trusted', () => {
  it('holds the prediction within its band', () => {
    const result = band();
    const { air, pH } = predictDesk(desk).result;
    expect(air).toBeGreaterThan(result.air?.p5 as number);
    expect(air).toBeLessThan(result.air?.p95 as number);
    expect(pH).toBeGreaterThan(result.pH?.p5 as number);
    expect(result.chance.map((one) => one.property)).toEqual(windowsOf(acid).map((one) => one.property));
  });

  it('knows the window that it is least likely to meet', () => {
    const { chance } = band();
    const weakest = weakestWindow(desk, acid);
    const least = Math.min(...chance.map((one) => one.chance));
    expect(weakest?.chance).toBeCloseTo(least, 1);
    expect(chance.find((one) => one.property === weakest?.property)?.chance).toBeCloseTo(least, 1);
    expect(weakestWindow(desk, { ...acid, targets: [] })).toBeUndefined();
  });

  it('names what would narrow pH most: the class figures that nobody measured', () => {
    const [first] = band(deskBandsInput(desk, acid, 'pH')).drivers;
    expect(first?.input).toMatch(/components\[1\]\.(pH|buffer_meqPerLpH)/);
  });

  it('is narrower for a lot that was weighed than for its class alone', () => {
    const alone = (lot: LotComponent) =>
      band(deskBandsInput({ ...desk, lines: [{ parts: 1, lot }], model: 'average' }, undefined, 'air'));
    const width = ({ water }: BandsResult): number => (water?.p95 as number) - (water?.p5 as number);
    expect(width(alone(pumice))).toBeLessThan(width(alone(lotOf('pumice-coarse', false))));
  });

  it('a curve inferred from one depth varies in shape, yet stays at the capacity where it was measured', () => {
    const { component, errors } = pumice;
    expect(Math.sqrt(errors.retention_cov?.[3]?.[3] ?? 0)).toBeGreaterThan(0.02);
    const vessel = { height_cm: (11.9 + 11.9 + 11.8) / 3 };
    const still = bands({
      components: [{ ...component, volume: 1, volume_se: 0, retention_cov: errors.retention_cov as number[][] }],
      container: vessel,
      model: 'average',
      draws: 400,
    });
    const deep = bands({
      components: [{ ...component, volume: 1, volume_se: 0, retention_cov: errors.retention_cov as number[][] }],
      container: { height_cm: 40 },
      model: 'average',
      draws: 400,
    });
    const width = (result: BandsResult | undefined): number =>
      (result?.water?.p95 as number) - (result?.water?.p5 as number);
    expect(width(still)).toBeLessThan(width(deep));
  });

  it('trusts a single replicate no better than its method', () => {
    expect(lotOf('pumice-coarse', true, 1).errors.retention_cov).toBeDefined();
    expect(lotOf('pumice-coarse', true, 3).errors.dryBulkDensity_gcc_se).toBeGreaterThan(0);
  });
});

describe('searching at the desk', () => {
  it('asks with the lots’ own figures and the profile’s windows', () => {
    const input = deskSearchInput({
      lots: [{ lot: pumice, maxParts: 3 }, { lot: bark }],
      parts: 6,
      container,
      profile: acid,
      keep: 3,
    });
    const result = recipeSearch(input);
    expect(result.evaluated).toBe(4);
    expect(result.recipes.every((one) => (one.parts[0] as number) <= 3)).toBe(true);
  });
});
