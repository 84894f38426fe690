import type { BlendInput, BlendResult } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { movedOn } from './movedOn';

const at = (name: string, air: number, kappa?: number) => ({
  input: { components: [{ name }], ...(kappa === undefined ? {} : { kappa }) } as unknown as BlendInput,
  result: { air, water: 0.5 } as BlendResult,
});

describe('what has moved a kept prediction', () => {
  it.each([
    [at('a', 0.3), at('a', 0.3), undefined],
    [at('a', 0.3), at('b', 0.31), 'New measurements since this version: air was 0.300, is now 0.310.'],
    [at('a', 0.3), at('b', 0.3), 'New measurements since this version, with no change in air and water worth naming.'],
    [
      at('a', 0.3),
      at('a', 0.35, 0.5),
      'Measured batches have taught the prediction since: air was 0.300, is now 0.350.',
    ],
    [
      at('a', 0.3),
      at('b', 0.35, 0.5),
      'New measurements since this version, and measured batches have taught the prediction: air was 0.300, is now 0.350.',
    ],
  ])('%#', (kept, now, sentence) => {
    expect(movedOn(kept, now)).toBe(sentence);
  });

  it('is nothing where a store has only turned the keys of its inputs around', () => {
    const components = [{ name: 'Bark', pH: 5.1, retention: { thetaR: 0.1, n: 2 } }];
    const turned = [{ retention: { n: 2, thetaR: 0.1 }, pH: 5.1, name: 'Bark' }];
    const version = { input: { components } as unknown as BlendInput, result: { air: 0.3, water: 0.5 } as BlendResult };
    expect(movedOn(version, { ...version, input: { components: turned } as unknown as BlendInput })).toBeUndefined();
  });

  it('does not say that lots were measured again where only the rules of predicting are others', () => {
    const now = at('b', 0.31);
    const mended = { ...now, input: { ...now.input, physics: 2 } };
    expect(movedOn(at('a', 0.3), mended)).toBe('It is predicted by mended rules since: air was 0.300, is now 0.310.');
  });

  it('is silent on what batches taught where it does not show', () => {
    expect(movedOn(at('a', 0.3), at('a', 0.3, 0.52))).toBeUndefined();
  });
});
