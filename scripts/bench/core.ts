import {
  bands,
  bodyOf,
  column,
  containerCapacity,
  evaluateBlend,
  fitRetention,
  lotCard,
  MEDIA_CLASSES,
  porosity,
  DESK_PHYSICS,
  prepareBlend,
  rank,
  recipeSearch,
  TARGET_PROFILES,
  thetaAt,
  type BlendComponent,
  type LotReadings,
  type MediaClass,
  type TargetProfile,
} from '@bent-pail/core';
import { PUMICE_SHEET, pumiceLot, runOf } from '../../core/src/testing/sampleLot';
import { daily, sampleColumn } from '../../core/src/testing/sampleColumn';
import { timeOf, type Figure } from './measure';

/** A component with its class's figures. */
export function componentOf(id: string, volume: number): BlendComponent {
  const one = MEDIA_CLASSES.find((mediaClass) => mediaClass.id === id) as MediaClass;
  return {
    name: one.label,
    volume,
    dryBulkDensity_gcc: one.dryBulkDensity_gcc.typical,
    retention: one.retention,
    interparticleVoid: one.interparticleVoid.typical,
    d50_mm: one.d50_mm.typical,
    spread: one.spread,
    softness: one.softness,
    pH: one.pH_1to5_water.typical,
    buffer_meqPerLpH: one.buffer_meqPerLpH.typical,
    ec_dSm: one.ec_1to2_dSm.typical,
    pricePerL: 0.2,
  };
}

const FIVE = ['bark-fine', 'coir-pith', 'pumice-coarse', 'compost-green', 'perlite-coarse'] as const;

const TEN = [...FIVE, 'peat-light-fine', 'loam', 'sand-coarse', 'vermiculite', 'bark-graded'] as const;
const TUB = { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 };

/** Noisy points, so that every start is worked to its end. */
function fitOnce(): unknown {
  const curve = { thetaR: 0.2, thetaS: 0.85, alpha_percm: 0.15, n: 1.9 };
  const heads = [0, 2, 5, 10, 20, 35, 60, 100];
  return fitRetention({
    observations: heads.map((head_cm, i) => ({
      kind: 'point',
      head_cm,
      theta: thetaAt(curve, head_cm) * (1 + (i % 2 === 0 ? 0.01 : -0.01)),
    })),
  });
}

function searchOf(count: number): unknown {
  const components = TEN.slice(0, count).map((id) => componentOf(id, 1));
  const profile = TARGET_PROFILES.find((one) => one.id === 'acid-lovers') ?? TARGET_PROFILES[0];
  return recipeSearch({
    components,
    parts: 12,
    container: TUB,
    targets: (profile as TargetProfile).targets.map(({ property, ideal, limits, weight }) => ({
      property,
      ideal,
      limits,
      weight,
    })),
  });
}

/** A lot soaked, drained and dried three times in one depth, and its pH read: as its class has it. */
function readingsOf(id: string, runs = 1): LotReadings {
  const {
    retention,
    dryBulkDensity_gcc: density,
    pH_1to5_water: pH,
  } = MEDIA_CLASSES.find((mediaClass) => mediaClass.id === id) as MediaClass;
  const near = (value: number): number[] => [0.99 * value, value, 1.01 * value];
  const seen = Array.from({ length: runs }, (_, i): LotReadings['seen'] => {
    const container = { height_cm: [12, 12, 8, 20][i % 4] as number };
    return [
      { kind: 'porosity', values: near(0.98 * retention.thetaS) },
      { kind: 'vessel', container, values: near(containerCapacity({ retention, container }).water) },
    ];
  });
  return { materialClass: id, seen: seen.flat(), dryBulkDensity_gcc: [near(density.typical)], pH: [near(pH.typical)] };
}

export function bandsOnce(): unknown {
  const components = FIVE.map((id) => ({ ...componentOf(id, 2), spread_se: 0.1, readings: readingsOf(id) }));
  return bands({ components, container: TUB, model: 'packing', physics: DESK_PHYSICS, kappa_se: 0.3 });
}

