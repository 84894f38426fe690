import { describe, expect, it } from 'vitest';
import { MEDIA_CLASSES } from '../classes';
import { drawdownOf, feeding, foodOfLot, nitrogenLeft, nutrients, type FeedingInput, type NutrientsInput } from '.';

const lines: NutrientsInput['lines'] = [
  { name: 'Compost', volume: 2, mgL: { labNitrate: 180, labAmmonium: 20, labPotassium: 400, labMagnesium: 6 } },
  { name: 'Bark', volume: 2, drawdown_mgL: 80 },
];
const input: NutrientsInput = { lines, made: 4, feeder: 'medium' };

describe('what a blend feeds', () => {
  it('shares nitrate and ammonium out as one nitrogen over what is made', () => {
    const { available_mgL, drawdown_mgL, judged } = nutrients(input);
    expect(available_mgL).toBe(100);
    expect(drawdown_mgL).toBe(40);
    expect(judged.map((one) => [one.element, one.mgL, one.state])).toEqual([
      ['nitrogen', 100, 'enough'],
      ['labPotassium', 200, 'enough'],
      ['labMagnesium', 3, 'low'],
    ]);
  });

  it('names what falls furthest short, by part of its range and not by weight', () => {
    expect(nutrients(input).limiting).toBe('labMagnesium');
    const hungry = nutrients({
      ...input,
      lines: [{ name: 'Compost', volume: 2, mgL: { labNitrate: 20, labPotassium: 150 } }],
      made: 2,
    });
    expect(hungry.limiting).toBe('nitrogen');
    expect(
      nutrients({ ...input, lines: [{ name: 'Rich', volume: 4, mgL: { labNitrate: 150 } }] }).limiting,
    ).toBeUndefined();
  });

  it('lasts supply over uptake where nothing decays', () => {
    const plain = nutrients({
      lines: [{ name: 'Feed', volume: 1, mgL: { labNitrate: 100 } }],
      made: 1,
      feeder: 'medium',
    });
    expect(plain.days).toBeCloseTo(25, 9);
  });

  it('lasts as long as its own curve of what is left says', () => {
    const { days, uptake_mgLd } = nutrients(input);
    expect(nitrogenLeft(100, 40, uptake_mgLd, days as number)).toBeCloseTo(0, 9);
    // Decay has taken nothing on the first day, two thirds of its share by the fourteenth, all of it in the end.
    expect(nitrogenLeft(100, 40, 0, 0)).toBe(100);
    expect(nitrogenLeft(100, 40, 0, 14)).toBeCloseTo(100 - 40 * (1 - 1 / Math.E), 9);
    expect(nitrogenLeft(100, 40, 0, 1000)).toBeCloseTo(60, 9);
    expect(nutrients({ ...input, feeder: 'heavy' }).days as number).toBeLessThan(days as number);
    expect(nutrients({ ...input, fed_mgL: 50 }).days as number).toBeGreaterThan(days as number);
  });

  it('asks for the lower end and the drawdown, in grams of a product', () => {
    const { toAdd_mgL, product_gPerL } = nutrients({ ...input, productN_percent: 15 });
    expect(toAdd_mgL).toBeCloseTo(80 + 40 - 100, 9);
    expect(product_gPerL).toBeCloseTo(20 / 150, 9);
    const richer = nutrients({ ...input, fed_mgL: toAdd_mgL as number });
    expect(richer.toAdd_mgL).toBeCloseTo(0, 9);
  });

  it('says what it counts as no food, and knows no nitrogen where nobody reports any', () => {
    expect(nutrients(input).checks[0]?.message).toContain('Bark');
    const none = nutrients({ lines: [{ name: 'Bark', volume: 1 }], made: 1, feeder: 'light' });
    expect(none).not.toHaveProperty('days');
    expect(none.judged).toEqual([]);
  });

  it.each([
    [{ feeder: 'greedy' }, 'feeder'],
    [{ made: 0 }, 'made'],
    [{ lines: [] }, 'lines'],
    [{ productN_percent: 0 }, 'productN_percent'],
  ])('refuses %j', (wrong, path) => {
    expect(() => nutrients({ ...input, ...(wrong as object) })).toThrow(`invalid ${path}`);
  });

  it('takes more nitrogen the more a class draws down', () => {
    const order = [
      'none',
      'none-to-slight',
      'slight',
      'slight-to-moderate',
      'moderate',
      'strong',
      'very-strong',
    ] as const;
    const taken = order.map(drawdownOf);
    expect(taken).toEqual([...taken].sort((a, b) => a - b));
    expect(new Set(taken).size).toBe(order.length);
    expect(MEDIA_CLASSES.every(({ nitrogenDrawdown }) => Number.isFinite(drawdownOf(nitrogenDrawdown)))).toBe(true);
  });
});

