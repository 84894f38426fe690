import { mediaClassById, type MediaClass } from '../classes';
import { DESK_PHYSICS, blend } from '../blend';
import { bodyOf, fromScale, curveFromScale, valueOf, type LotReadings } from '../knowledge';
import type { MeasuredBlend, MeasuredPart } from '../learning';
import { normalDraw, type Random } from '../scoring';
import { BENCH_SD, readCapacity, readDensity, readPorosity, truthOf, type Truth } from './syntheticLot';

/** A lot on a synthetic bench: what it really is, and what was read of it. */
export interface SyntheticLot {
  readonly id: string;
  readonly mediaClass: MediaClass;
  readonly truth: Truth;
  readonly readings: LotReadings;
}

const VESSEL = { height_cm: 12 };
const REPEATS = 3;

/** A lot soaked, drained and dried three times in the 12 cm vessel, and its pH read. */
export function syntheticLot(random: Random, classId: string, id: string): SyntheticLot {
  const mediaClass = mediaClassById(classId, 'id');
  const truth = truthOf(random, mediaClass);
  const readings = {
    materialClass: classId,
    seen: [
      { kind: 'porosity' as const, values: readPorosity(random, truth, REPEATS) },
      { kind: 'column' as const, height_cm: 12, values: readCapacity(random, truth, VESSEL, REPEATS) },
    ],
    dryBulkDensity_gcc: [readDensity(random, truth, REPEATS)],
    pH: [Array.from({ length: REPEATS }, () => truth.pH + BENCH_SD.pH * normalDraw(random))],
  };
  return { id, mediaClass, truth, readings };
}

function partOf({ id, mediaClass, readings }: SyntheticLot, volume: number): MeasuredPart {
  const { x } = bodyOf(readings);
  const retention = curveFromScale(x);
  const chemistry = (key: 'pH' | 'buffer_meqPerLpH'): number => fromScale(key, valueOf(key, readings)?.x ?? 0);
  return {
    lotId: id,
    material: mediaClass.id,
    component: {
      name: mediaClass.label,
      volume,
      dryBulkDensity_gcc: fromScale('dryBulkDensity_gcc', x[4] as number),
      retention,
      interparticleVoid: Math.min(fromScale('interparticleVoid', x[5] as number), retention.thetaS),
      d50_mm: fromScale('d50_mm', x[6] as number),
      spread: mediaClass.spread,
      softness: mediaClass.softness,
      pH: chemistry('pH'),
      buffer_meqPerLpH: chemistry('buffer_meqPerLpH'),
    },
    errors: { readings, spread_se: 0.15 * (mediaClass.spread - 1) },
  };
}

export interface SyntheticBatch {
  readonly kappa: number;
  /** Added to what the blend really is before it is read. */
  readonly bias?: Readonly<Partial<Record<'air' | 'water' | 'pH', number>>>;
}

const SCOOP = 0.03;
/** A mean of three repeats. */
const mean = (random: Random, sd: number): number => (sd / Math.sqrt(REPEATS)) * normalDraw(random);

/** A blend scooped of true lots and measured three times. */
export function syntheticBatch(
  random: Random,
  lots: readonly SyntheticLot[],
  volumes: readonly number[],
  { kappa, bias = {} }: SyntheticBatch,
  name = 'batch',
): MeasuredBlend {
  const made = blend({
    components: lots.map(({ truth, mediaClass }, i) => ({
      name: mediaClass.label,
      volume: (volumes[i] as number) * Math.exp(SCOOP * normalDraw(random)),
      ...truth,
    })),
    container: VESSEL,
    model: 'packing',
    kappa,
    physics: DESK_PHYSICS,
  });
  const [pores, water] = [mean(random, BENCH_SD.porosity), mean(random, BENCH_SD.capacity)];
  const se = (sd: number): number => sd / Math.sqrt(REPEATS);
  return {
    name,
    parts: lots.map((lot, i) => partOf(lot, volumes[i] as number)),
    container: VESSEL,
    measured: {
      air: {
        value: made.air + pores - water + (bias.air ?? 0),
        se: Math.hypot(se(BENCH_SD.porosity), se(BENCH_SD.capacity)),
      },
      water: { value: made.water + water + (bias.water ?? 0), se: se(BENCH_SD.capacity) },
      bulkDensity_gcc: {
        value: made.bulkDensity_gcc * (1 + mean(random, BENCH_SD.density)),
        se: made.bulkDensity_gcc * se(BENCH_SD.density),
      },
      ...(made.pH === undefined
        ? {}
        : { pH: { value: made.pH + mean(random, BENCH_SD.pH) + (bias.pH ?? 0), se: se(BENCH_SD.pH) } }),
    },
  };
}

/** Any few of some things, each once. */
export function someOf<T>(random: Random, things: readonly T[], count: number): T[] {
  const left = [...things];
  return Array.from({ length: count }, () => left.splice(Math.floor(random() * left.length), 1)[0] as T);
}
