import { PROTOCOLS, type MediaClass, type Protocol } from '@bent-pail/core';
import type pg from 'pg';
import { idOf, insert } from './columns';
import { BEGAN, DAY_MS, type Lot } from './made';

/** Replicates of a run that only reads pH. */
const PH_READINGS = 4;
/** One run in eight is only a pH. */
const PH_EVERY = 8;
const OPEN_EVERY = 700;

const protocolCalled = (key: string): Protocol => PROTOCOLS.find((one) => one.key === key) as Protocol;

interface Reading {
  readonly replicate: number;
  readonly step: string;
  readonly value: number;
  readonly unit: string;
}

const VESSEL_mL = 1050;

/** A sheet of three vessels of a medium of this class, as a careful hand would have filled it. */
function soakedSheet(mediaClass: MediaClass, startedAt: number, random: () => number): Reading[] {
  const about = (value: number, share: number): number => value * (1 + share * (2 * random() - 1));
  const { water, air } = mediaClass.inVessel10cm;
  const [theta, empty] = [about(water.typical, 0.05), about(air.typical, 0.08)];
  const readings: Reading[] = [{ replicate: 0, step: 'waterTemp', value: 18, unit: '°C' }];
  for (const replicate of [0, 1, 2]) {
    const dry = VESSEL_mL * about(mediaClass.dryBulkDensity_gcc.typical, 0.02);
    const held = VESSEL_mL * about(theta, 0.02);
    const drains = VESSEL_mL * about(empty, 0.04);
    const tare = 310 + replicate;
    const grams = (step: string, value: number): Reading => ({
      replicate,
      step,
      value: Number(value.toFixed(1)),
      unit: 'g',
    });
    const clock = (step: string, minutes: number): Reading => ({
      replicate,
      step,
      value: startedAt / 1000 + 60 * minutes,
      unit: 's',
    });
    readings.push(
      grams('tare', tare),
      grams('filled', tare + dry * 1.2),
      clock('soak', 10),
      grams('saturated', tare + dry + held + drains),
      clock('drain', 1460),
      grams('drained', tare + dry + held),
      { replicate, step: 'drainedDepth', value: 11.9, unit: 'cm' },
      grams('dryTray', 20),
      grams('dry', 20 + dry),
    );
  }
  return readings;
}

interface RunBatch {
  readonly from: number;
  readonly to: number;
  readonly of: number;
  readonly vessels: readonly string[];
  readonly fillings: readonly string[];
  readonly random: () => number;
}

/** Some runs with all their readings; now and then one that is open still. */
export async function insertRuns(client: pg.Client, by: string, lots: readonly Lot[], batch: RunBatch): Promise<void> {
  const { from, to, of, vessels, fillings, random } = batch;
  const runs = Array.from({ length: to - from }, (_, i) => {
    const n = from + i;
    const lot = lots[n % lots.length] as Lot;
    const startedAt = BEGAN + (n * 8 * 365 * DAY_MS) / of;
    const isPh = n % PH_EVERY === PH_EVERY - 1;
    const isOpen = n % OPEN_EVERY === OPEN_EVERY - 1;
    const pH = lot.material.mediaClass.pH_1to5_water.typical;
    const all: Reading[] = isPh
      ? Array.from({ length: PH_READINGS }, (__, replicate) => ({
          replicate,
          step: 'pH',
          value: Number((pH + 0.3 * random()).toFixed(2)),
          unit: 'pH',
        }))
      : soakedSheet(lot.material.mediaClass, startedAt, random);
    return {
      id: idOf('run', n),
      lot,
      protocol: protocolCalled(isPh ? 'ph-1to5' : 'saturate-drain-dry'),
      startedAt,
      isOpen,
      readings: isOpen ? all.slice(0, Math.ceil(all.length / 2)) : all,
      replicates: isPh ? PH_READINGS : 3,
    };
  });
  await insert(client, 'runs', {
    id: ['uuid', runs.map(({ id }) => id)],
    lot_id: ['uuid', runs.map(({ lot }) => lot.id)],
    protocol_key: ['text', runs.map(({ protocol }) => protocol.key)],
    protocol_version: ['int', runs.map(({ protocol }) => protocol.version)],
    replicate_count: ['int', runs.map(({ replicates }) => replicates)],
    packing_habit: ['text', runs.map(() => 'tapped')],
    soak_min: ['float8', runs.map(() => 1440)],
    drain_min: ['float8', runs.map(() => 60)],
    oven_temp_c: ['float8', runs.map(() => 104)],
    started_by: ['uuid', runs.map(() => by)],
    started_at: ['timestamptz', runs.map(({ startedAt }) => new Date(startedAt))],
    finished_at: [
      'timestamptz',
      runs.map(({ startedAt, isOpen }) => (isOpen ? null : new Date(startedAt + 3 * DAY_MS))),
    ],
    reading_seq: ['int', runs.map(({ readings }) => readings.length)],
    vessel_ids: ['text>uuid[]', runs.map(() => '{}')],
    instrument_ids: ['text>uuid[]', runs.map(() => '{}')],
  });
  await client.query(
    `update runs set vessel_ids = $1::uuid[] where id = any($2) and protocol_key = 'saturate-drain-dry'`,
    [vessels, runs.map(({ id }) => id)],
  );
  const soaked = runs.filter(({ protocol, isOpen }) => protocol.usesVessel && !isOpen);
  await client.query(
    `insert into run_stamps (id, run_id, filling_ids, by_user, kept_at)
     select s.id, s.run_id, $3::uuid[], $4, s.at from unnest($1::uuid[], $2::uuid[], $5::timestamptz[]) as s (id, run_id, at)`,
    [
      soaked.map(({ id }) => idOf(`stamp ${id}`, 0)),
      soaked.map(({ id }) => id),
      fillings,
      by,
      soaked.map(({ startedAt }) => new Date(startedAt + 3 * DAY_MS)),
    ],
  );
  const readings = runs.flatMap((run) =>
    run.readings.map((reading, i) => ({
      ...reading,
      run: run.id,
      seq: i + 1,
      at: new Date(run.startedAt + i * 60000),
    })),
  );
  await insert(client, 'readings', {
    id: ['uuid', readings.map(({ run, seq }) => idOf(run, seq))],
    run_id: ['uuid', readings.map(({ run }) => run)],
    seq: ['int', readings.map(({ seq }) => seq)],
    replicate: ['int', readings.map(({ replicate }) => replicate)],
    step: ['text', readings.map(({ step }) => step)],
    value: ['float8', readings.map(({ value }) => value)],
    unit: ['text', readings.map(({ unit }) => unit)],
    taken_at: ['timestamptz', readings.map(({ at }) => at)],
    kept_at: ['timestamptz', readings.map(({ at }) => at)],
    by_user: ['uuid', readings.map(() => by)],
  });
}
