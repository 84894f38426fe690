import {
  evaluateBlend,
  MEDIA_CLASSES,
  porosity,
  prepareBlend,
  type BlendComponent,
  type MediaClass,
} from '@bent-pail/core';
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
  const volumes = [4, 2, 2, 1, 1];
  const prepared = prepareBlend(
    FIVE.map((id, i) => componentOf(id, volumes[i] as number)),
    { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 },
  );
  return [
    { what: 'porosity reduction, 12 replicates', value: timeOf(() => porosity(sheet)), unit: 'µs', bar: 50 },
    {
      what: 'one blend, 5 prepared components, scalars',
      value: timeOf(() => evaluateBlend(prepared, volumes, { model: 'packing' })),
      unit: 'µs',
      bar: 60,
    },
  ];
}
