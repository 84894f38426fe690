import { expect, it } from 'vitest';
import { MEDIA_CLASSES, type MediaClass } from '../classes';
import { curveFromScale, LotDraws, priorOf, type LotReadings } from '../knowledge';
import { normalDraw, seededRandom, type Random } from '../scoring';
import { belief } from '../knowledge';
import { meanOf, methodSpread } from '../statistics';
import { readCapacity, readPorosity, truthOf, waterIn, type Truth } from '../testing/syntheticLot';

const FULL = process.env.BENT_PAIL_TRIALS !== undefined;
/** So many lots: how wide their bands are beside the exact posterior, had by a long walk. */
const CASES = FULL ? 10 : 2;
const STEPS = FULL ? 60_000 : 6_000;
const KEPT_FROM = 0.1;
/** No band is wider than the exact one by more than this, on the median. */
const WIDEST = 1.3;

/** Logarithm of Student's t of a mean, as its repeats and its method have it. */
function logT(off: number, by: 'porosity' | 'capacity', values: readonly number[]): number {
  const { variance, freedom } = methodSpread(by, [values]);
  const t2 = off ** 2 / (variance / values.length);
  return -0.5 * (freedom + 1) * Math.log1p(t2 / freedom);
}

/** The exact posterior of a curve by Metropolis's walk in the prior's own standard deviations; water in a pot at each step. */
function walk(random: Random, readings: LotReadings, at: number): number[] {
  const { mean, factor } = priorOf(readings.materialClass);
  const curveAt = (z: readonly number[]) =>
    curveFromScale(
      mean.map((middle, i) =>
        (factor[i] as readonly number[]).reduce((sum, f, k) => sum + f * (z[k] as number), middle),
      ),
    );
  const chance = (z: readonly number[]): number => {
    const retention = curveAt(z);
    let log = -0.5 * z.reduce((sum, one) => sum + one * one, 0);
    for (const seen of readings.seen) {
      if (seen.kind === 'porosity') log += logT(meanOf(seen.values) - retention.thetaS, 'porosity', seen.values);
      if (seen.kind === 'column')
        log += logT(
          meanOf(seen.values) - waterIn({ retention } as Truth, { height_cm: seen.height_cm }),
          'capacity',
          seen.values,
        );
    }
    return log;
  };
  let z = mean.map(() => 0);
  let here = chance(z);
  const kept: number[] = [];
  for (let step = 0; step < STEPS; step += 1) {
    // Long and short steps by turns: the ridge of alpha and n is narrow across and long along.
    const reach = [0.05, 0.2, 0.6][step % 3] as number;
    const to = z.map((one) => one + reach * normalDraw(random));
    const there = chance(to);
    if (Math.log(random()) < there - here) [z, here] = [to, there];
    if (step >= KEPT_FROM * STEPS) kept.push(waterIn({ retention: curveAt(z) } as Truth, { height_cm: at }));
  }
  return kept;
}

const ALL = [
  ['at the depth where it was measured', 12, true],
  ['in a deeper pot', 25, true],
  // Without a class the walk has far to go: a short one would find the exact band too narrow.
  ['in a deeper pot, named by nobody', 25, false],
] as const;

it.each(FULL ? ALL : ALL.slice(1, 2))(
  'a band of water %s is hardly wider than it must be',
  (_, at, named) => {
    const random = seededRandom(31 + at);
    const width = ({ p5, p95 }: { p5: number; p95: number }): number => p95 - p5;
    const ratios = Array.from({ length: CASES }, () => {
      const mediaClass = MEDIA_CLASSES[Math.floor(random() * MEDIA_CLASSES.length)] as MediaClass;
      const truth = truthOf(random, mediaClass);
      const readings: LotReadings = {
        ...(named ? { materialClass: mediaClass.id } : {}),
        seen: [
          { kind: 'porosity', values: readPorosity(random, truth, 3) },
          { kind: 'column', height_cm: 12, values: readCapacity(random, truth, { height_cm: 12 }, 3) },
        ],
      };
      const lot = new LotDraws(readings);
      const own = seededRandom(3);
      const drawn = Array.from({ length: 1000 }, (__, i) =>
        waterIn({ retention: curveFromScale(lot.draw(own, i % 2 === 1, () => undefined)) } as Truth, { height_cm: at }),
      );
      return width(belief(drawn)) / width(belief(walk(random, readings, at)));
    }).sort((a, b) => a - b);
    const median = ((ratios[CASES / 2 - 1] as number) + (ratios[CASES / 2] as number)) / 2;
    expect(median).toBeLessThan(WIDEST);
    expect(median).toBeGreaterThan(0.75);
  },
  600_000,
);
