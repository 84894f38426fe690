import { PLANTS } from '@bent-pail/core';
import { v7 as uuidv7 } from 'uuid';

/** The plants that a notebook begins with; from then on the list is its own. */
export async function beginPlants(query: (sql: string, values: unknown[]) => Promise<unknown>): Promise<void> {
  for (const plant of PLANTS)
    await query(`insert into guides (id, kind, content, version, kept_at) values ($1, 'plant', $2, 1, now())`, [
      uuidv7(),
      JSON.stringify({ ...plant, keeps: [] }),
    ]);
}
