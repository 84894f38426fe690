import { seededRandom } from '@bent-pail/core';
import { expect, it } from 'vitest';
import { emptyNotebook, look, rowsIn, someNotebook, sumOf, takeIn } from '../testing/notebookFiles';

/** In full by BENT_PAIL_TRIALS; a few of them in the suite. */
const EDITS = process.env.BENT_PAIL_TRIALS === undefined ? 8 : 50;

it('files that were edited at random are taken as they mean, or refused with row and reason, and never by half', async () => {
  const { source, text } = await someNotebook();
  const random = seededRandom(17);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)] as T;
  const WRONG = [null, 'word', -1, 1e9, true, '2026-01-01', [], {}, '0190a000-0000-7000-8000-000000000001'];
  const { server, lead: theirs } = await emptyNotebook();
  await takeIn(theirs, (await look(theirs, JSON.stringify(text))).body);
  let accepted = 0;
  for (let i = 0; i < EDITS; i += 1) {
    const file = structuredClone(text);
    for (let n = 0; n < 1 + 2 * random(); n += 1) {
      const [, rows] = pick(Object.entries(file.kinds).filter(([, all]) => all.length > 0));
      const row = pick(rows);
      const column = pick(Object.keys(row));
      if (random() < 0.2) rows.splice(rows.indexOf(row), 1);
      else row[column] = pick(WRONG);
    }
    const before = await rowsIn(server);
    const { status, body } = await look(theirs, JSON.stringify(file));
    expect(status, JSON.stringify(body)).toBe(200);
    for (const { why, row } of body.refusals) expect(`${String(row)} ${why}`).toMatch(/^\d+ [A-Z].*\.$/);
    expect(await rowsIn(server)).toEqual(before);
    const done = (await takeIn(theirs, body)).body;
    expect(done.isDone).toBe(body.refusals.length === 0);
    if (!done.isDone) expect(await rowsIn(server)).toEqual(before);
    else {
      accepted += 1;
      // What may change is now as the file has it.
      const again = (await look(theirs, JSON.stringify(file))).body;
      expect(again.conflicts.filter(({ stands }) => !stands)).toEqual([]);
      expect(sumOf(again, 'added')).toBe(0);
      await takeIn(theirs, (await look(theirs, JSON.stringify(text))).body);
    }
  }
  expect(accepted).toBeGreaterThan(0);
  expect(accepted).toBeLessThan(EDITS);
  await Promise.all([source.close(), server.close()]);
});
