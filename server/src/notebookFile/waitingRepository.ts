import type { DataSource } from 'typeorm';

/** A file is kept in parts of so many bytes, so that none of it has to be in memory as a whole. */
export const PART_BYTES = 1024 ** 2;

/** A file that was looked at waits so long for what is to be done with it. */
const WAITS = '1 hour';

/** Keeps a file under an id; what waited there before is replaced. */
export async function keepWaiting(db: DataSource, id: string, parts: AsyncIterable<Buffer>): Promise<void> {
  await db.transaction(async (manager) => {
    // One that is sent twice at the same moment is kept after the other, not among its parts.
    await manager.query('select pg_advisory_xact_lock(hashtextextended($1, 0))', [`waiting ${id}`]);
    await manager.query('delete from waiting_files where id = $1', [id]);
    let place = 0;
    for await (const bytes of parts) {
      await manager.query('insert into waiting_files (id, place, bytes) values ($1, $2, $3)', [id, place, bytes]);
      place += 1;
    }
  });
}

/** Hands on the parts of a file in their order, all of the same one; returns how many there were. */
export function takeWaiting(db: DataSource, id: string, take: (bytes: Buffer) => Promise<unknown>): Promise<number> {
  return db.transaction('REPEATABLE READ', async (manager) => {
    for (let place = 0; ; place += 1) {
      const [part] = await manager.query<{ bytes: Buffer }[]>(
        'select bytes from waiting_files where id = $1 and place = $2',
        [id, place],
      );
      if (part === undefined) return place;
      await take(part.bytes);
    }
  });
}

/** Lets a file go that nobody needs any more. */
export async function letGo(db: DataSource, id: string): Promise<void> {
  await db.query('delete from waiting_files where id = $1', [id]);
}

/** Lets those go that nobody came back for. */
export async function clearWaiting(db: DataSource): Promise<void> {
  await db.query(`delete from waiting_files where kept_at < now() - interval '${WAITS}'`);
}
