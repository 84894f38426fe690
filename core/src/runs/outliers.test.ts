import { describe, expect, it } from 'vitest';
import type { RunProperty } from '../sheets';
import { PUMICE_SHEET, runOf } from '../testing/sampleLot';
import { reduceRun } from '.';
import { outlierChecks } from './outliers';

const property = (
  key: RunProperty['property'],
  values: readonly number[],
  excluded: readonly number[] = [],
): RunProperty => ({
  property: key,
  values: values.map((value, replicate) => ({
    replicate,
    value,
    ...(excluded.includes(replicate) ? { excluded: 'spilt' } : {}),
  })),
});
const said = (properties: readonly RunProperty[]) =>
  outlierChecks(properties).map(({ message, replicate }) => ({ message, replicate }));

describe('replicates that lie apart', () => {
  it('are named once, with all that they lie apart in', () => {
    const [one, ...others] = said([
      property('totalPorosity', [0.68, 0.681, 0.679, 0.68, 0.74]),
      property('airSpace', [0.37, 0.371, 0.369, 0.37, 0.43]),
      property('bulkDensity_gcc', [0.5, 0.501, 0.499, 0.5, 0.501]),
    ]);
    expect(others).toEqual([]);
    expect(one?.replicate).toBe(4);
    expect(one?.message).toMatch(/^E lies apart from the others in total porosity and air space \(Grubbs \d/);
  });

  it('are not looked for under five, nor within what the method can tell', () => {
    expect(said([property('totalPorosity', [0.68, 0.68, 0.68, 0.9])])).toEqual([]);
    expect(said([property('totalPorosity', [0.68, 0.681, 0.679, 0.68, 0.69])])).toEqual([]);
    expect(said([property('bulkDensity_gcc', [0.5, 0.5001, 0.4999, 0.5, 0.51])])).toEqual([]);
    expect(said([property('ec_dSm', [1, 1.001, 0.999, 1, 1.05])])).toEqual([]);
  });

  it('lie apart in weight by 4 % or more, in EC by a tenth', () => {
    expect(said([property('bulkDensity_gcc', [0.5, 0.501, 0.499, 0.5, 0.56])])).toHaveLength(1);
    expect(said([property('ec_dSm', [1, 1.01, 0.99, 1, 1.5])])).toHaveLength(1);
  });

  it('are counted without those taken out, and keep their letter', () => {
    const values = [0.9, 0.68, 0.681, 0.679, 0.68, 0.74];
    expect(said([property('totalPorosity', values, [0])])).toMatchObject([{ replicate: 5 }]);
  });

  it('are pointed at on a sheet of weighings', () => {
    const six = Object.fromEntries(
      Object.entries(PUMICE_SHEET).map(([step, row]) => [step, row.length === 1 ? row : [...row, ...row]]),
    );
    const odd = { ...six, drained: (six.drained as number[]).map((value, i) => (i === 4 ? value - 60 : value)) };
    const codes = reduceRun(runOf('saturate-drain-dry', odd)).checks.filter(({ code }) => code === 'outlier');
    expect(codes).toMatchObject([{ severity: 'caution', replicate: 4 }]);
    expect(reduceRun(runOf('saturate-drain-dry', six)).checks.filter(({ code }) => code === 'outlier')).toEqual([]);
  });
});
