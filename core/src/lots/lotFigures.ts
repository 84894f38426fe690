import { worstTrouble, type CalibrationTrouble } from '../instruments';
import { classWords, PROPERTIES, property, type PropertyKey } from '../properties';
import { isOneGrab, type RunProperty, type RunRecord } from '../sheets';
import { replicates, type Summary, replicatesMethod } from '../statistics';
import type { Source, Working } from '../method';
import type { LotRecord } from './lotRecord';
import { methodKeyText, methodWords, statedOf } from './methodKey';
import { propertiesOf } from './propertiesOf';

/** Solid ink, dashes or dots: measured here, worked out, or taken from a label. */
export type Origin = 'measured' | 'worked-out' | 'label';

/** One number of a lot's card. */
export interface LotFigure {
  readonly property: PropertyKey;
  readonly summary: Summary;
  /** What is judged by classes, in words, instead of a mean. */
  readonly words?: string;
  /** Places of the classes that were seen, each once. */
  readonly seen?: readonly number[];
  /** What belongs to how it was had, by step: how moist a squeezed handful was. */
  readonly stated?: Readonly<Record<string, number>>;
  readonly origin: Origin;
  /** What is wrong with the instruments that it rests on. */
  readonly trouble?: CalibrationTrouble;
  /** How it was had, as `12 cm vessel, tapped` or `1:5 v/v in water`. */
  readonly method: string;
  /** Values by another method are kept apart and never merged: the MethodKey as one text. */
  readonly methodKey: string;
  /** Some of it was measured on a sample of one grab. */
  readonly oneGrab?: true;
  /** Finished runs that it rests on, newest first; empty for a label. */
  readonly runs: readonly { readonly id: string; readonly number: number; readonly finishedAt: string }[];
  readonly working: Working;
}

const PROPERTY_ORDER = Object.keys(PROPERTIES) as readonly PropertyKey[];

interface Finished {
  readonly run: RunRecord & { readonly finishedAt: string };
  readonly properties: readonly RunProperty[];
}

/** Finished runs that gave results, newest first. */
function finishedRuns(lot: LotRecord): Finished[] {
  return lot.runs
    .filter((run): run is RunRecord & { readonly finishedAt: string } => run.finishedAt !== undefined)
    .sort((a, b) => b.finishedAt.localeCompare(a.finishedAt))
    .map((run) => ({ run, properties: propertiesOf(run) }));
}

/**
 * What the finished runs of a lot say, property by property.
 *
 * Runs of one method (see MethodKey) are averaged; the newest method of a property comes
 * first, others follow as figures of their own. With one run the spread is between its replicates, with several
 * between the runs. The price rests on the true volume where it was measured, else on the label.
 */
export function lotFigures(lot: LotRecord): LotFigure[] {
  const finished = finishedRuns(lot);
  const groups = new Map<string, { key: PropertyKey; members: { run: Finished['run']; result: RunProperty }[] }>();
  for (const { run, properties } of finished) {
    for (const result of properties) {
      if (result.summary === undefined) continue;
      const group = `${result.property}|${methodKeyText(run)}`;
      const entry = groups.get(group) ?? { key: result.property, members: [] };
      entry.members.push({ run, result });
      groups.set(group, entry);
    }
  }
  // In the registry's order; within a property the newest method stays first.
  const place = (figure: LotFigure): number => PROPERTY_ORDER.indexOf(figure.property);
  const figures = [...groups.values()]
    .map(({ key, members }) => figureOf(key, members))
    .sort((a, b) => place(a) - place(b));
  const price = priceFigure(lot, figures);
  return price === undefined ? figures : [...figures, price];
}

