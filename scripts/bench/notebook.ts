import { createHash } from 'node:crypto';
import {
  lotCard,
  MEDIA_CLASSES,
  predictDesk,
  PROTOCOLS,
  seededRandom,
  type LotComponent,
  type MediaClass,
  type Protocol,
} from '@bent-pail/core';
import type pg from 'pg';

/** How large a notebook is made. */
export interface NotebookSize {
  readonly lots: number;
  readonly runs: number;
}

/** Readings of a run that soaks, drains and dries three vessels, and of one that only reads pH four times. */
export const READINGS_OF = Object.freeze({ soaked: 28, pH: 4 });
/** One run in eight is only a pH. */
const PH_EVERY = 8;
const OPEN_EVERY = 700;
const LOTS_PER_MATERIAL = 12;
const RUNS_AT_ONCE = 500;
const DAY_MS = 86_400_000;
const BEGAN = Date.UTC(2018, 0, 8, 8);

/** The n-th id of a kind: the same in every notebook of a seed. */
function idOf(kind: string, n: number): string {
  const hex = createHash('sha256')
    .update(`${kind} ${String(n)}`)
    .digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-7${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

type Column = readonly unknown[];

/** Inserts columns side by side, each sent as its type and kept as what comes after the `>` where that differs. */
async function insert(
  client: pg.Client,
  table: string,
  columns: Readonly<Record<string, readonly [type: string, Column]>>,
): Promise<void> {
  const names = Object.keys(columns);
  const typed = Object.values(columns).map(([type], i) => ({ at: `$${String(i + 1)}`, types: type.split('>') }));
  const sent = typed.map(({ at, types }) => `${at}::${String(types[0])}[]`);
  const kept = typed.map(({ types }, i) => `${String(names[i])}::${String(types.at(-1))}`);
  await client.query(
    `insert into ${table} (${names.join(', ')}) select ${kept.join(', ')} from unnest(${sent.join(', ')}) as given (${names.join(', ')})`,
    Object.values(columns).map(([, column]) => column),
  );
}

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

/**
 * Fills an empty notebook, seeded: materials of known classes, lots, vessels, finished and open runs with their
 * readings, and blends of up to twelve lots. `by` is who did all of it. Cards are left to be made.
 */
export async function fillNotebook(client: pg.Client, by: string, size: NotebookSize, seed: number): Promise<void> {
  const random = seededRandom(seed);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;
  const materials = Array.from({ length: Math.ceil(size.lots / LOTS_PER_MATERIAL) }, (_, i) => ({
    id: idOf('material', i),
    mediaClass: MEDIA_CLASSES[i % MEDIA_CLASSES.length] as MediaClass,
    name: `${(MEDIA_CLASSES[i % MEDIA_CLASSES.length] as MediaClass).label} ${String(i + 1)}`,
    kind: i % 5 === 4 ? 'product' : 'material',
  }));
  // Everything is there at once: nothing has to be told to anybody, and cards are asked for at the end.
  await client.query(`set session_replication_role = 'replica'`);
  await insert(client, 'materials', {
    id: ['uuid', materials.map(({ id }) => id)],
    name: ['text', materials.map(({ name }) => name)],
    kind: ['text', materials.map(({ kind }) => kind)],
    class_id: ['text', materials.map(({ mediaClass }) => mediaClass.id)],
  });
  const lots = Array.from({ length: size.lots }, (_, i) => ({
    id: idOf('lot', i),
    material: materials[i % materials.length] as (typeof materials)[number],
    code: `L${String(i + 1)}`,
    at: new Date(BEGAN + (i * 7.5 * 365 * DAY_MS) / size.lots),
  }));
  await insert(client, 'lots', {
    id: ['uuid', lots.map(({ id }) => id)],
    material_id: ['uuid', lots.map(({ material }) => material.id)],
    code: ['text', lots.map(({ code }) => code)],
    source: ['text', lots.map(() => pick(['Wether Lane stores', 'the mill', 'council heap', 'own yard']))],
    bought_on: ['date', lots.map(({ at }) => at)],
    price: ['numeric', lots.map(() => Number((4 + 20 * random()).toFixed(2)))],
    pack_volume_l: ['float8', lots.map(() => pick([20, 40, 60, 75]))],
    created_at: ['timestamptz', lots.map(({ at }) => at)],
  });
  const vessels = [0, 1, 2].map((i) => idOf('vessel', i));
  await insert(client, 'vessels', {
    id: ['uuid', vessels],
    name: ['text', vessels.map((_, i) => `V${String(i + 1)}`)],
    kind: ['text', vessels.map(() => 'vessel')],
    height_cm: ['float8', vessels.map(() => 12)],
    created_at: ['timestamptz', vessels.map(() => new Date(BEGAN))],
  });
  const fillings = vessels.map((_, i) => idOf('filling', i));
  await insert(client, 'vessel_fillings', {
    id: ['uuid', fillings],
    vessel_id: ['uuid', vessels],
    empty_g: ['float8', vessels.map(() => 300)],
    full_g: ['float8', vessels.map(() => 300 + VESSEL_mL)],
    water_temp_c: ['float8', vessels.map(() => 20)],
    kept_at: ['timestamptz', vessels.map(() => new Date(BEGAN))],
  });
  for (let from = 0; from < size.runs; from += RUNS_AT_ONCE)
    await insertRuns(client, by, lots, {
      from,
      to: Math.min(size.runs, from + RUNS_AT_ONCE),
      of: size.runs,
      vessels,
      fillings,
      random,
    });
  await insertBlends(client, by, lots, Math.ceil(size.lots / 8), random);
  await client.query(`set session_replication_role = 'origin'`);
  await client.query('insert into lot_cards (lot_id) select id from lots');
  await client.query('analyze');
}

interface Lot {
  readonly id: string;
  readonly material: { readonly mediaClass: MediaClass; readonly name: string };
  readonly code: string;
}

interface RunBatch {
  readonly from: number;
  readonly to: number;
  readonly of: number;
  readonly vessels: readonly string[];
  readonly fillings: readonly string[];
  readonly random: () => number;
}

async function insertRuns(client: pg.Client, by: string, lots: readonly Lot[], batch: RunBatch): Promise<void> {
  const { from, to, of, vessels, fillings, random } = batch;
  const runs = Array.from({ length: to - from }, (_, i) => {
    const n = from + i;
    const lot = lots[n % lots.length] as Lot;
    const startedAt = BEGAN + (n * 8 * 365 * DAY_MS) / of;
    const isPh = n % PH_EVERY === PH_EVERY - 1;
    const isOpen = n % OPEN_EVERY === OPEN_EVERY - 1;
    const pH = lot.material.mediaClass.pH_1to5_water.typical;
    const all: Reading[] = isPh
      ? Array.from({ length: READINGS_OF.pH }, (__, replicate) => ({
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
      replicates: isPh ? READINGS_OF.pH : 3,
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

async function insertBlends(
  client: pg.Client,
  by: string,
  lots: readonly Lot[],
  count: number,
  random: () => number,
): Promise<void> {
  const components = new Map<string, LotComponent>();
  const componentOf = ({ material: { mediaClass, name } }: Lot): LotComponent => {
    const known = components.get(name);
    if (known !== undefined) return known;
    const { component } = lotCard({ id: name, name, code: name, materialClass: mediaClass.id, runs: [] });
    if (component === undefined) throw new Error(`the class ${mediaClass.id} has no component`);
    components.set(name, component);
    return component;
  };
  const pot = { height_cm: 20, topDiameter_cm: 22, baseDiameter_cm: 18 };
  for (let n = 0; n < count; n += 1) {
    const used = Array.from({ length: 2 + (n % 11) }, (_, i) => ({
      lot: lots[(n * 37 + i * 101) % lots.length] as Lot,
      parts: 1 + Math.floor(5 * random()),
    })).filter((line, i, all) => all.findIndex(({ lot }) => lot.id === line.lot.id) === i);
    const lines = used.map(({ lot, parts }) => ({ lotId: lot.id, parts }));
    const model = 'packing' as const;
    const { input, result } = predictDesk({
      lines: used.map(({ lot, parts }) => ({ parts, lot: componentOf(lot) })),
      container: pot,
      model,
      lime_meqPerL: 0,
    });
    const at = new Date(BEGAN + (n + 1) * DAY_MS);
    await client.query('insert into blends (id, name, created_at) values ($1, $2, $3)', [
      idOf('blend', n),
      `Mix ${String(n + 1)}`,
      at,
    ]);
    await client.query(
      `insert into blend_versions (id, blend_id, n, recipe, flat, input, result, method, by_user, kept_at)
       values ($1, $2, 1, $3, $4, $5, $6, 'blend@1', $7, $8)`,
      [
        idOf('version', n),
        idOf('blend', n),
        JSON.stringify({ lines, potName: 'Tub', pot, model, lime_meqPerL: 0 }),
        JSON.stringify(lines),
        JSON.stringify(input),
        JSON.stringify(result),
        by,
        at,
      ],
    );
  }
}
