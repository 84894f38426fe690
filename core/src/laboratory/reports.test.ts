import { describe, expect, it } from 'vitest';
import { readLabReport, type ReportLine } from '.';
import { LAB_REPORTS, type WrittenReport } from './fixtures/labReports';
import { LATER_REPORTS } from './fixtures/laterReports';

const byStep = (lines: readonly ReportLine[]): Record<string, number> =>
  Object.fromEntries(lines.map(({ step, value }) => [step.key, value]));

const read = ({ text, density_kgL, sample }: WrittenReport) =>
  readLabReport(text, { density_kgL, ...(sample === undefined ? {} : { sample }) });

/** Half a percent: the fixtures are worked out by hand with rounded weights. */
function expectClose(found: Readonly<Record<string, number>>, wanted: Readonly<Record<string, number>>): void {
  expect(Object.keys(found).sort()).toEqual(Object.keys(wanted).sort());
  for (const [key, value] of Object.entries(wanted))
    expect(Math.abs((found[key] ?? 0) - value) / value, key).toBeLessThan(0.005);
}

describe('forty laboratory reports', () => {
  it('are forty', () => {
    expect(LAB_REPORTS).toHaveLength(40);
  });

  it.each(LAB_REPORTS)('$what', (report) => {
    const found = read(report);
    expectClose(byStep(found.read), report.gives);
    expectClose(byStep(found.below), report.below ?? {});
    expect(found.unread.map(({ text, why }) => `${text}: ${why}`)).toHaveLength(report.asks ?? 0);
    expect(found.samples).toHaveLength(report.samples ?? 0);
  });

  it('say how they were converted, wherever they were', () => {
    for (const report of LAB_REPORTS) {
      const given = report.text.replaceAll(',', '.');
      for (const { value, formula } of read(report).read) {
        // A value that does not stand in the text as it is was worked out, and says how.
        if (formula === undefined) expect(given).toContain(String(value));
        else expect(formula).toMatch(/[×/]/);
      }
    }
  });
});

describe('fifteen later ones', () => {
  const faults = (report: WrittenReport): string[] => {
    const found = read(report);
    const took = byStep([...found.read, ...found.below]);
    const wanted: Readonly<Record<string, number>> = { ...report.gives, ...report.below };
    return Object.entries(took).flatMap(([key, value]) => {
      const right = wanted[key];
      return right !== undefined && Math.abs(value - right) / right < 0.005
        ? []
        : [`${report.what}: ${key} ${String(value)}`];
    });
  };

  it('are never misread', () => {
    expect(LATER_REPORTS.flatMap(faults)).toEqual([]);
  });

  it('lose no figure: what is not taken is asked about', () => {
    const lost = LATER_REPORTS.flatMap((report) => {
      const found = read(report);
      const seen = [...found.read, ...found.below, ...found.unread].map(({ text }) => text);
      return report.text
        .split('\n')
        .filter((line) => /\d/.test(line) && !seen.some((text) => text === line.replaceAll(/[^\S\t]+/g, ' ').trim()))
        .map((line) => `${report.what}: ${line}`);
    });
    expect(lost).toEqual([]);
  });

  it('are read whole', () => {
    for (const report of LATER_REPORTS) {
      const { read: taken, unread } = read(report);
      expect(Object.keys(byStep(taken)).sort(), report.what).toEqual(Object.keys(report.gives).sort());
      expect(unread, report.what).toHaveLength(report.asks ?? 0);
    }
  });
});
