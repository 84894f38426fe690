import { describe, expect, it } from 'vitest';
import { inUnit, readMeasure, UNITS, unitSpelt, type Unit } from '.';

const value = (text: string, wanted: string): number | undefined => {
  const { number } = readMeasure(text, wanted);
  return number.kind === 'number' ? number.value : undefined;
};

describe('a measure as it is typed', () => {
  it.each([
    ['3 cu ft', 'L', 84.950539776],
    ['1 cu. yd', 'L', 764.554857984],
    ['2 gal', 'L', 7.570823568],
    ['8 dry qt', 'L', 8.80976754172],
    ['4 cups', 'L', 0.946352946],
    ['500 mL', 'L', 0.5],
    ['0,5 m³', 'L', 500],
    ['1,5 kg', 'g', 1500],
    ['8 oz', 'g', 226.796185],
    ['2 lb', 'g', 907.18474],
    ['12 in', 'cm', 30.48],
    ['12"', 'cm', 30.48],
    ['85 mm', 'cm', 8.5],
    ['1 ft', 'cm', 30.48],
    ['68 °F', '°C', 20],
    ['212F', '°C', 100],
    ['650 µS/cm', 'dS/m', 0.65],
    ['0.65 mS/cm', 'dS/m', 0.65],
    ['1 per cu ft', 'per L', 0.03531466672],
    ['12.5', 'L', 12.5],
    ['1 152,3 g', 'g', 1152.3],
  ])('%s in %s', (text, wanted, right) => {
    expect(value(text, wanted)).toBeCloseTo(right, 8);
  });

  it.each([
    ['3 kg', 'L'],
    ['3 furlongs', 'cm'],
    ['3 L', 'cm'],
  ])('%s is no %s, and says what would be', (text, wanted) => {
    const { number } = readMeasure(text, wanted);
    expect(number).toMatchObject({ kind: 'refused', sentence: expect.stringContaining(wanted) as string });
  });

  it('asks about a comma in both units', () => {
    expect(readMeasure('1,234 kg', 'g').number).toMatchObject({ kind: 'ask', asDecimal: 1234, asThousands: 1_234_000 });
  });

  it('knows nothing of units where none is wanted', () => {
    expect(readMeasure('7 kg', 'pH').number.kind).toBe('refused');
    expect(value('7.5', 'pH')).toBe(7.5);
  });
});

describe('units', () => {
  const pairs = UNITS.flatMap((from) =>
    UNITS.filter((to) => to.kind === from.kind).map((to): [Unit, Unit] => [from, to]),
  );

  it('come back as they went, each to every other of its kind', () => {
    for (const [from, to] of pairs)
      for (const number of [0.05, 1, 17.3, 1234.5]) {
        const back = inUnit(inUnit(number, from, to), to, from);
        expect(Math.abs(back - number) / number, `${from.sign} ${to.sign}`).toBeLessThan(1e-9);
      }
  });

  it('are spelt one way each, and found by their sign', () => {
    const all = UNITS.flatMap(({ spelt }) => spelt);
    expect(new Set(all).size).toBe(all.length);
    for (const unit of UNITS) expect(unitSpelt(unit.sign)).toBe(unit);
  });

  it('keep one unit of each kind', () => {
    for (const kind of new Set(UNITS.map((unit) => unit.kind)))
      expect(
        UNITS.some((unit) => unit.kind === kind && unit.factor === 1),
        kind,
      ).toBe(true);
  });
});
