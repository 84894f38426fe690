import { describe, expect, it } from 'vitest';
import { bands, type UncertainComponent } from '../bands';
import { blend } from '../blend';
import { MEDIA_CLASSES, type MediaClass } from '../classes';
import { bodyOf, curveFromScale, fromScale, kinOf, unknownGrains, valueOf, type LotReadings } from '../knowledge';
import { KAPPA_PRIOR } from '../learning';
import { normalDraw, seededRandom, type Random } from '../scoring';
import {
  BENCH_SD,
  drawsWithin,
  readCapacity,
  readDensity,
  readPorosity,
  truthOf,
  type Truth,
} from '../testing/syntheticLot';

/** A sample in every test run; `npm run trials` takes all of them. */
const FULL = process.env.BENT_PAIL_TRIALS !== undefined;
const TRIALS = FULL ? 400 : 10;
/** Of one that falls outside by chance. */
const AGAIN = 4000;
const DRAWS = FULL ? 2000 : 300;

interface Scenario {
  readonly name: string;
  readonly lots: number;
  readonly repeats: number;
  /** Depths of vessels that each lot was drained in, cm; none: nobody tested it. */
  readonly depths: readonly number[];
  readonly predictedAt: number;
  readonly named: boolean;
  readonly model?: 'average';
  /** Other lots of each one's material that were read as it would be. */
  readonly kin?: number;
}

const SCENARIOS: readonly Scenario[] = [
  { name: 'one lot, 3 repeats', lots: 1, repeats: 3, depths: [12], predictedAt: 12, named: true },
  { name: 'one lot, 2 repeats', lots: 1, repeats: 2, depths: [12], predictedAt: 12, named: true },
  { name: 'one lot, 1 repeat', lots: 1, repeats: 1, depths: [12], predictedAt: 12, named: true },
  { name: 'one lot, from 12 to 25 cm', lots: 1, repeats: 3, depths: [12], predictedAt: 25, named: true },
  { name: 'one lot, its class alone', lots: 1, repeats: 0, depths: [], predictedAt: 12, named: true },
  { name: 'the same, at 25 cm', lots: 1, repeats: 0, depths: [], predictedAt: 25, named: true },
  { name: 'two depths, to 25 cm', lots: 1, repeats: 3, depths: [8, 16], predictedAt: 25, named: true },
  { name: 'three depths, to 25 cm', lots: 1, repeats: 3, depths: [6, 12, 20], predictedAt: 25, named: true },
  { name: 'doubled depths', lots: 1, repeats: 3, depths: [12, 12, 20, 20], predictedAt: 15, named: true },
  { name: 'no class, one lot', lots: 1, repeats: 3, depths: [12], predictedAt: 12, named: false },
  { name: 'no class, from 12 to 25 cm', lots: 1, repeats: 3, depths: [12], predictedAt: 25, named: false },
  { name: 'no class, blends of 3', lots: 3, repeats: 3, depths: [12], predictedAt: 12, named: false },
  { name: 'no class, blends of 3, to 25 cm', lots: 3, repeats: 3, depths: [12], predictedAt: 25, named: false },
  { name: 'blends of 3', lots: 3, repeats: 3, depths: [12], predictedAt: 12, named: true },
  { name: 'blends of 3, to 25 cm', lots: 3, repeats: 3, depths: [12], predictedAt: 25, named: true },
  { name: 'blends of 3, classes alone', lots: 3, repeats: 0, depths: [], predictedAt: 12, named: true },
  {
    name: 'blends of 3, plain average',
    lots: 3,
    repeats: 3,
    depths: [12],
    predictedAt: 15,
    named: true,
    model: 'average',
  },
  { name: 'one lot, two others of it read', lots: 1, repeats: 0, depths: [], predictedAt: 12, named: true, kin: 2 },
  { name: 'one lot, five others of it read', lots: 1, repeats: 0, depths: [], predictedAt: 12, named: true, kin: 5 },
];

const PROPERTIES = ['air', 'water', 'bulkDensity_gcc', 'pH'] as const;
type Property = (typeof PROPERTIES)[number];

/** How the other lots of a material were read, and how far they lie apart in the class's variance. */
const READ_AS_KIN = { depths: [12], repeats: 3, named: true } as const;
const WITHIN = 0.25;

const SCOOP = 0.03;
const GRAINS = { share: 0.15, unknownShare: 0.6, unknownSoftness: 0.15 } as const;

function readingsFor(
  random: Random,
  { depths, repeats, named }: Pick<Scenario, 'depths' | 'repeats' | 'named'>,
  mediaClass: MediaClass,
  truth: Truth,
): LotReadings {
  return {
    ...(named ? { materialClass: mediaClass.id } : {}),
    seen: depths.flatMap((height_cm): LotReadings['seen'] => [
      { kind: 'porosity', values: readPorosity(random, truth, repeats) },
      { kind: 'column', height_cm, values: readCapacity(random, truth, { height_cm }, repeats) },
    ]),
    ...(depths.length === 0
      ? {}
      : {
          dryBulkDensity_gcc: depths.map(() => readDensity(random, truth, repeats)),
          pH: [Array.from({ length: repeats }, () => truth.pH + BENCH_SD.pH * normalDraw(random))],
          buffer_meqPerLpH: [[truth.buffer_meqPerLpH * (1 + 0.1 * normalDraw(random))]],
        }),
  };
}

