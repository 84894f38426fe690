import { describe, expect, it } from 'vitest';
import {
  analyseTrial,
  dayAfter,
  differencesOf,
  notTheMedium,
  type SpeciesFound,
  type TrialPlan,
  type TrialRecord,
} from '.';
import { SMALL_PLAN, smallTrial } from './fixtures/smallTrial';

const whole = smallTrial();
const cressOf = (record: TrialRecord): SpeciesFound => analyseTrial(record).species[0] as SpeciesFound;
const heightOf = (record: TrialRecord) => cressOf(record).traits.find(({ trait }) => trait === 'height');

describe('a trial that was kept whole', () => {
  const found = analyseTrial(whole);

  it('compares plots in their blocks at the oldest age, plants averaged first', () => {
    const height = heightOf(whole);
    expect(height?.compared?.age_d).toBe(21);
    expect(height?.compared?.result.method).toBe('blocks');
    expect(height?.compared?.result.groups.map(({ n }) => n)).toEqual([4, 4, 4]);
    expect(height?.compared?.reason).toMatch(/Every block has every medium/);
  });

  it('says in its unit who is taller, and what can still hide in the rest', () => {
    expect(found.answers[0]).toMatch(/beside Medium A: Medium C \d+(\.\d+)? mm above \(/);
    expect(found.answers[0]).toMatch(/Medium B cannot be told from it, no difference larger than [\d.]+ mm is likely/);
  });

  it('gives the ratio to the reference, with its error', () => {
    const ratio = found.ratios?.media.find(({ name }) => name === 'Medium C');
    expect(ratio?.ratio).toBeGreaterThan(1.4);
    expect(ratio?.ratio).toBeLessThan(1.9);
    expect(ratio?.se).toBeGreaterThan(0);
  });

  it('counts what came up, tray by tray', () => {
    const germination = cressOf(whole).germination;
    expect(germination?.compared.groups.map(({ up, sown }) => [up, sown])).toEqual([
      [44, 48],
      [44, 48],
      [32, 48],
    ]);
    expect(germination?.curves[0]?.points.map(({ share }) => Math.round(share * 48))).toEqual([16, 36, 44]);
  });

  it('draws a band only from three plots on', () => {
    const one = smallTrial({ ...SMALL_PLAN, blocks: 2 });
    expect(heightOf(one)?.arms[0]?.ages[0]?.ci95).toBeUndefined();
    expect(heightOf(whole)?.arms[0]?.ages[0]?.ci95).toBeDefined();
  });
});

describe('one tray a medium', () => {
  const single = smallTrial({ ...SMALL_PLAN, blocks: 1 });

  it('has figures and no p anywhere', () => {
    const found = analyseTrial(single);
    expect(JSON.stringify(found)).not.toMatch(/"p":|pRanks|"f":/);
    expect(heightOf(single)?.arms[2]?.ages[0]?.value).toBeGreaterThan(60);
    expect(found.answers[0]).toMatch(
      /one pot of a medium, so that it cannot be told apart whether the medium differs or the pot/,
    );
  });

  it('has no error on its ratio', () => {
    expect(analyseTrial(single).ratios?.media.every(({ se }) => se === undefined)).toBe(true);
  });
});

describe('what is not there', () => {
  const with_ = (change: (record: TrialRecord) => Partial<TrialRecord>): TrialRecord => ({
    ...whole,
    ...change(whole),
  });
  const first = whole.plots.find(({ arm }) => arm === 'b');
  const of21 = (plant: number) => ({
    plotId: first?.id ?? '',
    plant,
    trait: 'height' as const,
    on: dayAfter('2026-04-01', 21),
  });

  it('missing is no value, and a plot without any leaves its block incomplete', () => {
    const missing = [1, 2, 3].map((plant) => ({ ...of21(plant), state: 'missing' as const }));
    const height = heightOf(with_(({ readings }) => ({ readings: [...readings, ...missing] })));
    expect(height?.compared?.result.method).toBe('incomplete-blocks');
    expect(height?.compared?.result.groups.map(({ n }) => n)).toEqual([4, 3, 4]);
  });

  it('dead is not missing: it is counted, and the height is of those alive', () => {
    const dead = with_(({ readings }) => ({ readings: [...readings, { ...of21(1), state: 'dead' as const }] }));
    expect(cressOf(dead).deaths).toEqual([{ arm: 'b', dead: 1, of: 12 }]);
    const plot = heightOf(dead)?.plots.find((one) => one.plot.id === first?.id && one.age_d === 21);
    expect(plot?.plants).toHaveLength(2);
  });

  it('a dead plot harvested nothing, which is a value', () => {
    const on = dayAfter('2026-04-01', 28);
    const cut = whole.plots.map(({ id }) => ({
      plotId: id,
      plant: 0,
      trait: 'fresh' as const,
      on,
      ...(id === first?.id ? { state: 'dead' as const } : { value: 12 }),
    }));
    const fresh = cressOf(with_(({ readings }) => ({ readings: [...readings, ...cut] }))).traits.find(
      ({ trait }) => trait === 'fresh',
    );
    expect(fresh?.plots.find(({ plot }) => plot.id === first?.id)?.value).toBe(0);
  });

  it('a corrected reading stands in the place of the first', () => {
    const again = with_(({ readings }) => ({ readings: [...readings, { ...of21(1), value: 500 }] }));
    const plot = heightOf(again)?.plots.find((one) => one.plot.id === first?.id && one.age_d === 21);
    expect(plot?.plants[0]).toBe(500);
    expect(plot?.plants).toHaveLength(3);
  });

  it('a plot that is left out enters nowhere and is told', () => {
    const out = with_(() => ({ out: [{ plotId: first?.id ?? '', reason: 'knocked over' }] }));
    expect(heightOf(out)?.plots.some(({ plot }) => plot.id === first?.id)).toBe(false);
    expect(analyseTrial(out).checks.map(({ code }) => code)).toContain('left-out');
  });

  it('the rule said before sowing drops what came up too little', () => {
    const plan = { ...SMALL_PLAN, culling: { under: 9, age_d: 7 } };
    const found = analyseTrial({ ...whole, plan });
    expect(found.culled).toHaveLength(4);
    expect(found.species[0]?.traits.find(({ trait }) => trait === 'height')?.arms.map(({ arm }) => arm)).toEqual([
      'a',
      'b',
    ]);
  });

  it('a plot that was moved is compared where it was drawn, and told', () => {
    const [p, q] = [whole.plots[0], whole.plots.find(({ block }) => block === 3)];
    const moved = with_(() => ({
      moves: [{ plotId: p?.id ?? '', withId: q?.id ?? '', on: '2026-04-10', reason: 'lamp' }],
    }));
    expect(analyseTrial(moved).checks.map(({ code }) => code)).toEqual(['moved']);
    expect(heightOf(moved)?.compared?.result.blocks).toEqual(heightOf(whole)?.compared?.result.blocks);
  });
});

describe('other days of sowing', () => {
  const late = (own: string): TrialPlan => ({
    ...SMALL_PLAN,
    arms: SMALL_PLAN.arms.map((arm) => (arm.key === 'c' ? { ...arm, own: { sownOn: own } } : arm)),
  });

  it('are compared at the same age, never on the same day', () => {
    const height = heightOf(smallTrial(late('2026-04-08')));
    expect(height?.compared?.age_d).toBe(21);
    expect(height?.compared?.result.groups[2]?.mean).toBeGreaterThan(100);
  });

  it('are refused where no age is common', () => {
    const plan = late('2026-04-04');
    const record = smallTrial(plan);
    // All was read on the days that suited the first two.
    const days = new Set([dayAfter('2026-04-01', 14), dayAfter('2026-04-01', 21)]);
    const readings = record.readings
      .filter(({ trait }) => trait === 'height')
      .map((reading) => (days.has(reading.on) ? reading : { ...reading, on: dayAfter(reading.on, -3) }));
    expect(heightOf({ ...record, readings })?.refused).toMatch(/same number of days after sowing/);
  });

  it('count as a difference besides the medium until somebody said what of it', () => {
    const plan = late('2026-04-08');
    expect(differencesOf(plan).map(({ circumstance }) => circumstance)).toEqual(['sownOn']);
    expect(notTheMedium(plan)).toMatch(/day of sowing/);
    expect(analyseTrial(smallTrial(plan)).ratios).toBeUndefined();
    const settled = [
      { circumstance: 'sownOn' as const, how: 'accepted' as const, words: 'The same week, same lamps.' },
    ];
    expect(notTheMedium({ ...plan, settled })).toBeUndefined();
    expect(analyseTrial(smallTrial({ ...plan, settled })).ratios).toBeDefined();
  });
});

describe('what differs besides', () => {
  it('is nothing where a comparator has no medium', () => {
    const arms = [...SMALL_PLAN.arms, { key: 'w', name: 'Water', mediumKind: 'none' as const, own: { feed: 'full' } }];
    expect(differencesOf({ ...SMALL_PLAN, arms })).toEqual([]);
  });

  it('is what the trial asks where all stand in one medium', () => {
    const arms = SMALL_PLAN.arms.map((arm, i) => ({ ...arm, mediumId: 'a', own: { watering: `school ${String(i)}` } }));
    const settled = [{ circumstance: 'watering' as const, how: 'asked' as const, words: 'That is the question.' }];
    expect(notTheMedium({ ...SMALL_PLAN, arms, settled })).toMatch(/put down to watering/);
  });
});

describe('signs and turns', () => {
  it('are told with the week in which they were first seen', () => {
    const sees = (arm: string, on: string) =>
      whole.plots
        .filter((plot) => plot.arm === arm)
        .map(({ id }) => ({
          plotId: id,
          plant: 0,
          trait: 'signs' as const,
          on,
          signs: ['yellow old leaves' as const],
        }));
    const seen = [...sees('c', dayAfter('2026-04-01', 21)), ...sees('b', dayAfter('2026-04-01', 13)).slice(0, 1)];
    expect(cressOf({ ...whole, readings: [...whole.readings, ...seen] }).signs).toEqual([
      { sign: 'yellow old leaves', arm: 'b', week: 2, plots: 1, of: 4 },
      { sign: 'yellow old leaves', arm: 'c', week: 4, plots: 4, of: 4 },
    ]);
  });

  it('colour that falls by a step and stays there says when a medium turned', () => {
    const colours = [5, 5, 5, 3.8, 3.5];
    const read = whole.plots.flatMap(({ id, arm }) =>
      colours.map((value, i) => ({
        plotId: id,
        plant: 0,
        trait: 'colour' as const,
        on: dayAfter('2026-04-01', 7 * (i + 1)),
        value: arm === 'b' ? value : 5,
      })),
    );
    expect(cressOf({ ...whole, readings: [...whole.readings, ...read] }).turned).toEqual([{ arm: 'b', paled_d: 28 }]);
  });
});
