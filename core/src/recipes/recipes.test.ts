import { describe, expect, it } from 'vitest';
import { partsOf, readRecipe, type ReadLine } from '.';
import { LATER_RECIPE_TEXTS } from './fixtures/laterRecipeTexts';
import { MORE_RECIPE_TEXTS } from './fixtures/moreRecipeTexts';
import { RECIPE_TEXTS } from './fixtures/recipeTexts';

const short = (value: number): string => String(Math.round(value * 1000) / 1000);

/** A line as the fixture writes it: "2-3 part peat|coir?". */
function said({ name, alternatives, lo, hi, unit, optional }: ReadLine): string {
  const names = [name, ...alternatives].join('|') + (optional ? '?' : '');
  if (unit === 'rest') return `rest ${names}`;
  return `${lo === hi ? short(lo) : `${short(lo)}-${short(hi)}`} ${unit} ${names}`;
}

describe('a recipe as people write it', () => {
  it('is tried in at least sixty ways', () => {
    expect(RECIPE_TEXTS.length).toBeGreaterThanOrEqual(60);
  });

  it.each(RECIPE_TEXTS)('%s', (text, meant) => {
    const { lines, doubts } = readRecipe(text);
    expect(lines.map(said)).toEqual(meant.filter((one) => one !== '?'));
    // What the text does not say is asked about, once for each.
    expect(doubts).toHaveLength(meant.filter((one) => one === '?').length);
  });

  it.each([...MORE_RECIPE_TEXTS, ...LATER_RECIPE_TEXTS])(
    'is never read as something else, nor a line dropped: %s',
    (text, meant) => {
      const { lines, doubts } = readRecipe(text);
      const named = meant.filter((one) => one !== '?');
      const read = lines.map(said);
      // What is read is meant; what is not read, or was left open, is asked about.
      expect(read.filter((one) => !named.includes(one))).toEqual([]);
      if (read.length < named.length || named.length < meant.length) expect(doubts.length).toBeGreaterThan(0);
      else expect(doubts).toEqual([]);
    },
  );

  it('is read whole in at least 110 of the 120 that the reader was not made for', () => {
    const whole = MORE_RECIPE_TEXTS.filter(([text, meant]) => {
      const { lines, doubts } = readRecipe(text);
      const isOpen = meant.includes('?');
      return lines.map(said).join() === meant.filter((one) => one !== '?').join() && doubts.length > 0 === isOpen;
    });
    expect(whole.length).toBeGreaterThanOrEqual(110);
  });

  it.each([
    ['2 prats bark', '2 part bark'],
    ['2 quartz sand', '2 part quartz sand'],
    ['2 carts bark', '2 part carts bark'],
  ])('forgives one letter of a unit, and no other word: %s', (text, meant) => {
    expect(readRecipe(text).lines.map(said)).toEqual([meant]);
  });

  it('of nothing is nothing', () => {
    expect(readRecipe('  \n ')).toEqual({ lines: [], doubts: [] });
  });
});

describe('what was read, in loose parts', () => {
  const parts = (text: string) => {
    const { lines, doubts } = partsOf(readRecipe(text).lines);
    return { parts: lines.map((line) => line.parts), asks: doubts.map((doubt) => doubt.ask) };
  };

  it.each([
    ['2-3 parts bark, 1 part pumice', [2.5, 1]],
    ['20 L bark, 500 mL grit', [20, 0.5]],
    ['2 buckets loam, 1 bucket sand', [2, 1]],
    ['70 % bark, the rest coir', [70, 30]],
    ['4 parts peat, 3 g/L lime', [4, undefined]],
  ])('%s', (text, expected) => {
    expect(parts(text)).toEqual({ parts: expected, asks: [] });
  });

  it('counts buckets beside litres by their usual size, and a handful beside parts once a part has one', () => {
    expect(parts('2 buckets loam, 5 L sand')).toEqual({ parts: [20, 5], asks: [] });
    const read = readRecipe('3 parts bark, 2 handfuls of char').lines;
    expect(partsOf(read, { part_L: 8 })).toMatchObject({
      doubts: [],
      part_L: 1,
      lines: [{ parts: 24 }, { parts: 0.16 }],
    });
  });

  it('counts by what a bucket holds at this bench', () => {
    const read = readRecipe('2 buckets loam, 5 L sand').lines;
    expect(partsOf(read, { sizes: { bucket: 12 } }).lines.map((line) => line.parts)).toEqual([24, 5]);
  });

  it('asks for the grams of what is given by weight, however it was written', () => {
    const read = readRecipe('70 % coir, 5 % bone meal, the rest perlite').lines;
    const asked = partsOf(read);
    expect(asked.lines).toMatchObject([{ parts: 70 }, { dosed: 'bone-meal' }, { parts: 25 }]);
    expect(asked.lines[1]?.parts).toBeUndefined();
    expect(asked.doubts).toEqual([
      { text: '5 % bone meal', ask: expect.stringContaining('how many grams go to a litre made') as string },
    ]);
    expect(asked.whole).toBe(95);
    const settled = partsOf(read, { doses: { 1: 4 } });
    expect(settled.doubts).toEqual([]);
    expect(settled.lines[1]).toMatchObject({ gPerL: 4, dosed: 'bone-meal' });
    expect(partsOf(readRecipe('3 parts bark, 2-4 g/L lime').lines).lines[1]?.gPerL).toBe(3);
    expect(partsOf(readRecipe('3 parts bark, 1 tbsp slow feed').lines).doubts).toHaveLength(1);
  });

  it('lets what percent over 100 mean be settled', () => {
    const read = readRecipe('60% peat, 40% perlite, 10% char').lines;
    expect(partsOf(read).doubts).toHaveLength(1);
    expect(partsOf(read, { percent: 'on top' }).doubts).toEqual([]);
  });

  it('says what the rest fills up to', () => {
    expect(partsOf(readRecipe('70 % bark, the rest coir').lines).whole).toBe(100);
  });

  it('brings gallons and cubic feet to litres', () => {
    const { parts: found } = parts('1 cu ft peat, 1 gal perlite');
    expect((found[0] as number) / (found[1] as number)).toBeCloseTo(1728 / 231, 9);
  });

  it.each([
    ['3 parts bark, a handful of lime', /It counts in parts and in handfuls: how large is each/],
    ['60% peat, 30% perlite', /do not total 100/],
    ['2 parts bark, the rest coir', /The rest of what/],
    ['60% bark, the rest coir, the rest peat', /two rests/],
  ])('asks: %s', (text, ask) => {
    expect(parts(text).asks[0]).toMatch(ask);
  });
});
