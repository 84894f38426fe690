import type { LotRecord } from '../lots';
import { PROTOCOLS } from '../protocols';
import type { Protocol, Reading, RunRecord, RunVessel } from '../sheets';

/** A protocol by its key, for tests. */
export function protocolCalled(key: string): Protocol {
  const found = PROTOCOLS.find((protocol) => protocol.key === key);
  if (found === undefined) throw new Error(`no protocol ${key}`);
  return found;
}

export const VESSEL: RunVessel = {
  id: 'v',
  name: 'V1',
  height_cm: 12,
  fillings: [{ empty_g: 300, full_g: 1350, waterTemp_C: 20 }],
};

/** Readings of a sheet given by step, one value per replicate, a minute apart. */
export function readingsOf(values: Readonly<Record<string, readonly number[]>>): Reading[] {
  let minute = 0;
  return Object.entries(values).flatMap(([step, row]) =>
    row.map((value, replicate): Reading => {
      minute += 1;
      const takenAt = new Date(Date.UTC(2026, 10, 20, 8, minute)).toISOString();
      return { id: `${step}${String(replicate)}`, replicate, step, value, takenAt };
    }),
  );
}

/** Weighings of three good replicates of pumice. */
export const PUMICE_SHEET: Readonly<Record<string, readonly number[]>> = {
  waterTemp: [17.4],
  tare: [312.4, 311.9, 313],
  filled: [900.1, 902.2, 899],
  saturated: [1541.6, 1539.2, 1545.1],
  drained: [1157.5, 1153.1, 1161.4],
  collected: [383, 384, 382],
  drainedDepth: [11.9, 11.9, 11.8],
  dryTray: [20, 20, 20],
  dry: [530.2, 527.4, 533],
};

export function runOf(
  protocol: string,
  values: Readonly<Record<string, readonly number[]>>,
  more: Partial<RunRecord> = {},
): RunRecord {
  const replicateCount = Math.max(...Object.values(values).map((row) => row.length));
  const found = protocolCalled(protocol);
  return {
    id: protocol,
    number: 1,
    protocol: found,
    settings: { packingHabit: 'tapped', soak_min: 1440, drain_min: 60, ovenTemp_C: 104 },
    replicateCount,
    vessels: found.usesVessel ? Array.from({ length: replicateCount }, () => VESSEL) : [],
    readings: readingsOf(values),
    exclusions: [],
    finishedAt: '2026-11-21T12:00:00Z',
    materialClass: 'pumice-coarse',
    ...more,
  };
}

/** A tested lot of pumice, bought by the bag. */
export function pumiceLot(runs: readonly RunRecord[] = [runOf('saturate-drain-dry', PUMICE_SHEET)]): LotRecord {
  return {
    id: 'lot',
    name: 'Pumice 3–8 mm',
    code: 'PM-3',
    materialId: 'pumice',
    materialClass: 'pumice-coarse',
    price: 9.6,
    packVolume_L: 40,
    runs,
  };
}
