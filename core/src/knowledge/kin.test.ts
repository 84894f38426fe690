import { describe, expect, it } from 'vitest';
import { MEDIA_CLASSES } from '../classes';
import { lotCard } from '../lots';
import { seededRandom } from '../scoring';
import { drawsWithin, readCapacity, readDensity, readPorosity, truthOf, type Truth } from '../testing/syntheticLot';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { bodyOf, isRead, kinOf, knownCurve, ownReadings, valueOf, type LotReadings } from '.';

const BARK = MEDIA_CLASSES.find(({ id }) => id === 'bark-fine') as (typeof MEDIA_CLASSES)[number];
const CLASS = { materialClass: 'bark-fine', seen: [] } as const;

function read(truth: Truth, seed: number): LotReadings {
  const random = seededRandom(seed);
  return {
    materialClass: 'bark-fine',
    seen: [
      { kind: 'porosity', values: readPorosity(random, truth, 3) },
      { kind: 'column', height_cm: 12, values: readCapacity(random, truth, { height_cm: 12 }, 3) },
    ],
    dryBulkDensity_gcc: [readDensity(random, truth, 3)],
    pH: [[truth.pH]],
  };
}

/** So many lots of one material, as far apart as this share of the class's variance. */
function lots(count: number, share: number, seed: number): LotReadings[] {
  const random = seededRandom(seed);
  const draws = drawsWithin(random, share);
  return Array.from({ length: count }, (_, i) => read(truthOf(random, BARK, draws), seed + i));
}

const withKin = (readings: LotReadings, kin: LotReadings['kin']): LotReadings =>
  kin === undefined ? readings : { ...readings, kin };

const widthOf = (readings: LotReadings): number => {
  const { p5, p95 } = knownCurve(readings).airAt10;
  return p95 - p5;
};

describe('a lot that was not read, from others of its material', () => {
  it('is as its class where none of them was', () => {
    expect(kinOf([])).toBeUndefined();
    expect(kinOf([CLASS])).toBeUndefined();
  });

  it('lies towards them, and is surer with each', () => {
    const others = lots(6, 0.1, 41);
    const [one, all] = [kinOf(others.slice(0, 1)), kinOf(others)];
    expect([one?.lots, all?.lots]).toEqual([1, 6]);
    const [alone, few, many] = [CLASS, withKin(CLASS, one), withKin(CLASS, all)].map(widthOf) as [
      number,
      number,
      number,
    ];
    expect(few).toBeLessThan(0.95 * alone);
    expect(many).toBeLessThan(0.95 * few);
    const density = (readings: LotReadings): number => bodyOf(readings).x[4] as number;
    const mean = others.reduce((sum, other) => sum + density(other), 0) / 6;
    const off = (readings: LotReadings): number => Math.abs(density(readings) - mean);
    expect(off(withKin(CLASS, all))).toBeLessThan(0.3 * off(CLASS));
  });

  it('never becomes surer than lots of one material lie apart', () => {
    const twin = lots(1, 0.25, 3)[0] as LotReadings;
    const kin = kinOf(Array.from({ length: 200 }, () => twin));
    for (const row of kin?.body?.factor ?? []) expect(Math.hypot(...row)).toBeGreaterThanOrEqual(Math.sqrt(0.02));
  });

  it('is as wide as they are seen to lie apart', () => {
    const [alike, apart] = [kinOf(lots(6, 0.02, 7)), kinOf(lots(6, 1, 7))].map(
      (kin) => kin?.pH?.factor[0]?.[0] as number,
    );
    expect(apart).toBeGreaterThan(1.3 * (alike as number));
  });

  it('has their pH by the same rule, and no buffering where none of them says', () => {
    const others = lots(4, 0.05, 11).map((one) => ({ ...one, pH: [[6.9, 6.9]] }));
    const kin = kinOf(others);
    const [own, byKin] = [valueOf('pH', CLASS), valueOf('pH', withKin(CLASS, kin))];
    expect(Math.abs((byKin?.x as number) - 6.9)).toBeLessThan(0.5 * Math.abs((own?.x as number) - 6.9));
    expect(kin).not.toHaveProperty('buffer_meqPerLpH');
  });

  it('works for a material that nobody put in a class', () => {
    const others = lots(3, 0.1, 13).map(({ materialClass: _, ...one }) => one);
    const kin = kinOf(others);
    expect(widthOf(withKin({ seen: [] }, kin))).toBeLessThan(0.8 * widthOf({ seen: [] }));
  });

  it('is refused where it is nonsense, at its field', () => {
    const leaning = { shift: [0], factor: [[1]] };
    const curve = (kin: LotReadings['kin']) => () => knownCurve(withKin(CLASS, kin));
    expect(curve({ lots: 1, body: leaning })).toThrow(/kin\.body/);
    expect(curve({ lots: 1, pH: { shift: [0], factor: [[0]] } })).toThrow(/kin\.pH\.factor/);
    expect(curve({ lots: 0, pH: leaning })).toThrow(/kin\.lots/);
    expect(curve({ lots: 1, ec_dSm: { shift: [13], factor: [[1]] } })).toThrow(/kin\.ec_dSm\.shift/);
  });
});

describe('a card of a lot that was not tested', () => {
  const tested = lotCard(pumiceLot([runOf('saturate-drain-dry', PUMICE_SHEET)]));
  const others = [ownReadings((tested.curve as NonNullable<typeof tested.curve>).readings)];

  it('says what other lots have, says so, and draws their pail', () => {
    const [alone, card] = [lotCard(pumiceLot([])), lotCard({ ...pumiceLot([]), kin: others })];
    expect(card.curve?.kind).toBe('class');
    expect(card.curve?.note).toBe('Curve as 1 other lot of this material has it, not measured in this one.');
    const from = (field: string) => card.component?.origins.find((one) => one.field === field)?.origin;
    expect([from('retention'), from('dryBulkDensity_gcc'), from('pH')]).toEqual(['material', 'material', 'class']);
    const off = (one: typeof card): number => Math.abs((one.pail?.air as number) - (tested.pail?.air as number));
    expect(card.pail?.kind).toBe('material');
    expect(off(card)).toBeLessThan(off(alone));
  });

  it('keeps to itself what was read of it: others say only what was not', () => {
    const own = pumiceLot([runOf('saturate-drain-dry', PUMICE_SHEET)]);
    const card = lotCard({ ...own, kin: others });
    expect(card.curve?.readings).toEqual(tested.curve?.readings);
    expect(isRead(card.curve?.readings as LotReadings)).toBe(true);
  });

  it('does not listen to lots of another class', () => {
    const card = lotCard({ ...pumiceLot([]), kin: others.map((one) => ({ ...one, materialClass: 'bark-fine' })) });
    expect(card.curve?.readings.kin).toBeUndefined();
  });
});
