import type {
  FilledPotPage,
  FilledPotRow,
  FilledPotsAsked,
  Me,
  NewFilledPot,
  NewPotEntry,
  Page,
  PotEntryKind,
} from '@bent-pail/contract';
import { namesOf } from '../accounts/repository';
import { versionOf } from '../blends/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { placeOf } from '../places/repository';
import { diaryLines } from './diaryLines';
import type { PotEntryEntity } from './entities';
import { NO_MEDIUM, requireMedium } from './requireMedium';
import { diaryOf, filledPotRow, insertFilledPot, insertPotEntry, pageOfFilledPots, repotsOf } from './repository';

export async function listFilledPots({ db }: Context, asked: FilledPotsAsked): Promise<Page<FilledPotRow>> {
  const { zone } = await notebookRow(db.manager);
  return pageOfFilledPots(db.manager, asked, zone);
}

/** Keeps a pot that was filled. */
export async function addFilledPot(context: Context, me: Me, body: NewFilledPot): Promise<FilledPotPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'pot', said: body }, async () => {
      const medium = await requireMedium(manager, body);
      const { id, name, count, mediumKind, shape, filledOn, stand } = body;
      if (body.fill_cm !== undefined && body.fill_cm > shape.height_cm)
        throw refused('fill_cm', 'The medium is deeper than the pot.');
      if (body.placeId !== undefined && (await placeOf(manager, body.placeId)) === null)
        throw refused('placeId', 'There is no such place.');
      await insertFilledPot(manager, {
        id,
        name,
        count,
        mediumKind,
        ...medium,
        shape,
        plant: body.plant ?? null,
        filledOn,
        fill_cm: body.fill_cm ?? null,
        stand,
        place: body.place ?? null,
        placeId: body.placeId ?? null,
        feeder: body.feeder ?? null,
        byUser: me.id,
        keptAt: new Date(clock.now()),
      });
    }),
  );
  return filledPotPage(context, body.id);
}

/** What a line of each kind cannot do without. */
const NEEDS: Readonly<Partial<Record<PotEntryKind, readonly [readonly (keyof NewPotEntry)[], string]>>> = {
  weighed: [['mass_g'], 'Say what it weighed.'],
  depth: [['depth_cm'], 'Say how deep the medium stands.'],
  'topped-up': [['depth_cm'], 'Say to what depth it was raised.'],
  seen: [['words', 'signs'], 'Say what was seen.'],
};

/** What a pour cannot do without. */
const POURED: readonly (readonly ['volume_mL' | 'pour', string])[] = [
  ['volume_mL', 'Say how much was poured on.'],
  ['pour', 'Say how moist it was, and when it dripped.'],
];

/** What only a repotting has. */
const OF_REPOTTING = ['mediumKind', 'mediumId', 'shape'] as const;

/** Refuses a line that lacks what makes it one of its kind. */
function requireWhole(body: NewPotEntry): void {
  if (body.kind !== 'repotted')
    for (const field of OF_REPOTTING)
      if (body[field] !== undefined) throw refused(field, 'Only what is repotted comes into another pot or medium.');
  if ((body.mediumKind === undefined) !== (body.mediumId === undefined))
    throw refused('mediumId', 'Say what it was repotted into by kind and id.');
  const [fields = [], sentence = ''] = NEEDS[body.kind] ?? [];
  const [first] = fields;
  if (first !== undefined && fields.every((field) => body[field] === undefined)) throw refused(first, sentence);
  if (body.kind !== 'poured') return;
  for (const [field, sentence] of POURED) if (body[field] === undefined) throw refused(field, sentence);
}

/** A clock that runs a little ahead is not in the future. */
const AHEAD_MS = 5 * 60_000;

/** Adds a line to a pot's diary. */
export async function addPotEntry(context: Context, me: Me, potId: string, body: NewPotEntry): Promise<FilledPotPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'line', said: { potId, ...body } }, async () => {
      const pot = await filledPotRow(manager, potId);
      if (pot === undefined) throw notFound('pot');
      if (pot.emptiedAt !== undefined) throw refused('kind', 'This pot was emptied; its diary is closed.');
      const { id, kind, volume_mL = null, mass_g = null, depth_cm = null, words = null } = body;
      const { feed = null, pour = null, signs = null, stand = null } = body;
      requireWhole(body);
      const shape = body.shape ?? null;
      if (depth_cm !== null && depth_cm > (shape ?? pot.shape).height_cm)
        throw refused('depth_cm', 'The medium is deeper than the pot.');
      const at = new Date(body.at);
      if (at.getTime() > clock.now() + AHEAD_MS) throw refused('at', 'That is still to come.');
      const { mediumKind, mediumId } = body;
      const medium =
        mediumKind === undefined || mediumId === undefined
          ? NO_MEDIUM
          : await requireMedium(manager, { mediumKind, mediumId });
      await insertPotEntry(manager, {
        id,
        potId,
        at,
        kind,
        volume_mL,
        mass_g,
        depth_cm,
        feed,
        pour,
        signs,
        stand,
        ...medium,
        shape,
        words,
        byUser: me.id,
        keptAt: new Date(clock.now()),
      });
    }),
  );
  return filledPotPage(context, potId);
}

export async function filledPotPage({ db }: Context, id: string): Promise<FilledPotPage> {
  const { manager } = db;
  const row = await filledPotRow(manager, id);
  if (row === undefined) throw notFound('pot');
  const diary = await diaryOf(manager, id);
  const names = await namesOf(
    manager,
    diary.map(({ byUser }) => byUser),
  );
  const held = row.mediumN === undefined ? null : await versionOf(manager, row.mediumId, row.mediumN);
  return {
    ...row,
    ...(held === null ? {} : { held: { n: held.n, recipe: held.recipe, flat: held.flat } }),
    diary: diaryLines(diary, await repotsOf(manager, id)).map((line, i) => ({
      ...line,
      by: names.get((diary[i] as PotEntryEntity).byUser) ?? '',
    })),
  };
}
