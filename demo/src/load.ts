import { openNotebook } from '@bent-pail/server/accounts/service';
import { patientMaker } from '@bent-pail/server/cards/rebuild';
import { beginPlants } from '@bent-pail/server/database/beginPlants';
import { importShipped } from '@bent-pail/server/database/importShipped';
import { UserEntity } from '@bent-pail/server/accounts/entities';
import { toMe } from '@bent-pail/server/accounts/me';
import { principalOf, type Principal } from '@bent-pail/server/http/principal';
import { emptyDemo } from '@bent-pail/server/notebook/demoRepository';
import { NotebookRow } from '@bent-pail/server/notebook/entities';
import type { DataSource } from 'typeorm';
import { blendHappenings } from './blends';
import { claimsHappenings } from './claims';
import { classHappenings } from './classes';
import type { NotebookFiles } from './files';
import { guideHappenings } from './guides';
import { instrumentHappenings } from './instruments';
import { laboratoryHappenings } from './laboratory';
import { SetClock, type Loading } from './loading';
import { priceHappenings } from './prices';
import { runHappenings } from './runs';
import { sittingHappenings } from './sittings';
import { potHappenings } from './pots';
import { recordHappenings } from './record';
import { supplierHappenings } from './suppliers';
import { trainingHappenings } from './training';
import { trialHappenings } from './trials';
import { shelfHappenings, vesselHappenings } from './shelf';

/** What came of asking for the demo. */
export type LoadOutcome = 'loaded' | 'there already' | 'not a demo';

interface LoadOptions {
  readonly db: DataSource;
  readonly files: NotebookFiles;
  readonly now: number;
  /** Throw the demo away and load it anew, with dates from now. */
  readonly fresh: boolean;
}

/** Whether a whole demo notebook is there. */
export async function isLoadedDemo(db: DataSource): Promise<boolean> {
  const known = await db.getRepository(NotebookRow).findOneBy({ id: 1 });
  return known?.demo === true && known.demoLoaded;
}

/** Throws a demo away; what a notebook begins with comes back. */
async function wipe(db: DataSource): Promise<void> {
  await emptyDemo(db);
  // Copies of protocols and plants belong to people, so all of them went.
  await importShipped(db);
  await beginPlants((sql, values) => db.query(sql, values));
}

/**
 * Fills an empty database with the demo notebook, through the same services that the pages use, everything stamped as
 * the files say. A notebook that is not a demo is never touched; a load that was cut off is begun again.
 */
export async function loadDemo({ db, files, now, fresh }: LoadOptions): Promise<LoadOutcome> {
  const known = await db.getRepository(NotebookRow).findOneBy({ id: 1 });
  if (known !== null && !known.demo) return 'not a demo';
  if (known?.demoLoaded === true && !fresh) return 'there already';
  if (known !== null) await wipe(db);
  await openNotebook(db, true);
  const users = await db.getRepository(UserEntity).find();
  const people = new Map(users.map((user): [string, Principal] => [user.name, principalOf(toMe(user))]));
  const clock = new SetClock(now);
  const cards = patientMaker(db);
  const loading: Loading = {
    context: { db, clock, cards },
    clock,
    files,
    loadedAt: now,
    people,
    lots: new Map(),
    vessels: new Map(),
  };
  const happenings = [
    ...shelfHappenings(loading),
    ...vesselHappenings(loading),
    ...instrumentHappenings(loading),
    ...runHappenings(loading),
    ...blendHappenings(loading),
    ...sittingHappenings(loading),
    ...laboratoryHappenings(loading),
    ...guideHappenings(loading),
    ...priceHappenings(loading),
    ...claimsHappenings(loading),
    ...supplierHappenings(loading),
    ...potHappenings(loading),
    ...recordHappenings(loading),
    ...classHappenings(loading),
    ...trainingHappenings(loading),
    ...trialHappenings(loading),
  ].sort((a, b) => a.at - b.at);
  for (const { at, happen } of happenings) {
    clock.set(at);
    await happen();
  }
  await cards.settled();
  await db.getRepository(NotebookRow).update({ id: 1 }, { demoLoaded: true });
  return 'loaded';
}
