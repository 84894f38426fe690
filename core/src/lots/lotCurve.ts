import { findMediaClass, type MediaClass } from '../classes';
import {
  knownCurve,
  lotCurveMethod,
  type Belief,
  type Body,
  type Kin,
  type CurveBandPoint,
  type LotReadings,
  type Seen,
} from '../knowledge';
import type { Working } from '../method';
import { property, type PropertyKey } from '../properties';
import { inSentence } from '../protocols';
import type { Container } from '../vessel';
import type { LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';
import { alikeRuns, readingsOfLot } from './readingsOfLot';

/** The water curve of a lot: what is usual for its class, and everything that was read of it. */
export interface LotCurve extends Body {
  /** Seen in several places, in one depth, or not at all. */
  readonly kind: 'fitted' | 'inferred' | 'class';
  /** All that it rests on: what draws of it are made from. */
  readonly readings: LotReadings;
  /** Where it lies with 95 %, at suctions of up to 1000 cm. */
  readonly band: readonly CurveBandPoint[];
  readonly easilyAvailable: Belief;
  /** What the newest vessel held, and the medium in it. */
  readonly vessel?: Container;
  readonly note: string;
  /** Where its scale comes from; absent for a class. */
  readonly working?: Working;
}

/** What the scale of a curve is shown to come from. */
const RESTS_ON: ReadonlySet<PropertyKey> = new Set([
  'totalPorosity',
  'containerCapacity',
  'airSpace',
  'capacityAtLeast',
]);

/** Depths this much alike, as a share, are one place: a medium settles a little differently each time. */
const ONE_DEPTH = 0.1;

/** How many places of the curve were looked at, the wet end aside. */
function placesOf(seen: readonly Seen[]): number {
  const depths = seen
    .flatMap((one) => (one.kind === 'vessel' || one.kind === 'air' ? one.container.height_cm : []))
    .sort((a, b) => a - b);
  let apart = 0;
  let from = -Infinity;
  for (const depth of depths) {
    if (depth <= from * (1 + ONE_DEPTH)) continue;
    apart += 1;
    from = depth;
  }
  const points = new Set(seen.flatMap((one) => (one.kind === 'point' ? one.head_cm : [])));
  const slices = new Set(seen.flatMap((one) => (one.kind === 'slice' ? one.from_cm : [])));
  return apart + points.size + slices.size;
}

const counted = (count: number, one: string, many: string): string =>
  count === 0 ? '' : `${String(count)} ${count === 1 ? one : many}`;

/** What the curve rests on, in words. */
function seenWords(seen: readonly Seen[]): string {
  const repeats = (kind: Seen['kind']): number =>
    seen.reduce((sum, one) => sum + (one.kind === kind ? one.values.length : 0), 0);
  const parts = [
    counted(repeats('point'), 'weighing on the suction table', 'weighings on the suction table'),
    counted(repeats('slice'), 'ring of drained stacks', 'rings of drained stacks'),
    counted(repeats('vessel'), 'drained vessel', 'drained vessels'),
    counted(repeats('air'), 'reading of the air by a jug', 'readings of the air by a jug'),
  ].filter((part) => part !== '');
  return parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1) as string}`;
}

/** Why the curve is as it is, for the card. */
function noteOf(
  kind: LotCurve['kind'],
  mediaClass: MediaClass | undefined,
  seen: readonly Seen[],
  otherwise: number,
  kin: Kin | undefined,
): string {
  if (kind === 'class' && kin?.body !== undefined)
    return `Curve as ${counted(kin.lots, 'other lot', 'other lots')} of this material ${kin.lots === 1 ? 'has' : 'have'} it, not measured in this one.`;
  if (kind === 'class') return mediaClass === undefined ? '' : `Curve of the class ${mediaClass.label}, not measured.`;
  const shape = mediaClass === undefined ? 'no class is named, so that it may be of any medium' : 'as the class has it';
  const curve =
    kind === 'inferred'
      ? `Curve from ${seenWords(seen)} of one depth; its shape is ${mediaClass === undefined ? 'open: ' : ''}${shape}.`
      : `Curve from ${seenWords(seen)}; what they leave open is ${mediaClass === undefined ? 'wide: ' : ''}${shape}.`;
  return otherwise === 0
    ? curve
    : `${curve} ${counted(otherwise, 'run packed otherwise is another medium and is', 'runs packed otherwise are another medium and are')} left out.`;
}

/**
 * The water curve of a lot, with its weight and grains: the prior of its class and every reading of what was packed alike,
 * combined once (see `lot-curve`). Undefined where neither a run nor a class says anything of it.
 */
export function lotCurve(lot: LotRecord, figures: readonly LotFigure[]): LotCurve | undefined {
  const readings = readingsOfLot(lot, figures);
  const { seen } = readings;
  const water = seen.filter(({ kind }) => kind !== 'porosity');
  const mediaClass = readings.materialClass === undefined ? undefined : findMediaClass(readings.materialClass);
  if (water.length === 0 && mediaClass === undefined && readings.kin?.body === undefined) return undefined;
  const { retention, dryBulkDensity_gcc, interparticleVoid, d50_mm, band, easilyAvailable } = knownCurve(readings);
  const kind = water.length === 0 ? 'class' : placesOf(seen) < 2 ? 'inferred' : 'fitted';
  const newest = seen.find((one) => one.kind === 'vessel' || one.kind === 'air');
  const from = figures
    .filter((one) => one.origin === 'measured' && RESTS_ON.has(one.property))
    .map(({ property: key, summary, working }) => ({
      label: inSentence(property(key).label),
      value: summary.mean,
      unit: '',
      working,
    }));
  return {
    kind,
    retention,
    dryBulkDensity_gcc,
    interparticleVoid,
    d50_mm,
    readings,
    band,
    easilyAvailable,
    ...(newest === undefined ? {} : { vessel: newest.container }),
    note: noteOf(kind, mediaClass, water, alikeRuns(lot).otherwise, readings.kin),
    ...(kind === 'class' ? {} : { working: lotCurveMethod.working('alpha', readings, { from }) }),
  };
}
