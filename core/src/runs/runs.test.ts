import { describe, expect, it } from 'vitest';
import { Sheet } from '../sheets';
import { protocolCalled, PUMICE_SHEET, readingsOf, runOf } from '../testing/sampleLot';
import { defaultSettings, parseNumber, readingRefusal, reduceRun, runProgress } from '.';
import { findMediaClass } from '../classes';

const mean = (run: ReturnType<typeof runOf>, key: string): number =>
  reduceRun(run).properties.find((one) => one.property === key)?.summary?.mean as number;

describe('a typed number', () => {
  it.each([
    ['12.5', 12.5],
    ['12,5', 12.5],
    ['1 152.3', 1152.3],
    ['1\u2009152,3', 1152.3],
    ['1,152.3', 1152.3],
    ['.5', 0.5],
    ['−3', -3],
    ['0,125', 0.125],
  ])('%s is %s', (text, value) => {
    expect(parseNumber(text)).toEqual({ kind: 'number', value });
  });

  it('is asked about where a comma could part thousands', () => {
    expect(parseNumber('1,234')).toEqual({ kind: 'ask', asDecimal: 1.234, asThousands: 1234 });
  });

  it.each(['', 'twelve', '12g', '1,2,3', '--3', '1e3'])('%j is refused with a sentence', (text) => {
    expect(parseNumber(text)).toMatchObject({ kind: 'refused', sentence: expect.any(String) as string });
  });
});

describe('a sheet', () => {
  const [first] = readingsOf({ tare: [300] });
  const correction = { ...first, id: 'new', value: 310, corrects: 'tare0', reason: 'mesh forgotten' } as const;

  it('keeps a corrected reading beside the one that counts', () => {
    const sheet = new Sheet([first as never, correction as never]);
    expect(sheet.value(0, 'tare')).toBe(310);
    expect(sheet.cell(0, 'tare').replaced.map((reading) => reading.value)).toEqual([300]);
  });

  it('settles a cell with two readings by a correction of either', () => {
    const twin = { ...(first as never as object), id: 'twin', value: 399 } as never;
    const settled = new Sheet([first as never, twin, { ...correction, corrects: 'twin' } as never]);
    expect(settled.value(0, 'tare')).toBe(310);
    expect(settled.undecided).toEqual([]);
    expect(settled.cell(0, 'tare').replaced.map((reading) => reading.value)).toEqual([300, 399]);
  });

  it('asks again where a plain reading comes in after a correction', () => {
    const late = { ...(first as never as object), id: 'late', value: 305 } as never;
    expect(new Sheet([first as never, correction as never, late]).undecided).toHaveLength(1);
  });

  it('has no value where two readings wait for a decision', () => {
    const run = runOf('saturate-drain-dry', PUMICE_SHEET);
    const twice = {
      ...run,
      readings: [...run.readings, { ...(first as never as object), id: 'twin', value: 399 } as never],
    };
    expect(new Sheet(twice.readings).value(0, 'tare')).toBeUndefined();
    expect(reduceRun(twice).checks.map((check) => check.code)).toContain('two-readings');
    const pen = runOf('ph-1to5', { pH: [5.1] });
    const both = { ...pen, readings: [...pen.readings, { ...pen.readings[0], id: 'other', value: 5.4 } as never] };
    expect(reduceRun(both).checks.map((check) => check.code)).toEqual(['two-readings']);
  });
});

