import { describe, expect, it } from 'vitest';
import {
  benchSays,
  classResult,
  figureOf,
  LESSONS,
  PUPIL_SHEETS,
  sheetResult,
  stepsOf,
  valuesByTime,
  whyDiffers,
} from '.';
import type { GroupSheet, GroupValues, PupilSheet } from '.';
import { lotCard } from '../lots';
import { protocolCalled, pumiceLot } from '../testing/sampleLot';
import { JUG_SHEET } from './jugSheet';

const HANDLES_STUFF = /stuff|bag|palm|squeeze|cup\b/i;

describe('the lessons that ship', () => {
  it('are eight, each whole, on sheets that ship', () => {
    expect(LESSONS.map(({ key }) => key)).toEqual([
      'air-and-water',
      'pot-height',
      'gravel',
      'guess-measure-explain',
      'two-parts',
      'acid',
      'which-bag',
      'hand-and-eye',
    ]);
    for (const { sheet, minutes, materials, questions, samples } of LESSONS) {
      expect(PUPIL_SHEETS).toContain(sheet);
      expect(minutes).toBeLessThanOrEqual(50);
      expect(materials.length).toBeGreaterThan(3);
      expect(questions.length).toBeGreaterThan(1);
      expect(samples.least).toBeLessThanOrEqual(samples.most);
    }
  });

  it('say what a good answer is, by figures that their sheets give', () => {
    for (const { key, sheet, questions } of LESSONS)
      for (const { figure, answer } of questions) {
        expect(answer.length, key).toBeGreaterThan(5);
        if (figure !== undefined)
          expect(
            sheet.figures.map((one) => one.key),
            key,
          ).toContain(figure);
      }
  });

  it.each(LESSONS)('say to an adult what pupils must not do: $key', ({ cautions, sheet, materials }) => {
    expect(cautions).toContain('pupils');
    expect(materials.join()).toMatch(/gloves and goggles/);
    // No oven, no acid, no raw manure by pupils.
    for (const { say } of sheet.steps) expect(say).not.toMatch(/oven|\bacid\b|manure|taste|sniff/i);
  });
});

describe.each(PUPIL_SHEETS)('the sheet $key', (sheet: PupilSheet) => {
  it('has a caution at the first step that handles stuff, of all that its lessons name', () => {
    const first = sheet.steps.find(({ say }) => HANDLES_STUFF.test(say));
    const own = new Set(sheet.steps.flatMap(({ caution }) => caution ?? []));
    if (sheet.key === 'bag') expect(own).toContain('lifting');
    else if (sheet.key === 'mixing') expect(first?.caution).toBe('dust');
    else expect(own).toContain('germs');
    for (const lesson of LESSONS.filter((one) => one.sheet === sheet))
      for (const caution of own) expect(lesson.cautions).toContain(caution);
  });

  it('makes its figures of its own steps, and asks for one guess at least', () => {
    const steps = sheet.steps.map(({ key }) => key);
    for (const figure of sheet.figures) expect(steps).toEqual(expect.arrayContaining([...stepsOf(figure)]));
    expect(sheet.figures.some(({ guess }) => guess !== undefined)).toBe(true);
    expect(new Set(steps).size).toBe(steps.length);
  });

  it('asks about handlings that move what it reads', () => {
    const known = [...sheet.steps, ...sheet.figures].map(({ key }) => key);
    for (const { moves, shortens } of sheet.handlings) {
      expect(known).toEqual(expect.arrayContaining(Object.keys(moves)));
      if (shortens !== undefined) expect(sheet.steps.find(({ key }) => key === shortens)?.kind).toBe('time');
    }
  });

  it('can be kept at the bench where it names a protocol', () => {
    if (sheet.bench === undefined) return;
    const steps = protocolCalled(sheet.bench.protocol).steps.map(({ key }) => key);
    expect(steps).toEqual(expect.arrayContaining(Object.values(sheet.bench.steps)));
  });
});

