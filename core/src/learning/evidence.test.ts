import { describe, expect, it } from 'vitest';
import { blend } from '../blend';
import { classComponent } from '../testing/classComponent';
import { Evidence } from './evidence';
import type { MeasuredBlend } from './measuredBlend';
import { atKappa, KAPPA_NODES, responseOf } from './response';

const container = { height_cm: 12 };
const components = [classComponent('pumice-coarse', 2), classComponent('peat-light-fine', 1)];
const SE = 0.01;

/** A blend of two lots that are known for certain, scooped to a hair: all that is open is kappa. */
function measuredAt(kappa: number, more: Partial<MeasuredBlend> = {}): MeasuredBlend {
  const { air, water, bulkDensity_gcc } = blend({ components, container, model: 'packing', kappa, physics: 2 });
  const known = (value: number) => ({ value, se: SE });
  return {
    name: 'blend',
    parts: components.map((component, i) => ({
      lotId: `lot ${String(i)}`,
      material: component.name,
      component,
      errors: {},
    })),
    container,
    scoopShare: 1e-6,
    measured: { air: known(air), water: known(water), bulkDensity_gcc: known(bulkDensity_gcc) },
    ...more,
  };
}

describe('how likely measured blends are at a kappa', () => {
  it('is greatest at the kappa that made them, where nothing else is open', () => {
    const evidence = new Evidence([measuredAt(0.6)]);
    const at = [0.2, 0.4, 0.6, 0.8, 1].map((kappa) => evidence.at(kappa));
    expect(Math.max(...at)).toBe(at[2]);
  });

  it('falls by half the squared misses in standard errors, air and water not counted twice', () => {
    const one = {
      ...measuredAt(0.6),
      measured: { bulkDensity_gcc: measuredAt(0.6).measured.bulkDensity_gcc as never },
    };
    const [density, there] = [0.6, 1].map(
      (kappa) => blend({ components, container, model: 'packing', kappa, physics: 2 }).bulkDensity_gcc,
    ) as [number, number];
    const evidence = new Evidence([one]);
    expect(evidence.at(0.6) - evidence.at(1)).toBeCloseTo(0.5 * ((density - there) / SE) ** 2, 4);
  });

  it('of two blends of other lots is the sum of each', () => {
    const other = measuredAt(0.6, {
      parts: measuredAt(0.6).parts.map((part) => ({ ...part, lotId: `${part.lotId} b` })),
    });
    const [one, two, both] = [[measuredAt(0.6)], [other], [measuredAt(0.6), other]].map(
      (blends) => new Evidence(blends),
    );
    expect(both?.at(0.9)).toBeCloseTo((one?.at(0.9) ?? 0) + (two?.at(0.9) ?? 0), 6);
  });

  it('is nothing to ask for where only the pH was measured', () => {
    expect(new Evidence([measuredAt(1, { measured: { pH: { value: 5, se: 0.1 } } })]).isEmpty).toBe(true);
    expect(new Evidence([measuredAt(1)]).isEmpty).toBe(false);
  });

  it('is flatter where the scoop was careless', () => {
    const drop = (scoopShare: number): number => {
      const evidence = new Evidence([measuredAt(0.6, { scoopShare })]);
      return evidence.at(0.6) - evidence.at(1.6);
    };
    expect(drop(0.25)).toBeLessThan(0.95 * drop(0.001));
  });
});

describe('a measured blend as it answers', () => {
  it('is what blend says at every kappa, where nothing else is open', () => {
    const { properties, predicted } = responseOf(measuredAt(0.6), 'b');
    expect(properties).toEqual(['air', 'water', 'bulkDensity_gcc']);
    KAPPA_NODES.forEach((kappa, node) => {
      const made = blend({ components, container, model: 'packing', kappa, physics: 2 });
      properties.forEach((key, row) => {
        expect(Math.abs((predicted[row]?.[node] ?? 0) - (made[key] ?? 0))).toBeLessThan(2e-4);
      });
    });
  });

  it('is taken to change evenly between two kappas, and stays at the last beyond it', () => {
    const nodes = Float64Array.from(KAPPA_NODES, (kappa) => 2 * kappa);
    expect(atKappa(nodes, 0.6)).toBeCloseTo(1.2, 12);
    expect(atKappa(nodes, 9)).toBeCloseTo(6, 12);
    expect(atKappa(nodes, -1)).toBe(0);
  });
});