/** Products that were measured on half of their criteria and marked by four raters on the others. */
function rankOf(products: number, draws = 5000): unknown {
  const CRITERIA = 12;
  return rank({
    rubric: {
      criteria: Array.from({ length: CRITERIA }, (_, c) => ({
        name: `c${String(c)}`,
        weight: c + 1,
        kind: c % 2 === 0 ? 'measured' : 'panel',
        function: c % 2 === 0 ? { type: 'window', ideal: [0.2, 0.3], limits: [0, 0.6] } : { type: 'direct' },
      })),
    },
    products: Array.from({ length: products }, (_, p) => ({
      name: `p${String(p)}`,
      criteria: Array.from({ length: CRITERIA }, (__, c) =>
        c % 2 === 0
          ? { name: `c${String(c)}`, value: ((p * 7 + c * 3) % 60) / 100, value_se: 0.02 }
          : { name: `c${String(c)}`, raters: [0, 1, 2, 3].map((r) => 2 + ((p + c + r * 3) % 14) / 2) },
      ),
    })),
    draws,
  });
}

/** A pot through a fortnight. */
const followed = (): unknown => column(sampleColumn({ potential_mmPerD: 5, waterings: daily(14, 150), end_d: 14 }));

/** Median of a few runs of something long, ms. */
function once(call: () => unknown): number {
  const times = Array.from({ length: 5 }, () => {
    const began = performance.now();
    call();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[2] as number;
}

export function coreFigures(): Figure[] {
  const replicates = Array.from({ length: 12 }, (_, i) => ({
    tare_g: 312 + i / 10,
    filled_g: 900 + i,
    saturated_g: 1541 + i,
    drained_g: 1157 + i,
    dryTray_g: 20,
    dry_g: 530 + i / 2,
    settledDepth_cm: 11.9,
    drained_mL: 384,
  }));
  const sheet = {
    vessel: { volume_mL: 1052, height_cm: 12 },
    waterTemp_C: 17.4,
    replicates,
    materialClass: 'pumice-coarse',
  };
  const wellTested = pumiceLot(
    Array.from({ length: 20 }, (_, i) =>
      runOf('saturate-drain-dry', PUMICE_SHEET, { id: `run ${String(i)}`, number: i + 1 }),
    ),
  );
  const volumes = [4, 2, 2, 1, 1];
  const prepared = prepareBlend(
    FIVE.map((id, i) => componentOf(id, volumes[i] as number)),
    { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 },
    DESK_PHYSICS,
  );
  return [
    {
      what: 'retention fit, 8 observations',
      value: timeOf(fitOnce, { batch: 5 }) / 1000,
      unit: 'ms',
      bar: 10,
    },
    {
      what: 'fit with its prior, one depth',
      value: timeOf(() => bodyOf(readingsOf('bark-fine'))) / 1000,
      unit: 'ms',
      bar: 10,
    },
    {
      what: 'card of a lot with 20 runs',
      value:
        timeOf(() => lotCard({ ...wellTested, runs: wellTested.runs.map((run) => ({ ...run })) }), { batch: 2 }) / 1000,
      unit: 'ms',
      bar: 30,
    },
    {
      what: 'whole-part search, 12 parts, 8 lots (50,388 recipes)',
      value: once(() => searchOf(8)) / 1000,
      unit: 's',
      bar: 0.4,
    },
    {
      what: 'whole-part search, 12 parts, 10 lots (293,930 recipes)',
      value: once(() => searchOf(10)) / 1000,
      unit: 's',
      bar: 2,
    },
    { what: 'bands, 2,000 draws, 5 lots as they were read', value: once(bandsOnce) / 1000, unit: 's', bar: 0.3 },
    {
      what: 'ranking, 60 products, 12 criteria, 5,000 weightings',
      value: once(() => rankOf(60)) / 1000,
      unit: 's',
      bar: 0.3,
    },
    {
      what: 'ranking as a slider moves, 8 products, 1,000 weightings',
      value: once(() => rankOf(8, 1000)),
      unit: 'ms',
      bar: 50,
    },
    { what: 'a pot, 60 slices, 14 days, watered daily', value: once(followed) / 1000, unit: 's', bar: 0.2 },
    { what: 'porosity reduction, 12 replicates', value: timeOf(() => porosity(sheet)), unit: 'µs', bar: 50 },
    {
      what: 'one blend, 5 prepared components, scalars',
      value: timeOf(() => evaluateBlend(prepared, volumes, { model: 'packing' })),
      unit: 'µs',
      bar: 60,
    },
  ];
}
