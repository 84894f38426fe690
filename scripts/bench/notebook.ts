import { MEDIA_CLASSES, seededRandom, type MediaClass } from '@bent-pail/core';
import type pg from 'pg';
import { idOf, insert } from './columns';
import { BEGAN, DAY_MS } from './made';
import { insertBlends } from './madeBlends';
import { insertRuns } from './madeRuns';

/** How large a notebook is made. */
export interface NotebookSize {
  readonly lots: number;
  readonly runs: number;
}

const LOTS_PER_MATERIAL = 12;
const RUNS_AT_ONCE = 500;
const VESSEL_mL = 1050;

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
