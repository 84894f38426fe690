import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MEDIA_CLASSES } from '../classes';
import { thetaAt } from '../retention';
import { seededRandom } from '../scoring';
import { classComponent } from '../testing/classComponent';
import { blend, type BlendComponent, type BlendInput } from '.';

const [peat, pumice] = [classComponent('peat-light-fine', 2), classComponent('pumice-coarse', 1)];
const container = { height_cm: 15 };
const mix = (components: readonly BlendComponent[], more: Partial<BlendInput> = {}) =>
  blend({ components, container, model: 'packing', ...more });
const codes = (result: ReturnType<typeof blend>) => result.checks.map((check) => check.code);

describe('the second physics', () => {
  const second = (components: readonly BlendComponent[], more: Partial<BlendInput> = {}) =>
    mix(components, { physics: 2, ...more });
  const ids = MEDIA_CLASSES.map(({ id }) => id);
  const parts = fc.array(fc.tuple(fc.constantFrom(...ids), fc.integer({ min: 1, max: 9 })), {
    minLength: 2,
    maxLength: 4,
  });
  const given = (some: readonly (readonly [string, number])[]): BlendComponent[] =>
    some.map(([id, volume]) => classComponent(id, volume));

  it('is that of old where it is not asked for', () => {
    expect(mix([peat, pumice])).toEqual(mix([peat, pumice], { physics: 1 }));
    expect(second([peat, pumice]).air).not.toBe(mix([peat, pumice]).air);
    expect(() => mix([peat], { physics: 3 })).toThrow(/physics/);
  });

  it('has less air the more it settles, in every pot, and keeps solids and the water at 10 cm and beyond', () => {
    fc.assert(
      fc.property(parts, fc.double({ min: 2, max: 60, noNaN: true }), (some, height_cm) => {
        const components = given(some);
        const solids = components.reduce((sum, c) => sum + c.volume * c.dryBulkDensity_gcc, 0);
        const held = components.reduce((sum, c) => sum + c.volume * thetaAt(c.retention, 10), 0);
        let before = Infinity;
        for (let kappa = 0; kappa <= 3; kappa += 0.25) {
          const made = second(components, { kappa, container: { height_cm } });
          const at10 = made.curve.find((point) => point.head_cm === 10)?.theta as number;
          if (made.air > before + 1e-9) return false;
          if (Math.abs(made.volume * made.bulkDensity_gcc - solids) > 1e-9 * solids) return false;
          if (Math.abs(made.volume * at10 - held) > 1e-9 * held) return false;
          before = made.air;
        }
        return true;
      }),
      { numRuns: 60 },
    );
  });

  it('mends what the first does in one of five blends: air that rises again as they settle more', () => {
    const random = seededRandom(12);
    const rises = (physics: 1 | 2, components: readonly BlendComponent[]): boolean => {
      const airs = [0, 0.5, 1, 1.5, 2, 2.5, 3].map((kappa) => mix(components, { kappa, physics }).air);
      return airs.some((air, i) => i > 0 && air > (airs[i - 1] as number) + 1e-9);
    };
    const blends = Array.from({ length: 60 }, () =>
      Array.from({ length: 3 }, () =>
        classComponent(ids[Math.floor(random() * ids.length)] as string, 1 + random() * 8),
      ),
    );
    expect(blends.filter((one) => rises(1, one)).length).toBeGreaterThan(6);
    expect(blends.filter((one) => rises(2, one))).toEqual([]);
  });

  it('takes what the packing asks for while that is little, and nears four fifths of the coarse pores', () => {
    const little = second([peat, pumice], { kappa: 0.1 });
    expect(little.shrink / second([peat, pumice], { kappa: 0.05 }).shrink).toBeCloseTo(2, 4);
    const much = second([peat, pumice], { kappa: 60 });
    expect(much.lambda).toBeLessThan(0.8);
    expect(much.lambda).toBeGreaterThan(0.79);
    expect(codes(much)).toContain('shrink-cut');
  });

  it('takes a shrink that was measured as it is', () => {
    expect(second([peat, pumice], { model: 'measured', shrink: 0.06 }).volume).toBeCloseTo(2.82, 12);
    const cut = second([peat, pumice], { model: 'measured', shrink: 0.7 });
    expect(cut.lambda).toBe(1);
    expect(codes(cut)).toContain('shrink-cut');
  });
});
