import { expect, it } from 'vitest';
import { bands, type Band } from '../bands';
import { MEDIA_CLASSES, type MediaClass } from '../classes';
import { bodyOf, curveFromScale, fromScale, type LotReadings } from '../knowledge';
import { seededRandom } from '../scoring';
import { waterIn, truthOf } from '../testing/syntheticLot';

/** A sample in every test run; `npm run trials` takes all of them. */
const FULL = process.env.BENT_PAIL_TRIALS !== undefined;
const SEQUENCES = FULL ? 500 : 6;
/** A reading that agrees may widen a band by this much: draws have a width of their own. */
const SLACK = 1.02;
/** Over 500 sequences the ends of a band of 1,000 draws would be off by more than that by chance, now and then. */
const DRAWS = FULL ? 8000 : 1000;

const KEYS = ['air', 'water', 'bulkDensity_gcc'] as const;

function widths(readings: LotReadings, mediaClass: MediaClass): number[] {
  const { x } = bodyOf(readings);
  const retention = curveFromScale(x);
  const found = bands({
    components: [
      {
        name: 'lot',
        volume: 1,
        volume_se: 0,
        retention,
        dryBulkDensity_gcc: fromScale('dryBulkDensity_gcc', x[4] as number),
        interparticleVoid: Math.min(fromScale('interparticleVoid', x[5] as number), retention.thetaS),
        d50_mm: fromScale('d50_mm', x[6] as number),
        spread: mediaClass.spread,
        readings,
      },
    ],
    container: { height_cm: 15 },
    model: 'average',
    draws: DRAWS,
  });
  return KEYS.map((key) => (found[key] as Band).p95 - (found[key] as Band).p5);
}

it(`no reading that agrees widens a band, over ${String(SEQUENCES)} sequences`, () => {
  const random = seededRandom(77);
  for (let sequence = 0; sequence < SEQUENCES; sequence += 1) {
    const mediaClass = MEDIA_CLASSES[Math.floor(random() * MEDIA_CLASSES.length)] as MediaClass;
    const named = random() < 0.7 ? { materialClass: mediaClass.id } : {};
    // What agrees with all that is believed already: the values that are the most probable.
    let readings: LotReadings = { ...named, seen: [] };
    const truth = truthOf(random, mediaClass);
    const first = { kind: 'porosity' as const, values: [Math.min(truth.retention.thetaS, 0.99)] };
    const column = { kind: 'column' as const, height_cm: 12, values: [waterIn(truth, { height_cm: 12 })] };
    readings = { ...readings, seen: [first, column], dryBulkDensity_gcc: [[truth.dryBulkDensity_gcc]] };
    let before = widths(readings, mediaClass);
    for (let step = 0; step < 4; step += 1) {
      const { x } = bodyOf(readings);
      const retention = curveFromScale(x);
      const height_cm = [6, 12, 20, 30][Math.floor(random() * 4)] as number;
      const agreeing =
        random() < 0.5
          ? { kind: 'porosity' as const, values: [retention.thetaS] }
          : { kind: 'column' as const, height_cm, values: [waterIn({ ...truth, retention }, { height_cm })] };
      readings = { ...readings, seen: [...readings.seen, agreeing] };
      const after = widths(readings, mediaClass);
      after.forEach((width, i) => {
        expect(width / (before[i] as number), `${KEYS[i] as string} ${String(sequence)}.${String(step)}`).toBeLessThan(
          SLACK,
        );
      });
      before = after;
    }
  }
}, 7_200_000);