describe('what a group’s readings give', () => {
  it('is the air exactly and the water at least, with workings', () => {
    const { figures, doubts } = sheetResult(JUG_SHEET, { volume: 1000, added: 520, collected: 210 });
    expect(figures.map(({ key, value }) => [key, Number(value.toFixed(9))])).toEqual([
      ['air', 21],
      ['held', 31],
    ]);
    expect(figures[0]?.working).toMatchObject({ calc: 'ratio', pick: 'ratio', input: { add: [210], per: [1000] } });
    expect(doubts).toEqual([]);
  });

  it('keeps the place of a time that is not whole', () => {
    const air = JUG_SHEET.figures[0] as (typeof JUG_SHEET.figures)[number];
    const times = [{ volume: 1000 }, { volume: 1000, collected: 210 }];
    expect(valuesByTime(JUG_SHEET, air, times)).toEqual([undefined, 21]);
  });

  it('waits for what is missing, and doubts what cannot be', () => {
    expect(sheetResult(JUG_SHEET, { volume: 1000, added: 520 }).figures).toEqual([]);
    const more = sheetResult(JUG_SHEET, { volume: 1000, added: 100, collected: 210 });
    expect(more.figures.map(({ key }) => key)).toEqual(['air']);
    expect(more.doubts.map(({ code }) => code)).toEqual(['more-out']);
    expect(sheetResult(JUG_SHEET, { volume: 1000, added: 1200 }).doubts.map(({ code }) => code)).toEqual([
      'more-than-pot',
    ]);
  });

  it.each<[string, Record<string, number>, string]>([
    ['heights', { 'tall-volume': 1000, 'tall-added': 100, 'tall-collected': 300 }, 'more-out'],
    ['stones', { 'plain-volume': 800, 'plain-added': 900 }, 'more-than-pot'],
    ['mixing', { coarse: 1000, fine: 1000, mixed: 2100 }, 'more-than-both'],
    ['acid', { colour: 4, pen: 6.5 }, 'two-ways'],
    ['bag', { label: 40, real: 90 }, 'far-off-label'],
    ['hand', { cup: 200, full: 150, volume: 300 }, 'odd-weight'],
  ])('of %s is asked about where it is odd', (key, readings, code) => {
    const sheet = PUPIL_SHEETS.find((one) => one.key === key) as PupilSheet;
    expect(sheet.doubts(readings).map((check) => check.code)).toEqual([code]);
    expect(sheet.doubts({})).toEqual([]);
  });
});

const group = (id: string, values: readonly number[], isOut = false): GroupValues => ({ id, values, isOut });

describe('a class', () => {
  const groups = [group('1', [24, 26]), group('2', [25, 25]), group('3', [26, 28]), group('4', [14, 15])];

  it('has a mean with its band over the groups, and each group’s robust z', () => {
    const { summary, groups: all, precision } = classResult(groups);
    expect(summary).toMatchObject({ n: 4 });
    expect(summary?.mean).toBeCloseTo((25 + 25 + 27 + 14.5) / 4, 9);
    expect(all[3]?.robustZ).toBeLessThan(-3);
    expect(precision?.R).toBeGreaterThan(precision?.r ?? Infinity);
  });

  it('holds a group that is out against the others, and lets it move nothing', () => {
    const with4 = classResult([...groups.slice(0, 3), group('4', [14, 15], true)]);
    const without = classResult(groups.slice(0, 3));
    expect(with4.summary).toEqual(without.summary);
    expect(with4.precision).toEqual(without.precision);
    expect(with4.groups[3]).toMatchObject({ isOut: true, mean: 14.5 });
    expect(with4.groups[3]?.standing).toBeUndefined();
  });

  it('says less where there is less', () => {
    expect(classResult([])).toEqual({ groups: [] });
    expect(classResult([group('1', [25]), group('2', [])])).toEqual({
      groups: [{ id: '1', mean: 25, isOut: false }],
      summary: { mean: 25, n: 1 },
    });
    expect(classResult([group('1', [25]), group('2', [27])]).precision).toBeUndefined();
  });
});

const sheetOf = (id: string, added: number, collected: number, drained_s = 600): GroupSheet => ({
  id,
  times: [{ volume: 1000, added, collected }],
  waited_s: { soak: 600, drain: drained_s },
});

