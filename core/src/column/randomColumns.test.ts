import { describe, expect, it } from 'vitest';
import { MEDIA_CLASSES } from '../classes';
import { finished } from '../numeric';
import { seededRandom } from '../scoring';
import { COARSE, daily, last, sampleColumn } from '../testing/sampleColumn';
import { columnSteps, type ColumnInput } from '.';

/** In full by BENT_PAIL_TRIALS; a sample of it in the suite. */
const CASES = process.env.BENT_PAIL_TRIALS === undefined ? 25 : 300;

describe('pots, layers and waterings at random', () => {
  it('are all followed to their end, and none loses water', () => {
    const random = seededRandom(16);
    const between = (lo: number, hi: number): number => lo + (hi - lo) * random();
    const maybe = (share: number, more: () => Partial<ColumnInput>): Partial<ColumnInput> =>
      random() < share ? more() : {};
    const extras = (size_mL: number): Partial<ColumnInput> => ({
      ...maybe(0.4, () => ({ daylight_h: [between(3, 8), between(15, 22)] })),
      ...maybe(0.3, () => ({ wall_mmPerD: between(0, 5) })),
      ...maybe(0.3, () => ({ repellence: { lost: random(), below: between(0.1, 0.5) } })),
      ...maybe(0.3, () => ({
        fromBelow: [{ at_d: between(0, 4), level_cm: between(0, 5), for_s: between(60, 40000) }],
      })),
      ...maybe(0.4, () => ({
        whenDry: {
          below: between(0.3, 1),
          volume_mL: size_mL * between(0.02, 0.3),
          over_s: 10 ** between(1, 4.5),
          ...(random() < 0.5 ? { untilRunoff: between(0, 0.5) } : {}),
        },
      })),
    });
    const medium = () => {
      const { retention } = MEDIA_CLASSES[
        Math.floor(random() * MEDIA_CLASSES.length)
      ] as (typeof MEDIA_CLASSES)[number];
      return { retention, ks_cms: 10 ** between(-4, 0) };
    };
    for (let i = 0; i < CASES; i += 1) {
      const height_cm = between(5, 40);
      const topDiameter_cm = between(5, 40);
      const cut = height_cm * between(0.1, 0.4);
      const isGravel = random() < 0.3;
      const layers =
        random() < 0.5
          ? [{ from_cm: 0, to_cm: height_cm, ...medium() }]
          : [
              { from_cm: 0, to_cm: cut, ...(isGravel ? { retention: COARSE, ks_cms: 10 } : medium()) },
              { from_cm: cut, to_cm: height_cm, ...medium() },
            ];
      const end = finished(
        columnSteps(
          sampleColumn({
            container: { height_cm, topDiameter_cm, baseDiameter_cm: topDiameter_cm * between(0.6, 1) },
            layers,
            cells: 30,
            start: random() < 0.5 ? 'drained' : { head_cm: between(0, 1000) },
            base: random() < 0.7 ? 'seepage' : { suction_cm: between(0, 12) },
            potential_mmPerD: between(0, 10),
            rootDepth_cm: height_cm * between(0.2, 1),
            waterings: daily(Math.floor(between(0, 5)), height_cm * topDiameter_cm ** 2 * between(0.02, 0.2)),
            ...extras(height_cm * topDiameter_cm ** 2),
            end_d: 5,
          }),
        ),
      );
      if (end.kind !== 'completed') throw new Error(`case ${String(i)} ended ${end.kind}`);
      const { added_mL, drained_mL, used_mL, evaporated_mL } = last(end);
      const passed = added_mL + Math.abs(drained_mL) + used_mL + evaporated_mL;
      expect(Math.abs(end.balanceError_mL)).toBeLessThan(1e-6 * Math.max(1, passed));
    }
  });
});
