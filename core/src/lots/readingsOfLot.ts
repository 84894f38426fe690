import { findMediaClass } from '../classes';
import { isBodyRead, kinOf, type Kin, type LotReadings, type Seen } from '../knowledge';
import type { PropertyKey } from '../properties';
import { retentionObservationsOf, settledDepth_cm } from '../protocols';
import type { RetentionObservation } from '../retention';
import { countedReplicates, Sheet, type Protocol, type RunRecord } from '../sheets';
import { canonicalText } from '../content';
import { meanOf } from '../statistics';
import { containerBelow, type Container } from '../vessel';
import type { LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';
import { methodKeyText } from './methodKey';
import { propertiesOf } from './propertiesOf';

/** Diameters this much alike, as a share, make a straight vessel. */
const STRAIGHT = 0.02;

/** Fractions of the volume are held to what a curve can have; the run's own checks say what is wrong with others. */
const WITHIN = [0.001, 0.999] as const;

/** EC under what a pen can tell counts as half of that. */
const LEAST_EC_DSM = 0.005;

function shapeOf({ height_cm, topDiameter_cm, baseDiameter_cm }: Container): Container {
  if (topDiameter_cm === undefined || baseDiameter_cm === undefined) return { height_cm };
  if (Math.abs(topDiameter_cm - baseDiameter_cm) <= STRAIGHT * topDiameter_cm) return { height_cm };
  return { height_cm, topDiameter_cm, baseDiameter_cm };
}

/** Mean depth of the medium in the named vessels of a run, as it stood drained, cm. */
function settledDepthOf(run: RunRecord, replicates: readonly number[], height_cm: number): number {
  const sheet = new Sheet(run.readings);
  const depths = replicates.flatMap((replicate) => settledDepth_cm(sheet, replicate) ?? []);
  return Math.min(depths.length === 0 ? height_cm : meanOf(depths), height_cm);
}

/** The part of a vessel that the medium fills, as one container for the vessels of a run that are alike. */
interface Filled {
  readonly container: Container;
  readonly replicates: readonly number[];
}

function filledOf(run: RunRecord): Filled[] {
  const groups = new Map<string, { readonly vessel: Container; readonly replicates: number[] }>();
  for (const replicate of countedReplicates(run)) {
    const vessel = run.vessels[replicate];
    if (vessel === undefined) continue;
    const shape = shapeOf(vessel);
    const group = groups.get(canonicalText(shape)) ?? { vessel: shape, replicates: [] };
    group.replicates.push(replicate);
    groups.set(canonicalText(shape), group);
  }
  return [...groups.values()].map(({ vessel, replicates }) => ({
    container: containerBelow(vessel, settledDepthOf(run, replicates, vessel.height_cm)),
    replicates,
  }));
}

const held = (value: number): number => Math.min(Math.max(value, WITHIN[0]), WITHIN[1]);

/** A property's values in some of a run's vessels. */
const valuesIn = (run: RunRecord, key: PropertyKey, replicates: readonly number[]): number[] =>
  (propertiesOf(run).find(({ property }) => property === key)?.values ?? [])
    .filter(({ replicate }) => replicates.includes(replicate))
    .map(({ value }) => held(value));

/** A sight of drained vessels, where there is one. */
const seenIn = (kind: 'vessel' | 'air' | 'least', container: Container, values: readonly number[]): Seen[] =>
  values.length === 0 ? [] : [{ kind, container, values }];

/** Pores and capacity of a run in vessels, one sight for each shape and depth among them; the air alone before it is dried. */
function vesselsSeen(run: RunRecord): Seen[] {
  return filledOf(run).flatMap(({ container, replicates }): Seen[] => {
    const pores = valuesIn(run, 'totalPorosity', replicates);
    const capacity = valuesIn(run, 'containerCapacity', replicates);
    return [
      ...(pores.length === 0 ? [] : [{ kind: 'porosity' as const, values: pores }]),
      ...(capacity.length > 0
        ? seenIn('vessel', container, capacity)
        : seenIn('air', container, valuesIn(run, 'airSpace', replicates))),
    ];
  });
}

/** Air of a drained vessel by the jug, and the water that it holds at least; an estimate where a cup was dried. */
function kitchenSeen(run: RunRecord): Seen[] {
  return filledOf(run).flatMap(({ container, replicates }): Seen[] => {
    const seen = (kind: 'vessel' | 'air' | 'least', key: PropertyKey): Seen[] =>
      seenIn(kind, container, valuesIn(run, key, replicates));
    const estimated = seen('vessel', 'capacityEstimate');
    return [...seen('air', 'airSpace'), ...(estimated.length > 0 ? estimated : seen('least', 'capacityAtLeast'))];
  });
}

/** Rings of a run on the table or in a stack, repeats of one place together. */
function ringsSeen(run: RunRecord): Seen[] {
  const sheet = new Sheet(run.readings);
  const places = new Map<string, { readonly at: RetentionObservation; readonly values: number[] }>();
  for (const replicate of countedReplicates(run))
    for (const { theta, ...at } of retentionObservationsOf(run, sheet, replicate) ?? []) {
      const place = places.get(canonicalText(at)) ?? { at: { ...at, theta }, values: [] };
      place.values.push(held(theta));
      places.set(canonicalText(at), place);
    }
  return [...places.values()].flatMap(({ at, values }): Seen[] => {
    switch (at.kind) {
      case 'point':
        return [
          {
            kind: 'point',
            head_cm: at.head_cm,
            ...(at.ringHeight_cm === undefined ? {} : { ringHeight_cm: at.ringHeight_cm }),
            values,
          },
        ];
      case 'slice':
        return [{ kind: 'slice', from_cm: at.from_cm, to_cm: at.to_cm, values }];
      case 'column':
        return [];
    }
  });
}

/** What each way of measuring water sees of it. */
const SEEN_BY: Readonly<Partial<Record<Protocol['reduction'], (run: RunRecord) => Seen[]>>> = {
  porosity: vesselsSeen,
  retention: ringsSeen,
  kitchen: kitchenSeen,
};

type Finished = RunRecord & { readonly finishedAt: string };

/** Finished runs that saw the lot's pores or water, newest first. */
const curveRuns = ({ runs }: LotRecord): Finished[] =>
  runs
    .filter((run): run is Finished => run.finishedAt !== undefined)
    .filter(({ protocol }) => protocol.reduction in SEEN_BY)
    .sort((a, b) => b.finishedAt.localeCompare(a.finishedAt));

/** How hard a run was packed: a tapped medium and a firmed one are two. */
const packingOf = ({ settings: { packingHabit, press_gcm2 } }: RunRecord): string =>
  packingHabit === 'pressed' ? `pressed ${String(press_gcm2 ?? '?')}` : packingHabit;

/** The runs whose readings make one curve: those packed as the newest was, and how many were packed otherwise. */
export function alikeRuns(lot: LotRecord): { readonly runs: readonly Finished[]; readonly otherwise: number } {
  const all = curveRuns(lot);
  const [newest] = all;
  if (newest === undefined) return { runs: [], otherwise: 0 };
  const runs = all.filter((run) => packingOf(run) === packingOf(newest));
  return { runs, otherwise: all.length - runs.length };
}

/** Repeats of each run that a figure rests on. */
function valuesBehind(lot: LotRecord, figure: LotFigure | undefined, hold: (value: number) => number): number[][] {
  if (figure === undefined || figure.origin === 'label') return [];
  return figure.runs.flatMap(({ id }) => {
    const run = lot.runs.find((one) => one.id === id);
    if (run === undefined || methodKeyText(run) !== figure.methodKey) return [];
    const found = propertiesOf(run).find(({ property }) => property === figure.property);
    const values = (found?.values ?? [])
      .filter(({ excluded }) => excluded === undefined)
      .map(({ value }) => hold(value));
    return values.length === 0 ? [] : [values];
  });
}

const positive = (runs: readonly (readonly number[])[]): number[][] =>
  runs.map((values) => values.filter((value) => value > 0)).filter((values) => values.length > 0);

/**
 * What was read of a lot, run by run, by the newest method of each value, and of its water what was packed alike; with what
 * other lots of its material say of what was not read.
 */
export function readingsOfLot(lot: LotRecord, figures: readonly LotFigure[]): LotReadings {
  const { runs } = alikeRuns(lot);
  const values = (key: PropertyKey, hold = (value: number): number => value): number[][] =>
    valuesBehind(
      lot,
      figures.find(({ property }) => property === key),
      hold,
    );
  const some = <K extends string>(key: K, found: number[][]): Partial<Record<K, number[][]>> =>
    found.length === 0 ? {} : ({ [key]: found } as Record<K, number[][]>);
  const named = lot.materialClass === undefined ? undefined : findMediaClass(lot.materialClass)?.id;
  const own: LotReadings = {
    ...(named === undefined ? {} : { materialClass: named }),
    seen: runs.flatMap((run) => SEEN_BY[run.protocol.reduction]?.(run) ?? []),
    ...some('dryBulkDensity_gcc', positive(values('bulkDensity_gcc'))),
    ...some('d50_mm', positive(values('d50_mm'))),
    ...some('pH', values('pH')),
    ...some(
      'ec_dSm',
      values('ec_dSm', (value) => Math.max(value, LEAST_EC_DSM)),
    ),
    ...some('buffer_meqPerLpH', positive(values('buffer_meqPerLpH'))),
  };
  const kin = kinOf((lot.kin ?? []).filter(({ materialClass }) => materialClass === named));
  const told = kin === undefined ? undefined : unreadOf(own, kin);
  return told === undefined ? own : { ...own, kin: told };
}

/** What other lots say of those values that were not read of this one. */
function unreadOf(own: LotReadings, { lots, body, ...chemistry }: Kin): Kin | undefined {
  const said = {
    ...(body === undefined || isBodyRead(own) ? {} : { body }),
    ...Object.fromEntries(Object.entries(chemistry).filter(([key]) => !(key in own))),
  };
  return Object.keys(said).length === 0 ? undefined : { lots, ...said };
}
