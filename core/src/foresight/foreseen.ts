import { bands, type BandsInput } from '../bands';
import { DESK_PHYSICS, type BlendModel } from '../blend';
import {
  kappaFor,
  NO_LEARNING,
  mixedOf,
  type LearningUse,
  type MeasurableProperty,
  type MeasuredBlend,
  type MeasuredPart,
} from '../learning';
import { normalBelow } from '../statistics';
import type { Container } from '../vessel';

/** What was known when a batch was mixed, before anybody measured it: kept as it was. */
export interface Foreseen {
  readonly parts: readonly MeasuredPart[];
  readonly model: BlendModel;
  readonly shrink?: number;
  readonly lime_meqPerL: number;
  readonly lime_meqPerL_se?: number;
  readonly salt_dSm?: number;
  readonly salt_dSm_se?: number;
  readonly scoopShare?: number;
  readonly learnt?: LearningUse;
}

/** One property of a batch: what was said of it, and what it came to. */
export interface Outcome {
  readonly property: MeasurableProperty;
  /** Of a measurement: the prediction's own band, widened by the error of the measurement. */
  readonly p5: number;
  readonly p50: number;
  readonly p95: number;
  readonly measured: number;
  /** The chance, as it was said, of a value as low as that measured. */
  readonly below: number;
}

/** Draws for one of many batches. */
const DRAWS = 1000;
/** Standard normal quantile of 95 %. */
const Z95 = 1.6448536269514722;

/** The question that was kept, asked of the vessel in which the batch was measured. */
function bandsInputOf(foreseen: Foreseen, container: Container): BandsInput {
  const { parts, model, shrink, lime_meqPerL, lime_meqPerL_se, salt_dSm, salt_dSm_se, scoopShare, learnt } = foreseen;
  const some = <K extends string>(key: K, value: number | undefined): Partial<Record<K, number>> =>
    value === undefined ? {} : ({ [key]: value } as Record<K, number>);
  const mixed = { name: '', parts, container, measured: {} } satisfies MeasuredBlend;
  return {
    components: parts.map(({ component, errors }) => ({
      ...component,
      ...errors,
      ...some('volume_se', scoopShare === undefined ? undefined : scoopShare * component.volume),
    })),
    container,
    model,
    physics: DESK_PHYSICS,
    lime_meqPerL,
    ...some('shrink', shrink),
    ...some('lime_meqPerL_se', lime_meqPerL_se),
    ...some('salt_dSm', salt_dSm),
    ...some('salt_dSm_se', salt_dSm_se),
    ...(model === 'packing' ? kappaFor(learnt ?? NO_LEARNING, mixedOf(mixed)) : {}),
    draws: DRAWS,
  };
}

/** A side of a band, widened by an independent error. */
const wider = (side: number, se: number): number => Math.hypot(side, Z95 * se);

/** What was said of a batch before it was measured, beside what was measured. */
export function outcomesOf(
  foreseen: Foreseen,
  { container, measured }: Pick<MeasuredBlend, 'container' | 'measured'>,
): Outcome[] {
  const found = bands(bandsInputOf(foreseen, container));
  const bias: Readonly<Partial<Record<string, number>>> = foreseen.learnt?.bias ?? {};
  return (Object.keys(measured) as MeasurableProperty[]).flatMap((property): Outcome[] => {
    const [band, one] = [found[property], measured[property]];
    if (band === undefined || one === undefined) return [];
    const p50 = band.p50 + (bias[property] ?? 0);
    const [down, up] = [wider(band.p50 - band.p5, one.se), wider(band.p95 - band.p50, one.se)];
    const off = one.value - p50;
    return [
      {
        property,
        p5: p50 - down,
        p50,
        p95: p50 + up,
        measured: one.value,
        below: normalBelow((Z95 * off) / (off < 0 ? down : up)),
      },
    ];
  });
}
