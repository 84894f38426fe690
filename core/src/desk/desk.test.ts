import { describe, expect, it } from 'vitest';
import { bands, type BandsInput, type BandsResult } from '../bands';
import { pickAt } from '../method';
import { findTargetProfile, type TargetProfile } from '../classes';
import { lotCard, type LotComponent, type LotCurve } from '../lots';
import { recipeSearch } from '../search';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { atMiddle, deskBandsInput, deskSearchInput, lookAgain, lotInPot, predictDesk, windowsOf } from '.';

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
    const found = bands(deskBandsInput(desk, acid, 'air'));
    const { weakest, air, water, pH } = lookAgain(desk, acid);
    const least = Math.min(...found.chance.map((one) => one.chance));
    expect(weakest?.chance).toBe(least);
    expect(found.chance.find((one) => one.property === weakest?.property)?.chance).toBe(least);
    expect(lookAgain(desk, { ...acid, targets: [] }).weakest).toBeUndefined();
    // What a found recipe says of itself is what the desk shows once it is opened.
    expect([air, water, pH]).toEqual([found.air?.p50, found.water?.p50, found.pH?.p50]);
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

  it('a curve from one depth varies in shape, yet stays at the capacity where it was measured', () => {
    const { component, errors } = pumice;
    const inVessel = (height_cm: number): BandsResult =>
      bands({
        components: [{ ...component, ...errors, volume: 1, volume_se: 0 }],
        container: { height_cm },
        model: 'average',
        draws: 400,
      });
    const width = (result: BandsResult): number => (result.water?.p95 as number) - (result.water?.p5 as number);
    expect(width(inVessel((11.9 + 11.9 + 11.8) / 3))).toBeLessThan(width(inVessel(40)));
  });

  it('serves a single replicate by the same rule, and is surer with three', () => {
    const width = (replicates: number): number => {
      const { component, errors } = lotOf('pumice-coarse', true, replicates);
      const { bulkDensity_gcc } = bands({
        components: [{ ...component, ...errors, volume: 1, volume_se: 0 }],
        container,
        model: 'average',
        draws: 600,
      });
      return ((bulkDensity_gcc?.p95 as number) - (bulkDensity_gcc?.p5 as number)) / component.dryBulkDensity_gcc;
    };
    expect(width(1)).toBeGreaterThan(0.03);
    expect(width(1)).toBeGreaterThan(1.3 * width(3));
  });

  it('shows every figure at the middle of its band, with the likeliest in its working', () => {
    const input = deskBandsInput(desk, acid, 'air');
    const [likeliest, found] = [predictDesk(desk), bands(input)];
    const middle = atMiddle(likeliest, input, found);
    const air = middle.figures.find(({ property }) => property === 'air');
    expect(air?.value).toBe(found.air?.p50);
    expect(middle.result.air).toBe(found.air?.p50);
    expect(pickAt(bands(air?.working.input as BandsInput), air?.working.pick ?? '')).toBe(air?.value);
    expect(air?.working.from?.[0]).toMatchObject({ value: likeliest.result.air });
    expect(air?.working.from?.[0]?.label).toMatch(/^with everything at its likeliest/);
  });

  it('says why where the middle is not what the likeliest values give', () => {
    const input = deskBandsInput(desk, acid, 'air');
    const [likeliest, found] = [predictDesk(desk), bands(input)];
    const off = { ...found, air: { p5: 0.5, p50: 0.55, p95: 0.6 } };
    const [higher] = atMiddle(likeliest, input, off).figures.filter(({ property }) => property === 'air');
    expect(higher?.working.from?.[0]?.label).toMatch(
      /the middle lies (higher|lower), for what is not known could move it/,
    );
  });
});

describe('a lot by itself in another pot', () => {
  it('is the middle of what it may be, with its band, and opens to what is likeliest', () => {
    const { curve, component } = lotCard(pumiceLot());
    const found = lotInPot(component as LotComponent, curve as LotCurve, { height_cm: 25 });
    expect(found.air.p5 < found.air.p50 && found.air.p50 < found.air.p95).toBe(true);
    expect(found.solid + found.water.p50 + found.air.p50).toBeCloseTo(1, 12);
    expect(pickAt(bands(found.workings.air.input as BandsInput), found.workings.air.pick)).toBe(found.air.p50);
    expect(Math.abs((found.workings.air.from?.[0]?.value ?? 0) - found.air.p50)).toBeLessThan(0.02);
  });

  it('is surer where it was measured than in a pot that nobody tried', () => {
    const { curve, component } = lotCard(pumiceLot());
    const width = (height_cm: number): number => {
      const { water } = lotInPot(component as LotComponent, curve as LotCurve, { height_cm });
      return water.p95 - water.p5;
    };
    expect(width(11.9)).toBeLessThan(width(40));
  });
});

describe('searching at the desk', () => {
  it('finds what the desk shows on opening: lots that settle, lime, salts and the price of powders', () => {
    const settling = { ...bark, settledPerLoose: 0.85, component: { ...bark.component, pricePerL: 0.1 } };
    const lots = [{ ...pumice, component: { ...pumice.component, pricePerL: 0.3 } }, settling];
    const dosed = { lime_meqPerL: 8, salt_dSm: 0.4, dosed_pricePerL: 0.05 };
    const input = deskSearchInput({
      lots: lots.map((lot) => ({ lot })),
      parts: 6,
      container,
      profile: acid,
      keep: 7,
      dosed,
    });
    for (const { parts, air, pH, ec_dSm, pricePerL, shrink } of recipeSearch(input).recipes) {
      const lines = parts
        .map((count, i) => ({ parts: count, lot: lots[i] as LotComponent }))
        .filter((one) => one.parts > 0);
      const { result } = predictDesk({ lines, container, model: 'packing', ...dosed });
      expect(result.air).toBeCloseTo(air, 9);
      expect(result.shrink).toBeCloseTo(shrink, 9);
      expect(result.pricePerL).toBeCloseTo(pricePerL ?? 0, 9);
      expect([result.pH, result.ec_dSm].map((one) => one?.toFixed(9))).toEqual(
        [pH, ec_dSm].map((one) => one?.toFixed(9)),
      );
    }
  });

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
