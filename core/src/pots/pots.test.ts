import { describe, expect, it } from 'vitest';
import { column } from '../column';
import { deskBandsInput, predictDesk, type DeskInput } from '../desk';
import { MEDIA_CLASSES } from '../classes';
import { finished } from '../numeric';
import { rhythm } from '../rhythm';
import { seededRandom } from '../scoring';
import { classLot } from '../testing/classLot';
import { PEAT, POT } from '../testing/sampleColumn';
import {
  columnOf,
  conductivityByCurve,
  conductivityOf,
  dailyUse_mL,
  potBandsSteps,
  rhythmOf,
  spansOf,
  STANDS,
  watchPotSteps,
  type PotSetup,
  type WateringPlan,
} from '.';

/** In full by BENT_PAIL_TRIALS; a sample of it in the suite. */
const PAIRS = process.env.BENT_PAIL_TRIALS === undefined ? 8 : 200;

const setup = (over: Partial<PotSetup> = {}): PotSetup => ({
  container: POT,
  medium: { retention: PEAT, ks_cms: 0.02 },
  stand: 'mild',
  plan: { kind: 'every', every_d: 1 },
  days: 3,
  cells: 15,
  ...over,
});
const watch = (over: Partial<PotSetup> = {}) => finished(watchPotSteps(columnOf(setup(over))));
const last = (series: Float64Array): number => series.at(-1) as number;

