import { countedOf, CoreError, lotCard, type LotCard, type LotFigure, type LotRecord } from '@bent-pail/core';
import { figuresOfRun, type RunFigureRow } from '../bench/runFigures';

/** A figure of a card as a row. */
export interface FigureRow {
  readonly property: string;
  readonly methodKey: string;
  readonly method: string;
  readonly origin: string;
  readonly mean: number;
  readonly sd: number | null;
  readonly se: number | null;
  readonly n: number;
  readonly counted: readonly number[];
  readonly words: string | null;
  readonly oneGrab: boolean;
  readonly trouble: object | null;
  readonly runIds: readonly string[];
}

/** What lists show of a card. */
export interface CardHead {
  readonly air: number | null;
  readonly water: number | null;
  readonly density: number | null;
  readonly densityMeasured: boolean | null;
  readonly ph: number | null;
  readonly phMeasured: boolean | null;
  readonly pricePerL: number | null;
}

/** A card with what is kept of it as rows, or why there is none: one lot must not hide the others. */
export interface WorkedOut {
  readonly card: LotCard;
  readonly head: CardHead;
  readonly figures: readonly FigureRow[];
  readonly trouble: string | null;
  /** Own figures of the runs that were asked for. */
  readonly runs: readonly { readonly runId: string; readonly figures: readonly RunFigureRow[] }[];
}

/** A card with nothing on it. */
const NO_CARD: LotCard = Object.freeze({ figures: [], missing: [] });

function figureRow(figure: LotFigure): FigureRow {
  const { summary } = figure;
  return {
    property: figure.property,
    methodKey: figure.methodKey,
    method: figure.method,
    origin: figure.origin,
    mean: summary.mean,
    sd: summary.sd ?? null,
    se: summary.se ?? null,
    n: summary.n,
    counted: countedOf(figure),
    words: figure.words ?? null,
    oneGrab: figure.oneGrab === true,
    trouble: figure.trouble ?? null,
    runIds: figure.runs.map(({ id }) => id),
  };
}

function headOf({ pail, component, figures }: LotCard): CardHead {
  const measured = (field: string): boolean | null =>
    component === undefined ? null : component.origins.some((one) => one.field === field && one.origin === 'measured');
  const pH = component?.component.pH;
  return {
    air: pail?.air ?? null,
    water: pail?.water ?? null,
    density: component?.component.dryBulkDensity_gcc ?? null,
    densityMeasured: measured('dryBulkDensity_gcc'),
    ph: pH ?? null,
    phMeasured: pH === undefined ? null : measured('pH'),
    pricePerL: figures.find(({ property }) => property === 'pricePerL')?.summary.mean ?? null,
  };
}

/** Works a lot's card out: the one place where a card's rows come from. */
export function workOut(record: LotRecord, runIds: readonly string[]): WorkedOut {
  const runs = record.runs
    .filter(({ id }) => runIds.includes(id))
    .map((run) => ({ runId: run.id, figures: figuresOfRun(run) }));
  try {
    const card = lotCard(record);
    return { card, head: headOf(card), figures: card.figures.map(figureRow), trouble: null, runs };
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    return { card: NO_CARD, head: headOf(NO_CARD), figures: [], trouble: error.message, runs };
  }
}
