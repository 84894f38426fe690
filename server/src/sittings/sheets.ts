import type {
  KnowsSample,
  Me,
  Page,
  RaterSheet,
  RatingBody,
  SheetRow,
  SheetsAsked,
  WarmUpBody,
  WarmUpSheet,
} from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { optional } from '../database/optional';
import { conflict, HttpProblem, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import type { RaterEntity, ScorecardEntity } from '../scores/entities';
import { ratersOf, rubricOf, scorecardOf } from '../scores/repository';
import type { SittingEntity } from './entities';
import { cardsOfSitting, holdSitting, keepWarmUpMark, placesOn, sittingOf, warmUpMarksOf } from './repository';
import { changePlace, keepRating, ownRatings, pageOfSheets, placeOf } from './sheetRepository';
import { warmUpFor } from './warmUp';
import { panelNames } from './whoRates';

interface OwnPlace {
  readonly place: RaterEntity;
  readonly card: ScorecardEntity;
  readonly sitting: SittingEntity;
}

/** A rater's place on a card; somebody else's card does not exist for them. */
async function ownPlace(manager: EntityManager, me: Me, scorecardId: string, hold: boolean): Promise<OwnPlace> {
  const place = await placeOf(manager, scorecardId, me.id, hold);
  const card = place === null ? null : await scorecardOf(manager, scorecardId);
  const sitting = card === null ? null : await sittingOf(manager, card.sittingId);
  if (place === null || card === null || sitting === null) throw notFound('sheet of yours');
  return { place, card, sitting };
}

/** A place on which can still be written. */
async function placeToWriteOn(manager: EntityManager, me: Me, scorecardId: string): Promise<OwnPlace> {
  const own = await ownPlace(manager, me, scorecardId, true);
  if (own.place.handedInAt !== null) throw conflict('This sheet is handed in and stays as it is.');
  if (own.place.excusedBecause !== null)
    throw conflict(`This sheet was closed (${own.place.excusedBecause}); ask whoever runs the panel.`);
  return own;
}

async function warmUpSheet(manager: EntityManager, me: Me, sitting: SittingEntity): Promise<WarmUpSheet | undefined> {
  const { id, warmUp } = sitting;
  if (warmUp === null) return undefined;
  const marks = await warmUpMarksOf(manager, id, me.id);
  const said = warmUpFor(warmUp, marks);
  return {
    sittingId: id,
    sampleCode: warmUp.sampleCode,
    what: warmUp.what,
    criteria: warmUp.known.map(({ criterion }) => criterion),
    marks: marks.map(({ criterion, value }) => ({ criterion, value })),
    ...(said === undefined ? {} : { said, known: warmUp.known }),
  };
}

/** The rater's own sheet that comes next and is still out. */
async function nextOf(
  manager: EntityManager,
  me: Me,
  cards: readonly ScorecardEntity[],
  here: RaterEntity,
): Promise<RaterSheet['next']> {
  const places = await placesOn(
    manager,
    cards.map(({ id }) => id),
  );
  const out = places
    .filter(
      ({ userId, scorecardId, handedInAt, excusedAt }) =>
        userId === me.id && scorecardId !== here.scorecardId && handedInAt === null && excusedAt === null,
    )
    .sort((a, b) => a.place - b.place);
  const next = out.find(({ place }) => place > here.place) ?? out[0];
  const card = cards.find(({ id }) => id === next?.scorecardId);
  return card === undefined ? undefined : { scorecardId: card.id, sampleCode: card.sampleCode };
}

async function sheetAt(manager: EntityManager, me: Me, { place, card, sitting }: OwnPlace): Promise<RaterSheet> {
  const cards = await cardsOfSitting(manager, sitting.id);
  const [raters, ratings] = [await ratersOf(manager, card.id), await ownRatings(manager, card.id, me.id)];
  const next = await nextOf(manager, me, cards, place);
  const warmUp = await warmUpSheet(manager, me, sitting);
  return {
    scorecardId: card.id,
    sittingLabel: sitting.label,
    sampleCode: card.sampleCode,
    place: place.place,
    samples: cards.length,
    ...optional('next', next),
    rubric: await rubricOf(manager, card),
    ratings: ratings.map(({ criterion, value, tags, words }) => ({ criterion, value, tags, words })),
    handedIn: place.handedInAt !== null,
    ...optional('excused', place.excusedBecause),
    ...optional('knows', place.knows),
    raters: raters.filter(({ excusedAt }) => excusedAt === null).length,
    ratersIn: raters.filter(({ handedInAt }) => handedInAt !== null).length,
    ...optional('warmUp', warmUp),
  };
}

/** A rater's own sheets, those that are out first. */
export async function listOwnSheets({ db }: Context, me: Me, asked: SheetsAsked): Promise<Page<SheetRow>> {
  const { zone } = await notebookRow(db.manager);
  return pageOfSheets(db.manager, me, asked, zone);
}

/** One own sheet. */
export async function ownSheetOf({ db }: Context, me: Me, scorecardId: string): Promise<RaterSheet> {
  return sheetAt(db.manager, me, await ownPlace(db.manager, me, scorecardId, false));
}

function requireHalves(value: number): void {
  if (value * 2 !== Math.round(value * 2)) throw refused('value', 'Score in halves, from 0 to 10.');
}

/** Keeps one mark, over the one before it. */
export async function rate(
  { db, clock }: Context,
  me: Me,
  scorecardId: string,
  criterion: string,
  body: RatingBody,
): Promise<RaterSheet> {
  return db.transaction(async (manager) => {
    const own = await placeToWriteOn(manager, me, scorecardId);
    const rubric = await rubricOf(manager, own.card);
    const line = rubric.criteria.find((one) => one.name === criterion && one.source.from === 'panel');
    if (line === undefined) throw notFound('criterion to rate');
    requireHalves(body.value);
    const unknown = body.tags.find((tag) => line.tags?.includes(tag) !== true);
    if (unknown !== undefined) throw refused('tags', `There is no tag "${unknown}".`);
    const { value, tags, words = '' } = body;
    const keptAt = new Date(clock.now());
    await keepRating(manager, { scorecardId, userId: me.id, criterion, value, tags, words: words.trim(), keptAt });
    return sheetAt(manager, me, own);
  });
}

/** One mark of the warm-up; what is known of it comes with the last, and then the marks stand. */
export async function rateWarmUp(
  { db, clock }: Context,
  me: Me,
  scorecardId: string,
  criterion: string,
  { value }: WarmUpBody,
): Promise<RaterSheet> {
  return db.transaction(async (manager) => {
    const own = await placeToWriteOn(manager, me, scorecardId);
    const { sitting } = own;
    if (sitting.warmUp?.known.some((one) => one.criterion === criterion) !== true)
      throw notFound('criterion to warm up on');
    requireHalves(value);
    const marks = await warmUpMarksOf(manager, sitting.id, me.id);
    if (warmUpFor(sitting.warmUp, marks) !== undefined)
      throw conflict('What is known of the warm-up was shown; your marks for it stand.');
    const keptAt = new Date(clock.now());
    await keepWarmUpMark(manager, { sittingId: sitting.id, userId: me.id, criterion, value, keptAt });
    return sheetAt(manager, me, own);
  });
}

/** A rater knows what is behind the code, or wants to see it: they are marked as not blind for good. */
export async function sayKnown(
  { db }: Context,
  me: Me,
  scorecardId: string,
  { reason }: KnowsSample,
): Promise<RaterSheet> {
  return db.transaction(async (manager) => {
    const own = await ownPlace(manager, me, scorecardId, true);
    if (own.place.knows === null) await changePlace(manager, own.place, { knows: reason });
    return sheetAt(manager, me, { ...own, place: { ...own.place, knows: own.place.knows ?? reason } });
  });
}

/** Hands a sheet in; once the last of the sitting is in, all values are open. */
export async function handIn({ db, clock }: Context, me: Me, scorecardId: string): Promise<RaterSheet> {
  return db.transaction(async (manager) => {
    // Held, so that nobody is let in at the moment at which the marks open.
    const { sitting } = await ownPlace(manager, me, scorecardId, false);
    await holdSitting(manager, sitting.id);
    const held = await ownPlace(manager, me, scorecardId, true);
    if (held.place.handedInAt !== null) return sheetAt(manager, me, held);
    const own = await placeToWriteOn(manager, me, scorecardId);
    const rubric = await rubricOf(manager, own.card);
    const ratings = await ownRatings(manager, scorecardId, me.id);
    const open = panelNames(rubric).find((name) => !ratings.some((rating) => rating.criterion === name));
    if (open !== undefined) {
      const label = rubric.criteria.find(({ name }) => name === open)?.label ?? open;
      throw new HttpProblem(422, { code: 'missing', path: open, message: `${label} is not scored yet.` });
    }
    const handedInAt = new Date(clock.now());
    await changePlace(manager, own.place, { handedInAt });
    return sheetAt(manager, me, { ...own, place: { ...own.place, handedInAt } });
  });
}
