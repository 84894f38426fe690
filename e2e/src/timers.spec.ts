import type { RunRow } from '@bent-pail/contract';
import { expect, test } from './notebook';
import { Person } from './person';

/** Of an hour's draining. */
const PART_LEFT_MIN = 20;

test('timers go by the bench computer’s clock: right with the browser an hour wrong, and after it slept', async ({
  browser,
  notebook,
}) => {
  const me = await Person.enter(browser, notebook, 'Tam Oswin');
  const runs = await me.list<RunRow>('/runs');
  const draining = runs.find((run) => run.finishedAt === undefined && run.lotName === 'Rice hulls') as RunRow;
  const [row] = await notebook.rows<{ value: number }>(
    "select value from readings where run_id = $1 and step = 'drain' and replicate = 0",
    [draining.id],
  );
  const left = async (): Promise<number> => {
    const { now } = await me.ask<{ now: number }>('/time');
    return ((row?.value as number) * 1000 + 3600000 - now) / 1000;
  };
  const shown = async (): Promise<number> => {
    const text = await me.page.getByRole('timer', { name: 'A, draining' }).innerText();
    const [minutes = 0, seconds = 0] = text.split(':').map(Number);
    return minutes * 60 + seconds;
  };
  // However long ago the demo was loaded, a good part of the draining is left.
  notebook.forward(Math.min(0, Math.ceil((await left()) / 60) - PART_LEFT_MIN));
  await me.page.clock.install({ time: Date.now() + 3600000 });
  await me.go(`/bench/runs/${draining.id}`);
  await expect.poll(async () => Math.abs((await shown()) - (await left()))).toBeLessThan(3);

  // The page sleeps for half of what is left while the bench goes on.
  const minutes = Math.floor((await left()) / 120);
  expect(minutes).toBeGreaterThan(1);
  notebook.forward(minutes);
  await me.page.clock.fastForward(minutes * 60000);
  await me.page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
  await expect.poll(async () => Math.abs((await shown()) - (await left()))).toBeLessThan(3);
});