describe('why a group differs', () => {
  const others = [sheetOf('2', 500, 250), sheetOf('3', 510, 256), sheetOf('4', 492, 246), sheetOf('5', 505, 251)];
  const fitting = (own: GroupSheet): string[] =>
    whyDiffers(JUG_SHEET, own, others)
      .filter(({ fits }) => fits === 'yes')
      .map(({ key }) => key);

  it('is shortened to hard packing where less went in and less ran out', () => {
    expect(fitting(sheetOf('1', 400, 150))).toContain('packed');
    expect(fitting(sheetOf('1', 400, 150))).not.toContain('loose');
    expect(fitting(sheetOf('1', 400, 150))).not.toContain('jug');
  });

  it('is a jug that was not empty where more ran out of as much', () => {
    expect(fitting(sheetOf('1', 501, 330))).toEqual(expect.arrayContaining(['jug']));
    expect(fitting(sheetOf('1', 501, 330))).not.toContain('packed');
  });

  it('is a short wait where the group’s own times say so, whatever the readings', () => {
    const asked = whyDiffers(JUG_SHEET, sheetOf('1', 500, 250, 200), others);
    expect(asked[0]).toMatchObject({ key: 'drained', fits: 'yes' });
    expect(whyDiffers(JUG_SHEET, sheetOf('1', 501, 200, 600), others).find(({ key }) => key === 'drained')?.fits).toBe(
      'no',
    );
  });

  it('is open where nothing can be told', () => {
    expect(whyDiffers(JUG_SHEET, sheetOf('1', 400, 150), []).every(({ fits }) => fits === 'open')).toBe(true);
  });

  it('names what speaks against the rest', () => {
    const loose = whyDiffers(JUG_SHEET, sheetOf('1', 400, 150), others).find(({ key }) => key === 'loose');
    expect(loose).toMatchObject({
      fits: 'no',
      why: expect.stringMatching(/“Water poured in” would be higher/) as string,
    });
  });
});

describe('what the bench says of the same lot', () => {
  const card = lotCard(pumiceLot());
  const air = JUG_SHEET.figures[0] as (typeof JUG_SHEET.figures)[number];

  it('follows the depth of the pot where there is a curve, and is its own measure elsewhere', () => {
    const low = benchSays(card, air, { height_cm: 6, volume_mL: 1000 });
    const tall = benchSays(card, air, { height_cm: 20, volume_mL: 1000 });
    expect(tall?.value).toBeGreaterThan(low?.value ?? Infinity);
    expect(tall).toMatchObject({ origin: 'worked-out' });
    const own = benchSays(card, air, undefined);
    const known = card.figures.find(({ property }) => property === 'airSpace');
    expect(own?.value).toBeCloseTo(100 * (known?.summary.mean ?? Number.NaN), 9);
    expect(own?.origin).toBe('measured');
  });

  it('is nothing where the bench measured nothing of the kind', () => {
    const left = PUPIL_SHEETS.find(({ key }) => key === 'mixing')?.figures[0];
    expect(left === undefined ? 'no figure' : benchSays(card, left, undefined)).toBeUndefined();
    expect(benchSays({ figures: [], missing: [] }, air, { height_cm: 10, volume_mL: 1000 })).toBeUndefined();
  });

  it('is the days until water is wanted, in the class’s pot alone', () => {
    const days = PUPIL_SHEETS.find(({ key }) => key === 'guess')?.figures.find(({ key }) => key === 'days');
    if (days === undefined) throw new Error('nobody guesses the days');
    const pot = { height_cm: 12, volume_mL: 1050 };
    const told = benchSays(card, days, pot);
    // Easily available water over what a pot of that area uses on a mild day.
    const input = told?.working?.input as { water: number; waterAtEasy: number };
    expect(told?.value).toBeCloseTo(((input.water - input.waterAtEasy) * 120) / 2.5, 6);
    expect(benchSays(card, days, undefined)).toBeUndefined();
    expect(figureOf(JUG_SHEET, days, { added: 500 })).toBeUndefined();
  });

  it('a figure of steps that were not read is not there', () => {
    expect(figureOf(JUG_SHEET, air, {})).toBeUndefined();
  });
});
