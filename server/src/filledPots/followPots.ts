import { deskOfLot, deskOfVersion, monthOf, sinceRepotted, type DeskInput } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { versionOf } from '../blends/repository';
import type { Workshop } from '../cards/workshop';
import type { Ground } from '../context';
import { learntUse } from '../learning/service';
import { placeOf } from '../places/repository';
import { lotsWithCards } from '../shelf/repository';
import { diaryLines } from './diaryLines';
import { diaryOf, filledPotRow, repotsOf } from './repository';
import { wantedWatches, wantOldWatches, writeWatch, type WantedWatch } from './watchRepository';
import type { PotAsked, PotSaid } from './watchPot';

/** Pots asked for at a time. */
const AT_ONCE = 20;

async function componentsOf(manager: EntityManager, lotIds: readonly string[]) {
  const lots = await lotsWithCards(manager, lotIds);
  return (id: string) => lots.find(({ row }) => row.id === id)?.card.component;
}

/** What a pot holds, as its lots stand now; undefined where nothing is known of one of them. */
async function askedOf(manager: EntityManager, potId: string, now_ms: number): Promise<PotAsked | undefined> {
  const row = await filledPotRow(manager, potId);
  if (row === undefined || row.emptiedAt !== undefined) return undefined;
  const { mediumId, mediumN, shape, filledOn, fill_cm, stand, feeder, placeId } = row;
  const place = placeId === undefined ? null : await placeOf(manager, placeId);
  const held = mediumN === undefined ? null : await versionOf(manager, mediumId, mediumN);
  const find = await componentsOf(manager, held?.flat.map(({ lotId }) => lotId) ?? [mediumId]);
  const alone = find(mediumId);
  const desk: DeskInput | undefined =
    held === null ? alone && deskOfLot(alone, shape) : deskOfVersion(held, find, shape, await learntUse(manager));
  if (desk === undefined) return undefined;
  const diary = diaryLines(await diaryOf(manager, potId), await repotsOf(manager, potId));
  const told = { ...(feeder === undefined ? {} : { feeder }) };
  const there = place === null ? {} : { place_mmPerD: monthOf(place, new Date(now_ms).getUTCMonth()).mmPerD };
  const recipe = held === null ? {} : { recipe: held.recipe };
  const life = sinceRepotted({ filledOn, diary, ...(fill_cm === undefined ? {} : { fill_cm }) });
  return { pot: { shape, stand, ...life, ...told, ...there, ...recipe }, desk, now_ms };
}

const NOTHING: PotSaid = { advice: [] };
/** One pot that cannot be worked out does not keep the others waiting. */
const troubleOf = (error: unknown): PotSaid => ({ ...NOTHING, trouble: String(error) });

/** Lets what pots ask for follow their diaries, one pot at a time. */
export function followPots({ db, clock }: Pick<Ground, 'db' | 'clock'>, workshop: Pick<Workshop, 'pot'>) {
  let isFirst = true;
  const follow = async ({ potId, wanted }: WantedWatch, stopped: AbortSignal): Promise<void> => {
    const asked = await db.transaction('REPEATABLE READ', (manager) => askedOf(manager, potId, clock.now()));
    const said = asked === undefined ? NOTHING : await workshop.pot(asked).catch(troubleOf);
    // A thread that was ended says nothing of the pot.
    if (!stopped.aborted) await writeWatch(db.manager, { potId, wanted }, said);
  };
  return async (stopped: AbortSignal): Promise<void> => {
    if (isFirst) await wantOldWatches(db.manager);
    isFirst = false;
    for (;;) {
      const wanted = await wantedWatches(db.manager, AT_ONCE);
      if (wanted.length === 0) return;
      for (const one of wanted) {
        if (stopped.aborted) return;
        await follow(one, stopped);
      }
    }
  };
}
