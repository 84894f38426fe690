import { lotCard, PROTOCOLS, replicatesMethod, type LotFigure, type PropertyKey } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { answersOf, INTAKE_CHECKS, intakeSentence, labelMiss, type IntakeCheck } from './intakeChecks';

const figure = (property: PropertyKey, mean: number): LotFigure => ({
  property,
  summary: { mean, n: 1 },
  origin: 'measured',
  method: '',
  methodKey: '',
  runs: [],
  working: replicatesMethod.working('mean', { values: [mean] }),
});

describe('the checks of an intake', () => {
  it('name protocols that exist and properties that these give', () => {
    for (const { protocol, answers } of INTAKE_CHECKS) {
      const found = PROTOCOLS.find((one) => one.key === protocol);
      expect(found, protocol).toBeDefined();
      for (const key of answers)
        if (found?.results !== undefined) expect(found.results.map((one) => one.property)).toContain(key);
    }
  });

  it('are answered by what the card knows, in the order asked', () => {
    const look = INTAKE_CHECKS.find((one) => one.protocol === 'look') as IntakeCheck;
    const known = [figure('unknownPerL', 1), figure('foreignPerL', 2), figure('pH', 6)];
    expect(answersOf(look, known).map((one) => one.property)).toEqual(['foreignPerL', 'unknownPerL']);
    expect(answersOf(look, [])).toEqual([]);
  });
});

describe('what came, in words', () => {
  const said = (packVolume_L: number | undefined, ...figures: LotFigure[]): string =>
    intakeSentence(packVolume_L, { ...lotCard({ id: '', name: '', code: '', materialId: '', runs: [] }), figures });

  it.each([
    [undefined, [], 'The label’s volume is not noted.'],
    [50, [], 'The label says 50 L; nobody has poured it out yet.'],
    [50, [figure('bagVolume_L', 49.5)], 'The label says 50 L, and that is what came.'],
    [50, [figure('bagVolume_L', 46)], 'The label says 50 L; poured out it was 8 % less.'],
    [40, [figure('bagVolume_L', 42)], 'The label says 40 L; poured out it was 5 % more.'],
  ])('label %s', (label, figures, words) => {
    expect(said(label, ...figures)).toBe(words);
  });

  it('counts what should not be in it, and sends unknowns back on the bench', () => {
    expect(said(50, figure('foreignPerL', 2))).toContain('2.0 foreign pieces in a litre.');
    expect(said(50, figure('foreignPerL', 2), figure('unknownPerL', 0.5))).toContain('look again in weeks 2 and 6');
  });

  it('compares by share of the label', () => {
    expect(labelMiss(50, [figure('bagVolume_L', 46)])).toBeCloseTo(-0.08, 12);
    expect(labelMiss(50, [])).toBeUndefined();
  });
});
