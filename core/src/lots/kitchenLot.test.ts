import { describe, expect, it } from 'vitest';
import { bodyOf, curveFromScale, type LotReadings } from '../knowledge';
import { containerCapacity } from '../retention';
import { pumiceLot, runOf } from '../testing/sampleLot';
import { lotCard, type LotCard } from '.';

const OWN_AIR = [0.398, 0.4, 0.396];

/** The kitchen form on a vessel of 1050 mL: so much air, and so much water kept at least. */
function kitchenCard(air: readonly number[], kept: number, cup?: Readonly<Record<string, readonly number[]>>): LotCard {
  const collected = air.map((share) => Math.round(1050 * share));
  const added = collected.map((drained) => drained + Math.round(1050 * kept));
  const [lot, bare] = [pumiceLot([]), runOf('kitchen-form', { added, collected, ...cup })];
  return lotCard({ ...lot, runs: [bare] });
}

const waterOf = (readings: LotReadings, height_cm: number): number =>
  containerCapacity({ retention: curveFromScale(bodyOf(readings).x), container: { height_cm } }).water;

describe('a lot that went through the kitchen form', () => {
  const card = kitchenCard(OWN_AIR, 0.1);
  const untested = lotCard(pumiceLot([]));

  it('has the air that was measured on its pail, and water of its curve there', () => {
    expect(card.pail?.kind).toBe('partly');
    expect(card.pail?.air).toBeCloseTo(0.398, 2);
    const { solid = 0, water = 0, air = 0 } = card.pail ?? {};
    expect(solid + water + air).toBeCloseTo(1, 9);
    expect(card.pail?.air).not.toBeCloseTo(untested.pail?.air as number, 1);
  });

  it('goes into blends with it: the curve leaves as much air in that vessel', () => {
    const { curve, component } = card;
    const { air } = containerCapacity({
      retention: (curve as NonNullable<typeof curve>).retention,
      container: { height_cm: 12 },
    });
    expect(air).toBeGreaterThan(0.375);
    expect(air).toBeLessThan(0.405);
    expect(component?.origins.find(({ field }) => field === 'retention')?.origin).toBe('inferred');
    expect(curve?.note).toMatch(/^Curve from 3 readings of the air by a jug of one depth/);
  });

  it('holds no less than the bound says, and is not pulled down by one that says little', () => {
    const [low, high] = [kitchenCard(OWN_AIR, 0.02), kitchenCard(OWN_AIR, 0.52)];
    const water = ({ curve }: LotCard): number => waterOf((curve as NonNullable<typeof curve>).readings, 12);
    expect(water(high)).toBeGreaterThan(0.48);
    expect(water(low)).toBeCloseTo(water(card), 2);
    const free = (card.curve as NonNullable<typeof card.curve>).readings;
    expect(water(low)).toBeCloseTo(waterOf({ ...free, seen: free.seen.filter(({ kind }) => kind === 'air') }, 12), 3);
  });

  it('takes a dried cup for an estimate of its water', () => {
    const cup = { cup: [250, 250, 250], cupWet: [120, 121, 119], cupDry: [82, 83, 81] };
    const { curve } = kitchenCard(OWN_AIR, 0.1, cup);
    const { readings } = curve as NonNullable<typeof curve>;
    expect(readings.seen.map(({ kind }) => kind).sort()).toEqual(['air', 'vessel']);
    expect(waterOf(readings, 12)).toBeCloseTo(0.252, 1);
  });

  it('is another medium than the same packed by a press', () => {
    const pressed = runOf(
      'kitchen-form',
      { added: [420, 420, 420], collected: [210, 210, 210] },
      {
        id: 'pressed',
        finishedAt: '2026-11-22T12:00:00Z',
        settings: { packingHabit: 'pressed', press_gcm2: 30, soak_min: 60, drain_min: 60, ovenTemp_C: 104 },
      },
    );
    const loose = runOf('kitchen-form', { added: [520, 520, 520], collected: [418, 420, 416] });
    const { curve } = lotCard({ ...pumiceLot([]), runs: [loose, pressed] });
    expect(curve?.note).toMatch(/1 run packed otherwise is another medium and is left out/);
  });
});
