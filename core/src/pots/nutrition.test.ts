import { describe, expect, it } from 'vitest';
import { deskOfLot } from '../desk';
import { classLot } from '../testing/classLot';
import { carriedOff_mg, filledMedium, foodOf, slumpShare, watchDiary, type DiaryLine } from '.';

const NOW = Date.parse('2026-11-29T12:00:00Z');
const DAY_MS = 24 * 3600 * 1000;
const SHAPE = { height_cm: 18, topDiameter_cm: 20, baseDiameter_cm: 16 };
const bark = classLot('bark-fine');
const desk = deskOfLot(bark, SHAPE);
const medium = filledMedium(desk);
const at = (days: number): string => new Date(NOW - days * DAY_MS).toISOString();
const pot = {
  shape: SHAPE,
  medium,
  feeder: 'medium' as const,
  filledOn: at(40).slice(0, 10),
  mmPerD: 2.5,
};
const fed = (days: number, feed: DiaryLine['feed'], volume_mL?: number): DiaryLine => ({
  at: at(days),
  kind: 'fed',
  ...(feed === undefined ? {} : { feed }),
  ...(volume_mL === undefined ? {} : { volume_mL }),
});

describe('the food of a pot', () => {
  it('is not known where no report, no dose and no feed tells of it', () => {
    expect(foodOf(pot, [], NOW)).toBeUndefined();
    expect(foodOf(pot, [{ at: at(3), kind: 'watered' }], NOW)).toBeUndefined();
  });

  it('lasts so long as the plant’s use, decay’s share and the drainage leave of a feed', () => {
    const volume_L = (Math.PI / 12) * 18 * (256 + 320 + 400) * 1e-3;
    // 10 g of 10 %, at once: 1000 mg; 40 days after filling decay takes nearly nothing more.
    const old = { ...pot, filledOn: at(400).slice(0, 10) };
    const food = foodOf(old, [fed(0, { g: 10, n_percent: 10 })], NOW);
    expect(food?.left_mgL).toBeGreaterThan(0);
    const water_mL = 1000 * volume_L * medium.predicted.result.water;
    const drained_mLperD = (2.5 * (Math.PI / 4) * 400) / 10 / 9;
    let [left, days] = [1000, 0];
    while (left >= 4 * volume_L) {
      left -= 4 * volume_L;
      left -= left * (drained_mLperD / water_mL);
      days += 1;
    }
    const short_d = ((food?.short_ms ?? NaN) - NOW) / DAY_MS;
    expect(Math.abs(short_d - days)).toBeLessThanOrEqual(1);
  });

  it('lasts longer for a light feeder, and with a feed that was mixed in', () => {
    const diary = [fed(20, { g: 12, n_percent: 10, lasts_d: 90 })];
    const [light, heavy] = (['light', 'heavy'] as const).map((feeder) => foodOf({ ...pot, feeder }, diary, NOW));
    expect(light?.left_mgL ?? 0).toBeGreaterThan(heavy?.left_mgL ?? 0);
    const dosed = foodOf({ ...pot, recipe: { additives: [{ name: 'Feed', gPerL: 2, n_percent: 10 }] } }, [], NOW);
    const more = foodOf({ ...pot, recipe: { additives: [{ name: 'Feed', gPerL: 4, n_percent: 10 }] } }, [], NOW);
    expect(more?.left_mgL ?? 0).toBeGreaterThan((dosed?.left_mgL ?? 0) + 50);
  });

  it('knows what ran through where every watering was measured', () => {
    const use_mL = (2.5 * (Math.PI / 4) * 400) / 10;
    const waterings = [10, 8, 6, 4, 2].map((days) => ({ at: at(days), kind: 'watered', volume_mL: 4 * use_mL }));
    const diary = [...waterings, fed(9, { n_mgL: 100 }, 500)];
    // 20 days' use was given in 10.
    expect(foodOf(pot, diary, NOW)?.drainedShare).toBeCloseTo(0.5, 6);
    const scarce = waterings.map((one) => ({ ...one, volume_mL: use_mL }));
    expect(foodOf(pot, [...scarce, fed(9, { n_mgL: 100 }, 500)], NOW)).toMatchObject({ drainedShare: 0, feeds: 1 });
  });
});

describe('a pot as its diary tells of it', () => {
  it('is watered next when half of its water is gone, in a band around that', () => {
    const weights = [3000, 2850, 2700].map((mass_g, i) => ({ at: at(3 - i), kind: 'weighed', mass_g }));
    const diary = [{ at: at(3.2), kind: 'watered' }, ...weights];
    const { next, advice } = watchDiary({ ...pot, stand: 'mild', diary }, NOW);
    expect(next?.at_ms).toBeGreaterThan(NOW);
    expect(next?.band_ms[0]).toBeLessThan(next?.at_ms ?? 0);
    expect(next?.band_ms[1]).toBeGreaterThan(next?.at_ms ?? 0);
    expect(advice).toMatchObject([{ act: 'leave-alone' }]);
    expect(watchDiary({ ...pot, stand: 'mild', diary: [] }, NOW).next).toBeUndefined();
  });

  it('believes the place that it was moved to last', () => {
    const weighed = { at: at(1), kind: 'weighed', mass_g: 3000 };
    const moved: DiaryLine = { at: at(2), kind: 'moved', stand: 'wind' };
    const dry = [{ at: at(3), kind: 'watered' }, weighed];
    const [mild, windy] = [dry, [...dry, moved]].map((diary) => watchDiary({ ...pot, stand: 'mild', diary }, NOW));
    expect(windy?.next?.at_ms ?? 0).toBeLessThan(mild?.next?.at_ms ?? 0);
  });
});

it('a loose mix stands lower once it is watered, by what its parts settle', () => {
  const half = { ...bark, settledPerLoose: 0.8 };
  const whole = { ...bark, settledPerLoose: 1 };
  const lines = [
    { parts: 3, lot: half },
    { parts: 1, lot: whole },
  ];
  expect(slumpShare({ ...desk, lines })).toBeCloseTo(0.15, 12);
  expect(slumpShare({ ...desk, lines: [{ parts: 1, lot: whole }] })).toBe(0);
});

describe('what drainage carries off', () => {
  const gone = { held_mL: 500, drained_mL: 500, volume_L: 1 };

  it('is what was dissolved, thinned by each litre that runs through', () => {
    const recipe = { additives: [{ name: 'Feed', gPerL: 1, n_percent: 10 }] };
    const held = carriedOff_mg(medium, recipe, { ...gone, drained_mL: 1e9 }) as number;
    expect(held).toBeGreaterThan(50);
    expect(carriedOff_mg(medium, recipe, gone)).toBeCloseTo(held * (1 - Math.exp(-1)), 6);
    expect(carriedOff_mg(medium, recipe, { ...gone, drained_mL: 0 })).toBe(0);
  });

  it('is not known where nothing tells of its nitrogen', () => {
    expect(carriedOff_mg(medium, {}, gone)).toBeUndefined();
  });
});