describe('a pot that is watched', () => {
  it('is kept hour by hour, with its water by height', () => {
    const pot = watch();
    expect(pot.t_d).toHaveLength(73);
    expect(pot.theta).toHaveLength(73 * 15);
    const row = pot.theta.subarray(24 * 15, 25 * 15);
    expect(row[0]).toBeGreaterThan(row[14] as number);
    expect(pot.stored_mL[24]).toBeGreaterThan(1000);
    expect(Math.abs(pot.balanceError_mL)).toBeLessThan(1e-6);
    expect(pot.poured).toHaveLength(3);
  });

  it('gets what it uses and a tenth more where no volume is typed', () => {
    const pot = watch();
    expect(last(pot.added_mL)).toBeCloseTo((3 * dailyUse_mL(setup())) / 0.9, 6);
    expect(last(watch({ plan: { kind: 'every', every_d: 1, volume_mL: 77 } }).added_mL)).toBeCloseTo(231, 6);
  });

  it.each<[string, WateringPlan]>([
    ['when it is dry', { kind: 'when-dry', below: 0.97 }],
    ['by a drip', { kind: 'drip', hours: 3 }],
    ['from below', { kind: 'from-below', every_d: 1, level_cm: 3, hours: 2 }],
  ])('is watered %s', (_, plan) => {
    expect(last(watch({ plan }).added_mL)).toBeGreaterThan(30);
  });

  it('is watered on the weekdays that are named, each time with what was used since the last', () => {
    const { waterings } = columnOf(setup({ plan: { kind: 'weekdays', on: [4, 0, 4, 9] }, days: 9 }));
    expect(waterings.map(({ at_d }) => Math.floor(at_d))).toEqual([0, 4, 7]);
    const [monday, friday, again] = waterings.map(({ volume_mL }) => volume_mL) as [number, number, number];
    expect(friday / monday).toBeCloseTo(4 / 3, 9);
    expect(again).toBeCloseTo(monday, 9);
    const typed = columnOf(setup({ plan: { kind: 'weekdays', on: [2], volume_mL: 300 }, days: 7 }));
    expect(typed.waterings).toMatchObject([{ volume_mL: 300 }]);
  });

  it('is watered by two lines that differ, both of them', () => {
    const daily = { kind: 'every', every_d: 1, volume_mL: 50 } as const;
    const also = { kind: 'weekdays', on: [6], volume_mL: 900 } as const;
    const { waterings } = columnOf(setup({ plan: daily, also, days: 7 }));
    expect(waterings.map(({ volume_mL }) => volume_mL)).toEqual([50, 50, 50, 50, 50, 50, 50, 900]);
    const saucer = { kind: 'from-below', every_d: 3, level_cm: 2, hours: 1 } as const;
    const both = columnOf(setup({ plan: { kind: 'when-dry', below: 0.6 }, also: saucer, days: 7 }));
    expect(both.whenDry).toMatchObject({ below: 0.6 });
    expect(both.fromBelow).toHaveLength(3);
  });

  it('is rained on in a wet winter, and not watered where nobody does', () => {
    expect(last(watch({ stand: 'winter', plan: { kind: 'none' } }).added_mL)).toBeCloseTo(
      3 * 0.6 * (Math.PI / 4) * 256,
      6,
    );
    expect(last(watch({ plan: { kind: 'none' } }).added_mL)).toBe(0);
  });

  it('dries faster through clay, and slower under a mulch', () => {
    const dry = { plan: { kind: 'none' } as const };
    const plain = last(watch(dry).used_mL);
    expect(last(watch({ ...dry, clay: true }).used_mL)).toBeGreaterThan(1.2 * plain);
    expect(last(watch({ ...dry, mulched: true }).used_mL)).toBeLessThan(0.95 * plain);
    expect(dailyUse_mL(setup({ mulched: true }))).toBeCloseTo(0.9 * dailyUse_mL(setup()), 9);
  });

  it('keeps less air above stones', () => {
    const still = { stand: 'shade' as const, plan: { kind: 'none' as const }, days: 1 };
    const [bare, stones] = [watch(still), watch({ ...still, lower_cm: 3 })];
    expect(stones.air[1]).toBeLessThan((bare.air[1] as number) - 0.02);
    expect(() => columnOf(setup({ lower_cm: 15 }))).toThrow(/no room/);
  });

  it('is dressed with grit or compost as layers of their own, and dries slower under grit', () => {
    const { layers } = columnOf(setup({ lower_cm: 2, top: { key: 'compost', deep_cm: 3 } }));
    expect(layers.map(({ from_cm, to_cm }) => [from_cm, to_cm])).toEqual([
      [0, 2],
      [2, 12],
      [12, 15],
    ]);
    expect(layers[2]?.retention.thetaS).toBe(0.78);
    const dry = { plan: { kind: 'none' as const }, days: 12, stand: 'wind' as const, cells: 30 };
    const [bare, grit] = [watch(dry), watch({ ...dry, top: { key: 'grit', deep_cm: 2 } })];
    const gone = (pot: typeof bare): number => (pot.stored_mL[24] as number) - last(pot.stored_mL);
    expect(gone(grit)).toBeLessThan(0.97 * gone(bare));
    expect(() => columnOf(setup({ lower_cm: 8, top: { key: 'grit', deep_cm: 7 } }))).toThrow(/no room/);
  });

  it('counts its hours by what its roots bear', () => {
    const wet = { medium: { retention: { ...PEAT, alpha_percm: 0.02 }, ks_cms: 0.02 }, stand: 'shade' as const };
    const [most, airy, bog] = [watch(wet), watch({ ...wet, needs: 'airy' }), watch({ ...wet, needs: 'bog' })];
    expect(most.limits).toEqual({ air: 0.1, suction_cm: 100 });
    expect(airy.limits.air).toBeCloseTo(0.2, 12);
    expect(airy.wetHours).toBeGreaterThan(most.wetHours - 1e-9);
    expect(bog.wetHours).toBeLessThan(most.wetHours - 10);
    const dry = { plan: { kind: 'none' as const }, days: 12, stand: 'wind' as const };
    expect(watch({ ...dry, needs: 'drought' }).dryHours).toBeLessThan(watch(dry).dryHours - 10);
    expect(rhythmOf(setup({ needs: 'bog' })).roots?.air).toEqual([0, 0.04]);
  });

  it('may stand on a layer of another medium', () => {
    const lower = { retention: { thetaR: 0.1, thetaS: 0.6, alpha_percm: 0.1, n: 2 }, ks_cms: 0.1 };
    const [below] = columnOf(setup({ lower_cm: 5, lower })).layers;
    expect(below).toEqual({ from_cm: 0, to_cm: 5, ...lower });
    const soil = { key: 'clay' as const, table_cm: 60 };
    expect(columnOf(setup({ soil, top: { key: 'grit', deep_cm: 2 } })).layers.map(({ to_cm }) => to_cm)).toEqual([
      60, 73, 75,
    ]);
  });

  it('has the air among its roots that the column ends with, ten minutes, an hour and a day after it was soaked', () => {
    const random = seededRandom(5);
    for (let i = 0; i < PAIRS; i += 1) {
      const { retention } = MEDIA_CLASSES[
        Math.floor(random() * MEDIA_CLASSES.length)
      ] as (typeof MEDIA_CLASSES)[number];
      const one = setup({
        medium: { retention, ks_cms: 10 ** (-3 + 2 * random()) },
        plan: { kind: 'none' },
        days: 1,
        ...(random() < 0.5 ? {} : { lower_cm: 1 + 4 * random() }),
      });
      const pot = finished(watchPotSteps(columnOf(one)));
      const airs = [10, 60, 1440].map((minutes) => {
        const ended = { ...columnOf(one), reportEvery_d: minutes / 1440, end_d: minutes / 1440, reportAt_d: [] };
        const { profile } = column(ended);
        const from_cm = POT.height_cm * 0.2;
        const rooted = profile.map(({ z_cm }) => Math.max(0, Math.min(1, (z_cm + 0.5 - from_cm) / 1)));
        const width = profile.map(({ z_cm }) => (12 + (4 * z_cm) / 15) ** 2 + 1 / 12 / (15 / 4) ** 2);
        const whole = rooted.reduce((sum, part, k) => sum + part * (width[k] as number), 0);
        return profile.reduce((sum, { air }, k) => sum + air * (rooted[k] as number) * (width[k] as number), 0) / whole;
      });
      const told = [pot.soonAir, pot.air[1], pot.air[24]];
      told.forEach((air, k) => {
        expect(Math.abs((air as number) - (airs[k] as number))).toBeLessThan(0.002);
      });
    }
  });

  it('stands on native soil with its water table, and drains by it', () => {
    const bed = { container: { height_cm: 20 }, plan: { kind: 'none' as const }, days: 1 };
    const column = columnOf(setup({ ...bed, soil: { key: 'sand', table_cm: 60 } }));
    expect(column.layers.map(({ from_cm, to_cm }) => [from_cm, to_cm])).toEqual([
      [0, 60],
      [60, 80],
    ]);
    expect(column).toMatchObject({ base: { suction_cm: 0 }, rootDepth_cm: 16, container: { height_cm: 80 } });
    const [wet, deep] = [10, 100].map((table_cm) => watch({ ...bed, soil: { key: 'sand', table_cm } }));
    expect(deep?.air[0]).toBeGreaterThan((wet?.air[0] as number) + 0.05);
  });

  it('names the spans of hours that lie outside', () => {
    expect(spansOf(Float64Array.of(0.2, 0.05, 0.04, 0.2, 0.01), (air) => air < 0.1)).toEqual([
      [1, 2],
      [4, 4],
    ]);
  });

  it('is told by its hours too wet in the lowest third', () => {
    const wet = watch({ medium: { retention: { ...PEAT, alpha_percm: 0.01 }, ks_cms: 0.02 } });
    expect(wet.lowWetHours).toBeCloseTo(72, 6);
    expect(wet.wetHours).toBeCloseTo(72, 6);
  });
});

