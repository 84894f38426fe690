import { scripts } from './cluster';

/** One PostgreSQL for all journeys, with the demo notebook and an empty one to copy from. */
export default async function setup(): Promise<() => Promise<void>> {
  const { journeys, makeTemplates } = await scripts();
  const own = journeys();
  const url = await own.start();
  process.env.BENT_PAIL_E2E_DATABASE = url;
  // The whole test made them already, beside other things.
  if (process.env.BENT_PAIL_TEMPLATES !== 'made') await makeTemplates(url);
  return () => own.stop();
}
