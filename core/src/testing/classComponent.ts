import type { BlendComponent } from '../blend';
import { mediaClassById } from '../classes';

/** A component with its class's figures, for tests. */
export function classComponent(id: string, volume = 1): BlendComponent {
  const one = mediaClassById(id, 'id');
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
