import type { KeptReading, LotCardPage, LotRow, OpenRunRow, RunSheet } from '@bent-pail/contract';
import {
  lotCard,
  PROTOCOLS,
  runWaits,
  type LotRecord,
  type Protocol,
  type RunRecord,
  type RunVessel,
} from '@bent-pail/core';
import { toRecord } from '../shared/toRecord';

const VESSEL: RunVessel = {
  id: 'v',
  name: 'V1',
  height_cm: 12,
  fillings: [{ empty_g: 300, full_g: 1350, waterTemp_C: 20 }],
};

/** A good sheet of pumice, by step, one value per replicate. */
export const PUMICE = {
  waterTemp: [17.4],
  tare: [312.4, 311.9, 313],
  saturated: [1541.6, 1539.2, 1545.1],
  drained: [1157.5, 1153.1, 1161.4],
  dryTray: [20, 20, 20],
  dry: [530.2, 527.4, 533],
} as const;

/** A run as the server tells it, from its values by step; finished unless said otherwise. */
export function sheetOf(
  protocolKey: string,
  values: Readonly<Record<string, readonly number[]>>,
  more: Partial<RunSheet> = {},
): RunSheet {
  const protocol = PROTOCOLS.find((one) => one.key === protocolKey) as Protocol;
  const replicateCount = Math.max(1, ...Object.values(values).map((row) => row.length));
  const readings = Object.entries(values).flatMap(([step, row]) =>
    row.map((value, replicate): KeptReading => ({
      id: `${step}${String(replicate)}`,
      seq: 1,
      replicate,
      step,
      value,
      takenAt: '2026-11-23T08:00:00Z',
      keptAt: '2026-11-23T08:00:01Z',
      by: 'Tam Oswin',
    })),
  );
  return {
    id: 'run',
    number: 7,
    lot: { id: 'lot', name: 'Pumice', code: 'PM-3', classId: 'pumice-coarse' },
    protocol,
    settings: { packingHabit: 'tapped', soak_min: 1440, drain_min: 60, ovenTemp_C: 104 },
    replicateCount,
    vessels: protocol.usesVessel ? Array.from({ length: replicateCount }, () => VESSEL) : [],
    remeasured: [],
    vesselNames: protocol.usesVessel
      ? Array.from({ length: replicateCount }, (_, i) => ({ id: String(i), name: `V${String(i + 1)}` }))
      : [],
    readings,
    exclusions: [],
    instruments: [],
    notes: [],
    photos: [],
    reopened: [],
    archivings: [],
    takenBack: [],
    startedAt: '2026-11-22T08:00:00Z',
    startedBy: 'Isla Brandreth',
    finishedAt: '2026-11-23T10:00:00Z',
    version: 1,
    ...more,
  };
}

/** An open run as lists show it, with what it waits for. */
export function openRowOf(sheet: RunSheet): OpenRunRow {
  const { id, number, lot, protocol, startedAt, startedBy, finishedAt } = sheet;
  return {
    id,
    number,
    lotId: lot.id,
    lotName: lot.name,
    lotCode: lot.code,
    protocolLabel: protocol.label,
    startedAt,
    startedBy,
    ...(finishedAt === undefined ? {} : { finishedAt }),
    waits: runWaits(toRecord(sheet, [])),
  };
}

/** The same run without its end. */
export function openSheetOf(...given: Parameters<typeof sheetOf>): RunSheet {
  const { finishedAt, ...open } = sheetOf(...given);
  return finishedAt === undefined ? sheetOf(...given) : open;
}

const recordOf = (sheet: RunSheet): RunRecord => toRecord(sheet, []);

/** The page of a lot's card, its figures worked out by the core from its runs. */
export function cardPageOf(
  sheets: readonly RunSheet[],
  row: Partial<LotRow> = {},
  more: Partial<LotCardPage> = {},
): LotCardPage {
  const record: LotRecord = {
    id: 'lot',
    name: 'Pumice',
    code: 'PM-3',
    materialId: 'material',
    materialClass: 'pumice-coarse',
    ...(row.price === undefined ? {} : { price: row.price }),
    ...(row.packVolume_L === undefined ? {} : { packVolume_L: row.packVolume_L }),
    runs: sheets.map(recordOf),
  };
  const card = lotCard(record);
  const lot: LotRow = {
    id: 'lot',
    materialId: 'material',
    name: 'Pumice',
    kind: 'material',
    code: 'PM-3',
    aliases: [],
    classId: 'pumice-coarse',
    origin: { kind: 'bought' },
    version: 1,
    materialVersion: 1,
    finishedRuns: sheets.length,
    openRuns: 0,
    ...(card.pail === undefined ? {} : { pail: card.pail }),
    usable: card.component !== undefined,
    ...row,
  };
  return { lot, card, kin: [], currency: '£', ...more };
}