function componentOf(readings: LotReadings, mediaClass: MediaClass, volume: number): UncertainComponent {
  const { x } = bodyOf(readings);
  const retention = curveFromScale(x);
  const named = readings.materialClass !== undefined;
  const { spread, softness } = named ? mediaClass : unknownGrains();
  const chemistry = (key: 'pH' | 'buffer_meqPerLpH'): number => fromScale(key, valueOf(key, readings)?.x ?? 0);
  return {
    name: mediaClass.label,
    volume,
    retention,
    dryBulkDensity_gcc: fromScale('dryBulkDensity_gcc', x[4] as number),
    interparticleVoid: Math.min(fromScale('interparticleVoid', x[5] as number), retention.thetaS),
    d50_mm: fromScale('d50_mm', x[6] as number),
    spread,
    softness,
    pH: chemistry('pH'),
    buffer_meqPerLpH: chemistry('buffer_meqPerLpH'),
    spread_se: (named ? GRAINS.share : GRAINS.unknownShare) * (spread - 1),
    ...(named ? {} : { softness_se: GRAINS.unknownSoftness }),
    readings,
  };
}

interface Tally {
  below: number;
  above: number;
  readonly widths: number[];
}

/** How often the truth lay outside the band, by side, over so many trials. */
function trialled(scenario: Scenario, trials: number, seed: number): ReadonlyMap<Property, Tally> {
  const random = seededRandom(seed);
  const { kin = 0 } = scenario;
  const tallies = new Map(PROPERTIES.map((key) => [key, { below: 0, above: 0, widths: [] as number[] }]));
  const packs = scenario.lots > 1 && scenario.model === undefined;
  const model = scenario.model ?? 'packing';
  const container = { height_cm: scenario.predictedAt };
  for (let trial = 0; trial < trials; trial += 1) {
    const classes = Array.from(
      { length: scenario.lots },
      () => MEDIA_CLASSES[Math.floor(random() * MEDIA_CLASSES.length)] as MediaClass,
    );
    const materials = classes.map(() => (kin === 0 ? undefined : drawsWithin(random, WITHIN)));
    const truths = classes.map((one, i) => truthOf(random, one, materials[i]));
    let kappa = packs ? -1 : 1;
    while (kappa < 0) kappa = KAPPA_PRIOR.mean + KAPPA_PRIOR.sd * normalDraw(random);
    const volumes = truths.map(() => 1 + Math.floor(3 * random()));
    const truth = blend({
      components: truths.map((one, i) => ({
        name: 'part',
        volume: (volumes[i] as number) * Math.exp(SCOOP * normalDraw(random)),
        ...one,
      })),
      container,
      model,
      kappa,
      physics: 2,
    });
    const components = truths.map((one, i) => {
      const mediaClass = classes[i] as MediaClass;
      const own = readingsFor(random, scenario, mediaClass, one);
      const others = kinOf(
        Array.from({ length: kin }, () =>
          readingsFor(random, READ_AS_KIN, mediaClass, truthOf(random, mediaClass, materials[i])),
        ),
      );
      const readings = others === undefined ? own : { ...own, kin: others };
      return componentOf(readings, mediaClass, volumes[i] as number);
    });
    const kappa_se = packs ? { kappa_se: KAPPA_PRIOR.sd } : {};
    const found = bands({ components, container, model, physics: 2, ...kappa_se, draws: DRAWS, seed: trial + 1 });
    for (const [key, tally] of tallies) {
      const band = found[key] as { p5: number; p95: number };
      const value = truth[key] as number;
      if (value < band.p5) tally.below += 1;
      else if (value > band.p95) tally.above += 1;
      tally.widths.push(band.p95 - band.p5);
    }
  }
  return tallies;
}

/** A share at the edge counts as inside, whatever its last digit. */
const EDGE = 1e-9;

/** Within 86 to 94 %, and between 2 and 8 % outside on each side. */
function isHonest({ below, above }: Tally, trials: number): boolean {
  const [low, high] = [below / trials, above / trials];
  const held = 1 - low - high;
  return held >= 0.86 - EDGE && held <= 0.94 + EDGE && [low, high].every((side) => side >= 0.02 && side <= 0.08);
}

const percent = (count: number, of: number): string => `${((100 * count) / of).toFixed(1)} %`;

function line(name: string, key: Property, { below, above, widths }: Tally, trials: number): string {
  const sorted = [...widths].sort((a, b) => a - b);
  const width = (sorted[Math.floor(sorted.length / 2)] as number).toFixed(3);
  const held = percent(trials - below - above, trials);
  return `| ${name} | ${key} | ${held} | ${percent(below, trials)} | ${percent(above, trials)} | ${width} |\n`;
}

describe(`90 %% bands, ${String(TRIALS)} lots and blends drawn from the classes’ own spreads`, () => {
  it.each(SCENARIOS.map((one, i) => ({ ...one, seed: 1000 + i })))(
    'hold what is true: $name',
    ({ seed, ...scenario }) => {
      const tallies = trialled(scenario, TRIALS, seed);
      let repeated: ReadonlyMap<Property, Tally> | undefined;
      for (const [key, tally] of tallies) {
        const held = 1 - (tally.below + tally.above) / TRIALS;
        if (!FULL) {
          // So few trials tell only a band that is far too narrow from one that is not.
          expect(held, key).toBeGreaterThanOrEqual(0.6);
          continue;
        }
        process.stdout.write(line(scenario.name, key, tally, TRIALS));
        if (isHonest(tally, TRIALS)) continue;
        repeated ??= trialled(scenario, AGAIN, seed + 5000);
        const again = repeated.get(key) as Tally;
        process.stdout.write(line(`${scenario.name}, again`, key, again, AGAIN));
        // The rest of the line is measured all the same.
        expect.soft(isHonest(again, AGAIN), `${key} ${line(scenario.name, key, again, AGAIN)}`).toBe(true);
      }
    },
    FULL ? 3_600_000 : 60_000,
  );
});
