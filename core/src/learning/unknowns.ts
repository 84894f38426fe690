import { SCOOP_SHARE } from '../bands';
import type { BlendComponent } from '../blend';
import { bodyOf, covarianceOf, curveFromScale, fromScale, toScale, valueOf, type Alone } from '../knowledge';
import type { MeasuredBlend, MeasuredPart } from './measuredBlend';

/** Something of a part that is not known, in standard deviations; blends that name the same source share it. */
export interface Unknown {
  readonly source: string;
  readonly part: number;
  /** Its place among what moves the part. */
  readonly place: number;
}

/** A part with all that is not known of it, to be had at any place of it. */
export interface OpenPart {
  readonly unknowns: readonly Unknown[];
  readonly at: (z: readonly number[]) => BlendComponent;
}

const BEHIND_THE_CURVE = ['dryBulkDensity_gcc', 'interparticleVoid', 'd50_mm'] as const;
const CURVE_PLACES = 4;
/** What of a lot's chemistry a blend is measured by. */
const MEASURED_CHEMISTRY = ['pH', 'buffer_meqPerLpH'] as const;

interface Mover {
  readonly source: string;
  readonly apply: (into: Writable, z: number) => void;
}

type Writable = { -readonly [K in keyof BlendComponent]: BlendComponent[K] };

/** What moves the body of a lot: where its prior and each of its readings may really lie. */
function bodyMovers({ lotId, errors: { readings } }: MeasuredPart): {
  readonly sources: readonly string[];
  readonly write: (into: Writable, z: readonly number[]) => void;
} {
  if (readings === undefined) return { sources: [], write: () => undefined };
  const sampler = bodyOf(readings).sampler();
  return {
    sources: Array.from({ length: sampler.unknowns }, (_, k) => `${lotId}.${String(k)}`),
    write: (into, z) => {
      if (z.every((one) => one === 0)) return;
      const at = sampler.standingAt(z);
      into.retention = curveFromScale(at);
      BEHIND_THE_CURVE.forEach((key, i) => {
        into[key] = fromScale(key, at[CURVE_PLACES + i] as number);
      });
      into.interparticleVoid = Math.min(into.interparticleVoid, into.retention.thetaS);
    },
  };
}

function otherMovers(
  { lotId, component, errors }: MeasuredPart,
  scoopShare: number,
  scoop: string,
  withPH: boolean,
): Mover[] {
  const { readings, spread_se = 0 } = errors;
  const chemistry = (withPH ? MEASURED_CHEMISTRY : []).flatMap((key: Alone & ('pH' | 'buffer_meqPerLpH')): Mover[] => {
    const known = readings === undefined ? undefined : valueOf(key, readings);
    const value = component[key];
    if (known === undefined || value === undefined || value === 0) return [];
    const sd = Math.sqrt(covarianceOf(known.parts, 1)[0]?.[0] ?? 0);
    const middle = toScale(key, value);
    return [
      {
        source: `${lotId}.${key}`,
        apply: (into, z) => {
          into[key] = fromScale(key, middle + sd * z);
        },
      },
    ];
  });
  const spread: Mover = {
    source: `${lotId}.spread`,
    apply: (into, z) => {
      into.spread = Math.max(1, component.spread + spread_se * z);
    },
  };
  const volume: Mover = {
    source: scoop,
    apply: (into, z) => {
      into.volume = component.volume * Math.exp(scoopShare * z);
    },
  };
  return [...chemistry, ...(spread_se === 0 ? [] : [spread]), volume];
}

/** A part of a blend with its lot's unknowns, which other blends of the lot share, and its own scoop. */
export function openPart(
  blend: MeasuredBlend,
  name: string,
  index: number,
  withPH = blend.measured.pH !== undefined,
): OpenPart {
  const part = blend.parts[index] as MeasuredPart;
  const body = bodyMovers(part);
  const others = otherMovers(part, blend.scoopShare ?? SCOOP_SHARE, `scoop ${name}.${String(index)}`, withPH);
  const sources = [...body.sources, ...others.map(({ source }) => source)];
  return {
    unknowns: sources.map((source, place) => ({ source, part: index, place })),
    at: (z) => {
      const into: Writable = { ...part.component };
      body.write(into, z.slice(0, body.sources.length));
      others.forEach(({ apply }, i) => {
        const own = z[body.sources.length + i] as number;
        if (own !== 0) apply(into, own);
      });
      return into;
    },
  };
}
