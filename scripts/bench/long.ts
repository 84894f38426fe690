import { entering, PEOPLE } from './entering';
import { at, tenYears, withClient } from './large';
import { sleep, type Figure } from './measure';
import { withDatabase, withServer } from './product';

const MINUTE_MS = 60_000;
const MINUTES = Number(process.env.BENT_PAIL_MINUTES ?? '10');
/** Streams of all people together; each has their share. */
const STREAMS = 500;
/** From when on memory should not grow: before that the compiler and the caches settle. */
const SETTLED_MINUTES = 3;
const LOOK_EVERY_MS = 5000;
/** What is no growth: how far memory goes up and down by itself, MB. */
const SWING_MB = 20;

const mean = (values: readonly number[]): number => values.reduce((sum, one) => sum + one, 0) / values.length;

/** Fifty people enter for ten minutes on a notebook of ten years, five hundred streams open. */
export const longFigures = (): Promise<Figure[]> =>
  withDatabase(async (programs) => {
    const { databaseUrl, env, url, postgres_MB } = programs;
    await tenYears(programs);
    return withServer({ url, env }, (product) =>
      withClient(databaseUrl, async (client) => {
        const { rows } = await client.query<{ id: string }>('select id from lots order by created_at, id limit 1');
        const { rows: sizes } = await client.query<{ bytes: string; readings: string }>(
          'select pg_database_size(current_database()) as bytes, (select count(*) from readings) as readings',
        );
        const held: number[] = [];
        let ofPostgres_MB = 0;
        const over = new AbortController();
        const looking = (async () => {
          while (!over.signal.aborted) {
            held.push(product.now_MB());
            ofPostgres_MB = Math.max(ofPostgres_MB, postgres_MB());
            await sleep(LOOK_EVERY_MS);
          }
        })();
        const times = await entering(url, client, String(rows[0]?.id), {
          for_ms: MINUTES * MINUTE_MS,
          streams: STREAMS / PEOPLE,
        });
        over.abort();
        await looking;
        const aMinute = MINUTE_MS / LOOK_EVERY_MS;
        const settled = held.slice((SETTLED_MINUTES - 1) * aMinute, SETTLED_MINUTES * aMinute);
        const many = `${String(PEOPLE)} people, ${String(MINUTES)} min, ${String(STREAMS)} streams`;
        return [
          {
            what: `${many}: a reading kept, p95 of ${String(times.length)}`,
            value: at(times, 0.95),
            unit: 'ms',
            bar: 60,
          },
          { what: 'the same, p99', value: at(times, 0.99), unit: 'ms', bar: 150 },
          { what: 'the server’s memory meanwhile, most', value: product.peak_MB(), unit: 'MB', bar: 300 },
          {
            what: 'memory of the last minute over that of the third',
            value: mean(held.slice(-aMinute)) - mean(settled),
            unit: 'MB',
            bar: SWING_MB,
          },
          // Told for whoever has to say how large a computer must be: nobody set a bar.
          { what: 'PostgreSQL’s memory meanwhile, most', value: ofPostgres_MB, unit: 'MB', bar: Infinity },
          {
            what: 'the database on disk, for each reading',
            value: Number(sizes[0]?.bytes) / Number(sizes[0]?.readings) / 1000,
            unit: 'kB',
            bar: Infinity,
          },
        ];
      }),
    );
  });
