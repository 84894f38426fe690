import type { MediaClass } from '../classes';
import { containerMean, containerRule, QUADRATURE, thetaAt, type Retention } from '../retention';
import { normalDraw, type Random } from '../scoring';
import type { Container } from '../vessel';

/** What a lot of a class really is, as nobody on a bench ever knows. */
export interface Truth {
  readonly retention: Retention;
  readonly dryBulkDensity_gcc: number;
  readonly interparticleVoid: number;
  readonly d50_mm: number;
  readonly spread: number;
  readonly softness: number;
  readonly pH: number;
  readonly buffer_meqPerLpH: number;
}

const RANGE = 2 * 1.6448536269514722;

/** Standard normal draws, by what they are of. */
export type Draws = (of: string) => number;

/** Draws of the lots of one material: each lies around a place of its own within the class, by this share of its variance. */
export function drawsWithin(random: Random, share: number): Draws {
  const places = new Map<string, number>();
  return (of) => {
    const place = places.get(of) ?? normalDraw(random);
    places.set(of, place);
    return Math.sqrt(1 - share) * place + Math.sqrt(share) * normalDraw(random);
  };
}

/** A lot drawn from its class's own spreads: shares normally within what is possible, the rest by logarithms. */
export function truthOf(random: Random, mediaClass: MediaClass, draw: Draws = () => normalDraw(random)): Truth {
  const { retention, retentionSpread: sd } = mediaClass;
  /** A normal draw that must pass; drawn again until it does. */
  const until = (of: string, mean: number, by: number, passes: (value: number) => boolean): number => {
    for (;;) {
      const value = mean + by * draw(of);
      if (passes(value)) return value;
    }
  };
  const log = (of: 'dryBulkDensity_gcc' | 'd50_mm' | 'buffer_meqPerLpH'): number => {
    const { typical, range } = mediaClass[of];
    const [lo, hi] = range;
    return typical * Math.exp((lo > 0 ? Math.log(hi / lo) / RANGE : (hi - lo) / RANGE / typical) * draw(of));
  };
  const thetaS = until('thetaS', retention.thetaS, sd.thetaS_sd, (v) => v > 0 && v < 1);
  const thetaR = until('thetaR', retention.thetaR, sd.thetaR_sd, (v) => v >= 0 && v < thetaS);
  const single = ['sand-coarse', 'sand-fine', 'grit'].includes(mediaClass.id);
  const [lo, hi] = mediaClass.interparticleVoid.range;
  const between = until('void', mediaClass.interparticleVoid.typical, (hi - lo) / RANGE, (v) => v > 0.01 && v < 0.99);
  const [pHLo, pHHi] = mediaClass.pH_1to5_water.range;
  return {
    retention: {
      thetaR,
      thetaS,
      alpha_percm: retention.alpha_percm * Math.exp(sd.lnAlpha_sd * draw('alpha')),
      n: 1 + (retention.n - 1) * Math.exp(sd.lnNMinus1_sd * draw('n')),
    },
    dryBulkDensity_gcc: log('dryBulkDensity_gcc'),
    interparticleVoid: Math.min(single ? thetaS : between, thetaS),
    d50_mm: log('d50_mm'),
    spread: until('spread', mediaClass.spread, 0.15 * (mediaClass.spread - 1), (v) => v > 1),
    softness: mediaClass.softness,
    pH: mediaClass.pH_1to5_water.typical + ((pHHi - pHLo) / RANGE) * draw('pH'),
    buffer_meqPerLpH: log('buffer_meqPerLpH'),
  };
}

/** Repeats as a bench reads them: SD .010 of porosity, .012 of capacity, 2 % of density, held to what can be typed. */
export const BENCH_SD = Object.freeze({ porosity: 0.01, capacity: 0.012, density: 0.02, pH: 0.05 });

const held = (value: number): number => Math.min(Math.max(value, 0.001), 0.999);

export const readPorosity = (random: Random, { retention }: Truth, n: number): number[] =>
  Array.from({ length: n }, () => held(retention.thetaS + BENCH_SD.porosity * normalDraw(random)));

export const waterIn = ({ retention }: Truth, container: Container): number =>
  containerMean(containerRule(container, [], QUADRATURE), (h) => thetaAt(retention, h));

export const readCapacity = (random: Random, truth: Truth, container: Container, n: number): number[] =>
  Array.from({ length: n }, () => held(waterIn(truth, container) + BENCH_SD.capacity * normalDraw(random)));

export const readDensity = (random: Random, { dryBulkDensity_gcc }: Truth, n: number): number[] =>
  Array.from({ length: n }, () => dryBulkDensity_gcc * (1 + BENCH_SD.density * normalDraw(random)));