function figureOf(
  key: PropertyKey,
  members: readonly { readonly run: Finished['run']; readonly result: RunProperty }[],
): LotFigure {
  const newest = members[0] as { run: Finished['run']; result: RunProperty };
  const runs = members.map(({ run }) => ({ id: run.id, number: run.number, finishedAt: run.finishedAt }));
  const trouble = worstTrouble(members.map(({ result }) => result.trouble));
  const base = {
    property: key,
    origin: 'measured',
    method: methodWords(newest.run),
    methodKey: methodKeyText(newest.run),
    ...statedOf(newest.run),
    runs,
    ...(trouble === undefined ? {} : { trouble }),
    ...(members.some(({ run }) => run.sample !== undefined && isOneGrab(run.sample)) ? { oneGrab: true as const } : {}),
  } as const;
  const { classes } = property(key);
  const judged = members.flatMap(({ result }) => result.values.filter((one) => one.excluded === undefined));
  const words =
    classes === undefined
      ? {}
      : {
          words: classWords(
            classes,
            judged.map((one) => one.value),
          ),
          seen: [...new Set(judged.map((one) => Math.round(one.value)))].sort((a, b) => a - b),
        };
  if (members.length === 1) {
    return { ...base, ...words, summary: newest.result.summary as Summary, working: newest.result.working as Working };
  }
  const values = members.map(({ result }) => (result.summary as Summary).mean);
  const from = members.map(({ run, result }, i) => ({
    label: `run ${String(run.number)}`,
    value: values[i] as number,
    unit: property(key).unit,
    runId: run.id,
    ...(result.working === undefined ? {} : { working: result.working }),
  }));
  const input = { values };
  return {
    ...base,
    ...words,
    summary: replicates(input).summary,
    working: replicatesMethod.working('runs', input, { from }),
  };
}

const among = (figures: readonly LotFigure[], key: string): LotFigure | undefined =>
  figures.find(({ property: mine }) => mine === key);

/**
 * Loose litres of a pack, and where they are from: poured out, by its weight and what a kilogram was seen to open to,
 * by its label and how far that is said to open, by its label.
 */
function packOf(
  { packVolume_L, packWeight_kg, opensTo, opensToBy }: LotRecord,
  figures: readonly LotFigure[],
):
  | {
      readonly loose_L: number;
      readonly method: string;
      readonly from: readonly Source[];
      readonly measured?: LotFigure;
    }
  | undefined {
  const [poured, opened] = [among(figures, 'bagVolume_L'), among(figures, 'expansion_LperKg')];
  if (poured !== undefined) {
    const { mean } = poured.summary;
    return {
      loose_L: mean,
      method: 'true volume',
      from: [{ label: 'true volume', value: mean, unit: 'L', working: poured.working }],
      measured: poured,
    };
  }
  if (opened !== undefined && packWeight_kg !== undefined) {
    const { mean } = opened.summary;
    return {
      loose_L: mean * packWeight_kg,
      method: 'opened here, by weight',
      from: [
        { label: 'the pack weighs', value: packWeight_kg, unit: 'kg' },
        { label: 'a kilogram opens to', value: mean, unit: 'L/kg', working: opened.working },
      ],
      measured: opened,
    };
  }
  if (packVolume_L === undefined) return undefined;
  const label = { label: 'volume on the label', value: packVolume_L, unit: 'L' };
  if (opensTo === undefined) return { loose_L: packVolume_L, method: 'label’s volume', from: [label] };
  const by = opensToBy === undefined ? 'times that it opens to' : `times that it opens to, by ${opensToBy}`;
  return {
    loose_L: packVolume_L * opensTo,
    method: 'label’s volume, opened',
    from: [label, { label: by, value: opensTo, unit: '' }],
  };
}

/** Loose litres that a pack was seen or is said to open to; undefined where there is but the label's own volume. */
export function openedPack_L(lot: LotRecord, figures: readonly LotFigure[]): number | undefined {
  const pack = packOf(lot, figures);
  return pack?.measured === undefined && lot.opensTo === undefined ? undefined : pack?.loose_L;
}

function priceFigure(lot: LotRecord, figures: readonly LotFigure[]): LotFigure | undefined {
  const pack = packOf(lot, figures);
  if (lot.price === undefined || pack === undefined || pack.loose_L <= 0) return undefined;
  const input = { values: [lot.price / pack.loose_L] };
  return {
    property: 'pricePerL',
    summary: replicates(input).summary,
    origin: pack.measured === undefined ? 'label' : 'worked-out',
    method: pack.method,
    methodKey: 'price',
    runs: pack.measured?.runs ?? [],
    working: replicatesMethod.working('price', input, {
      from: [{ label: 'price of the pack', value: lot.price, unit: '' }, ...pack.from],
    }),
  };
}
