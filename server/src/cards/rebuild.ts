import type { DataSource } from 'typeorm';
import { systemClock } from '../clock';
import { alsoFollows } from './alsoFollows';
import { CardMaker } from './cardMaker';
import { wantEverything } from './repository';
import { ownWorkshop } from './workshop';

/** A maker for programs without a server: it works in their own thread, and they wait for it. */
export function patientMaker(db: DataSource): CardMaker {
  const workshop = ownWorkshop();
  const warn = (error: unknown): void => {
    process.stderr.write(`Cards wait: ${String(error)}\n`);
  };
  return new CardMaker(db, workshop, warn, alsoFollows({ db, clock: systemClock }, workshop));
}

/** Works everything that is kept beside the readings out anew, lot by lot; whoever reads sees the rows of before until then. */
export async function rebuildCards(db: DataSource): Promise<void> {
  await wantEverything(db.manager);
  const maker = patientMaker(db);
  await maker.start();
  await maker.settled();
  await maker.close();
}