const pot: FeedingInput = {
  medium_L: 2,
  water_mL: 1000,
  days: 60,
  start_mgL: 40,
  drawdown_mgL: 0,
  uptake_mgLd: 4,
  drained_mLperD: 0,
  feeds: [],
};

describe('feeding a pot', () => {
  it('runs short on the day when supply over uptake is used', () => {
    expect(feeding(pot).short_d).toBe(10);
    expect(feeding({ ...pot, start_mgL: 400 })).not.toHaveProperty('short_d');
  });

  it('loses nothing: what came in is taken, drained, drawn or still there', () => {
    const fed = feeding({
      ...pot,
      drawdown_mgL: 60,
      drained_mLperD: 50,
      feeds: [
        { kind: 'liquid', n_mgL: 150, volume_mL: 200, every_d: 7, first_d: 3 },
        { kind: 'coated', g: 6, n_percent: 15, lasts_d: 90, first_d: 0 },
      ],
    });
    const { given_mg, taken_mg, drained_mg, drawn_mg, left_mg } = fed;
    expect(taken_mg + drained_mg + drawn_mg + left_mg).toBeCloseTo(given_mg + 80, 9);
    expect(drained_mg).toBeGreaterThan(0);
    expect(drawn_mg).toBeGreaterThan(0);
  });

  it('gives a liquid on its days and a slow feed evenly', () => {
    const liquid = feeding({
      ...pot,
      feeds: [{ kind: 'liquid', n_mgL: 100, volume_mL: 300, every_d: 14, first_d: 2 }],
    });
    expect(liquid.doses[0]?.due_d).toEqual([2, 16, 30, 44, 58]);
    expect(liquid.doses[0]?.n_mg).toBe(30);
    const slow = feeding({ ...pot, feeds: [{ kind: 'top-dress', g: 10, n_percent: 10, lasts_d: 40, first_d: 0 }] });
    expect(slow.days[9]?.given_mg).toBeCloseTo(250, 9);
    expect(slow.given_mg).toBeCloseTo(1000, 9);
  });

  it('lets drainage carry off what is dissolved', () => {
    const dry = feeding({ ...pot, uptake_mgLd: 0 });
    expect(dry.left_mg).toBe(80);
    const wet = feeding({ ...pot, uptake_mgLd: 0, drained_mLperD: 100, days: 10 });
    expect(wet.left_mg).toBeCloseTo(80 * 0.9 ** 10, 9);
  });

  it.each([
    [{ days: 0 }, 'days'],
    [{ water_mL: 0 }, 'water_mL'],
    [{ feeds: [{ kind: 'liquid', n_mgL: 1, volume_mL: 1, every_d: 0, first_d: 0 }] }, 'feeds[0].every_d'],
    [{ feeds: [{ kind: 'coated', g: 1, n_percent: 1, lasts_d: 0, first_d: 0 }] }, 'feeds[0].lasts_d'],
  ])('refuses %j', (wrong, path) => {
    expect(() => feeding({ ...pot, ...(wrong as object) })).toThrow(`invalid ${path}`);
  });
});

describe('the index of what a report found', () => {
  const index = (mgL: Readonly<Record<string, number>>) =>
    nutrients({ lines: [{ name: 'Mix', volume: 1, mgL }], made: 1, feeder: 'medium' }).index;

  it('counts main elements more than traces, and only what was reported', () => {
    expect(index({ labNitrate: 100, labPotassium: 100 })).toBe(1);
    // Nitrogen 2 in range, iron 0.25 not.
    expect(index({ labNitrate: 100, labIron: 0.1 })).toBeCloseTo(2 / 2.25, 12);
    expect(index({ labNitrate: 10, labIron: 1 })).toBeCloseTo(0.25 / 2.25, 12);
    expect(index({})).toBeUndefined();
  });

  it('takes too much for out of range as well', () => {
    expect(index({ labSodium: 60 })).toBe(1);
    expect(index({ labSodium: 61 })).toBe(0);
  });

  it('of a lot by itself rests on what was measured, not on a label', () => {
    const figure = (property: string, mean: number, origin = 'measured') => ({ property, origin, summary: { mean } });
    expect(foodOfLot('Coir', [figure('pH', 6), figure('labPotassium', 400, 'label')], 'medium')).toBeUndefined();
    const input = foodOfLot('Coir', [figure('labPotassium', 400), figure('labNitrate', 90)], 'medium');
    expect(input && nutrients(input)).toMatchObject({ index: 0.5 });
  });
});