describe('how often to water it', () => {
  it('is asked of the pot as it is set up', () => {
    const { schedules, nearest_d } = rhythm({ ...rhythmOf(setup({ stand: 'glass' })), every_d: [1, 7] });
    expect(schedules.map(({ every_d }) => every_d)).toEqual([1, 7]);
    expect(schedules[0]?.each_mL).toBeCloseTo(dailyUse_mL(setup({ stand: 'glass' })) / 0.9, 6);
    expect(nearest_d).toBeGreaterThan(0);
  });
});

describe('stands', () => {
  it('are six, each with its demand', () => {
    expect(new Set(STANDS.map(({ key }) => key)).size).toBe(6);
    for (const { key } of STANDS) expect(columnOf(setup({ stand: key })).potential_mmPerD).toBeGreaterThan(0);
    expect(columnOf(setup({ mmPerD: 3.3 })).potential_mmPerD).toBe(3.3);
  });
});

describe('the conductivity of a medium', () => {
  const desk: DeskInput = {
    lines: [
      { parts: 2, lot: classLot('bark-graded') },
      { parts: 1, lot: classLot('coir-pith') },
    ],
    container: POT,
    model: 'packing',
  };

  it('is by its curve where nobody ran water through it', () => {
    expect(conductivityByCurve(PEAT).ks_cms).toBeCloseTo(0.0048, 4);
    const predicted = predictDesk(desk);
    expect(conductivityOf(desk, predicted, predicted.result.retention)).toMatchObject({ by: 'curve', factor: 5 });
  });

  it('is by what ran through its parts where somebody did', () => {
    const measured: DeskInput = {
      ...desk,
      lines: desk.lines.map((line) => ({ ...line, lot: { ...line.lot, facts: { ...line.lot.facts, k20_cms: 0.3 } } })),
    };
    const predicted = predictDesk(measured);
    expect(conductivityOf(measured, predicted, predicted.result.retention)).toMatchObject({
      by: 'measured',
      factor: 3,
    });
  });

  it('has bands with it: of storage, hours and days to dry', () => {
    const predicted = predictDesk(desk);
    const pot = setup({ medium: { retention: predicted.result.retention, ks_cms: 0.1 }, days: 2 });
    const bands = finished(
      potBandsSteps(pot, deskBandsInput(desk, undefined, 'air'), conductivityByCurve(predicted.result.retention), 8),
    );
    expect(bands.stored_mL).toHaveLength(3);
    expect(bands.lost).toBe(0);
    for (const band of [...bands.stored_mL, bands.daysToDry]) {
      expect(band.p5).toBeLessThanOrEqual(band.p50);
      expect(band.p50).toBeLessThanOrEqual(band.p95);
    }
    expect(bands.stored_mL[1]?.p95).toBeGreaterThan(bands.stored_mL[1]?.p5 as number);
    expect(bands.daysToDry.p50).toBeGreaterThan(1);
  });
});

describe('a column of a pot', () => {
  it('is one that can be followed by name', () => {
    expect(column(columnOf(setup({ days: 1 }))).checks).toEqual([]);
  });
});