describe('reducing a run', () => {
  it('gives the figures of three pails worked out by hand', () => {
    const run = runOf('saturate-drain-dry', PUMICE_SHEET);
    // A: (1541.6 - 1157.5) g / 0.99873 g/mL / (1051.89 mL x 11.9/12) = 0.36869.
    const air = reduceRun(run).properties.find((one) => one.property === 'airSpace');
    expect(air?.values[0]?.value).toBeCloseTo(0.36869, 4);
    expect(mean(run, 'totalPorosity')).toBeCloseTo(mean(run, 'containerCapacity') + mean(run, 'airSpace'), 12);
  });

  it('leaves an excluded replicate in sight and out of the mean', () => {
    const run = runOf('saturate-drain-dry', PUMICE_SHEET);
    const less = { ...run, exclusions: [{ replicate: 2, reason: 'knocked over' }] };
    const air = reduceRun(less).properties.find((one) => one.property === 'airSpace');
    expect(air?.values[2]).toMatchObject({ excluded: 'knocked over' });
    expect(air?.summary?.n).toBe(2);
    expect(air?.summary?.mean).not.toBe(mean(run, 'airSpace'));
  });

  it('knows the air before anything is dried', () => {
    const { dry, dryTray, ...wet } = PUMICE_SHEET;
    expect([dry, dryTray]).toHaveLength(2);
    const { finishedAt, ...open } = runOf('saturate-drain-dry', wet);
    expect(finishedAt).toBeDefined();
    const { properties } = reduceRun(open);
    expect(properties.map((one) => one.property)).toEqual(['airSpace']);
    expect(properties[0]?.summary?.mean).toBeCloseTo(mean(runOf('saturate-drain-dry', PUMICE_SHEET), 'airSpace'), 12);
  });

  it.each([
    ['drained above saturated', { drained: [1600, 1153.1, 1161.4] }, 'mass-order'],
    ['saturated under the tare', { saturated: [200, 1539.2, 1545.1] }, 'mass-order'],
    ['a dry mass that cannot be', { dry: [1530.2, 527.4, 533] }, 'refused'],
    ['a jug that disagrees', { collected: [340, 384, 382] }, 'drainage-differs'],
    ['not dry yet', { dry: [540, 527.4, 533], dryAgain: [530.2, 527.4, 533] }, 'not-dry'],
  ])('says at once: %s', (_, change, code) => {
    const { checks } = reduceRun(runOf('saturate-drain-dry', { ...PUMICE_SHEET, ...change }));
    const found = checks.find((check) => check.code === code);
    expect(found?.replicate).toBe(0);
    expect(found?.message).toMatch(/^(A|The jug)/);
  });

  it('names the replicate by its letter on the sheet', () => {
    const { checks } = reduceRun(runOf('saturate-drain-dry', { ...PUMICE_SHEET, collected: [383, 384, 300] }));
    expect(checks.find((check) => check.code === 'drainage-differs')?.message).toMatch(/but C lost/);
  });

  it('holds the jug against what was lost before the oven, while it can be drained again', () => {
    const { dry: _dry, dryTray: _tray, ...drained } = PUMICE_SHEET;
    const { checks } = reduceRun(runOf('saturate-drain-dry', { ...drained, collected: [383, 384, 300] }));
    expect(checks.filter((check) => check.code === 'drainage-differs').map(({ replicate }) => replicate)).toEqual([2]);
  });

  it('notes a cool oven', () => {
    const settings = { packingHabit: 'tapped', soak_min: 1440, drain_min: 60, ovenTemp_C: 65 } as const;
    const run = runOf('saturate-drain-dry', PUMICE_SHEET, { settings });
    expect(reduceRun(run).checks.map((check) => check.code)).toContain('cool-oven');
  });

  it('takes kitchen, pH, EC and bag sheets', () => {
    expect(mean(runOf('kitchen-form', { added: [455, 448], collected: [142, 137] }), 'airSpace')).toBeCloseTo(
      (142 + 137) / 2 / 1051.89,
      5,
    );
    expect(mean(runOf('ph-1to5', { pH: [5.1, 5.2, 5.3] }), 'pH')).toBeCloseTo(5.2, 12);
    expect(mean(runOf('ec-1to2', { ec: [0.5, 0.6] }), 'ec_dSm')).toBeCloseTo(0.55, 12);
    expect(mean(runOf('bag-volume', { volume: [48.1] }), 'bagVolume_L')).toBe(48.1);
  });
});

describe('where a run stands', () => {
  const { finishedAt, ...open } = runOf('saturate-drain-dry', { waterTemp: [17], tare: [300, 301, 302] });
  const withSoak = (startedAt_s: number) => ({
    ...open,
    readings: [...open.readings, ...readingsOf({ soak: [startedAt_s, startedAt_s, startedAt_s] })],
  });

  it('waits for the first empty step that must be read', () => {
    expect(finishedAt).toBeDefined();
    expect(runProgress(open).next.map((next) => next.step.key)).toEqual(['soak', 'soak', 'soak']);
    expect(runProgress(open).complete).toBe(false);
  });

  it('holds by a deadline, not by a counter', () => {
    const began = Date.UTC(2026, 10, 20, 9) / 1000;
    const { holds, next } = runProgress(withSoak(began));
    expect(holds.map((hold) => hold.deadline)).toEqual([1, 2, 3].map(() => (began + 1440 * 60) * 1000));
    expect(next[0]).toMatchObject({ replicate: 0, notBefore: (began + 1440 * 60) * 1000 });
  });

  it('is complete when every replicate that counts is', () => {
    const full = runOf('saturate-drain-dry', { ...PUMICE_SHEET, soak: [1, 1, 1], drain: [1, 1, 1] });
    expect(runProgress(full).complete).toBe(true);
    const lacking = runOf('saturate-drain-dry', {
      ...PUMICE_SHEET,
      soak: [1, 1, 1],
      drain: [1, 1, 1],
      dry: [530.2, 527.4],
    });
    expect(runProgress({ ...lacking, replicateCount: 3 }).complete).toBe(false);
    expect(
      runProgress({ ...lacking, replicateCount: 3, exclusions: [{ replicate: 2, reason: 'spilt' }] }).complete,
    ).toBe(true);
  });
});

describe('what a run starts with', () => {
  it('soaks solid grains half an hour and all else a day', () => {
    expect(defaultSettings(findMediaClass('sand-coarse')).soak_min).toBe(30);
    expect(defaultSettings(findMediaClass('pumice-coarse')).soak_min).toBe(1440);
    expect(defaultSettings(undefined).soak_min).toBe(1440);
  });

  it('refuses readings beyond a step’s bounds in one sentence', () => {
    const protocol = protocolCalled('saturate-drain-dry');
    expect(readingRefusal(protocol, { step: 'tare', value: 312.4 })).toBeUndefined();
    expect(readingRefusal(protocol, { step: 'tare', value: -1 })).toBe(
      'Tare, vessel dry: -1 g must lie between 0 and 50000 g.',
    );
    expect(readingRefusal(protocol, { step: 'sieve', value: 1 })).toMatch(/no step "sieve"/);
    expect(readingRefusal(protocol, { step: 'tare', value: Number.NaN })).toMatch(/not a number/);
  });
});
