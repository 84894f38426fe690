import type {
  AgreedValue,
  Me,
  NewScorecard,
  Page,
  RaterSheet,
  RatingBody,
  ScorecardPage,
  ScorecardRow,
  ScorecardsAsked,
  SheetRow,
  SheetsAsked,
} from '@bent-pail/contract';
import { scorecard, type AgreedMark, type Rating, type Rubric, type Scorecard } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { namesOf, usersNamed } from '../accounts/repository';
import type { RaterEntity, ScorecardEntity } from './entities';
import { keepOnce } from '../database/keepOnce';
import { optional } from '../database/optional';
import { conflict, HttpProblem, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { lotOf } from '../shelf/lotRepository';
import { lotsWithCards, type LotWithCard } from '../shelf/repository';
import { rubricToJudgeBy } from './rubrics';
import {
  addAgreed,
  agreedOf,
  insertScorecard,
  keepRating,
  markHandedIn,
  pageOfScorecards,
  pageOfSheets,
  placeOf,
  ratersOf,
  ratingsOf,
  rubricOf,
  scorecardOf,
} from './repository';

async function requireCard(manager: EntityManager, id: string): Promise<ScorecardEntity> {
  const card = await scorecardOf(manager, id);
  if (card === null) throw notFound('scorecard');
  return card;
}

const isIn = (raters: readonly RaterEntity[]): boolean => raters.every((rater) => rater.handedInAt !== null);

interface Judged {
  readonly row: ScorecardRow;
  readonly rubric: Rubric;
  readonly card: Scorecard;
}

async function judge(manager: EntityManager, card: ScorecardEntity, lot: LotWithCard): Promise<Judged> {
  const rubric = await rubricOf(manager, card);
  const raters = await ratersOf(manager, card.id);
  const names = await namesOf(
    manager,
    raters.map((rater) => rater.userId),
  );
  const nameOf = (id: string): string => names.get(id) ?? '';
  const revealed = isIn(raters);
  // Blind until all are in: nobody's values leave the server before, not even into the score.
  const rows = revealed ? await ratingsOf(manager, card.id) : [];
  const ratings: Rating[] = rows.map(({ criterion, userId, value, tags }) => ({
    criterion,
    raterId: userId,
    rater: nameOf(userId),
    value,
    tags,
  }));
  const said = revealed ? await agreedOf(manager, card.id) : [];
  const sayers = await namesOf(
    manager,
    said.map(({ byUser }) => byUser),
  );
  const agreed = said.map(({ criterion, value, reason, byUser }): AgreedMark => ({
    criterion,
    value,
    reason,
    by: sayers.get(byUser) ?? '',
  }));
  const judged = scorecard(rubric, lot.card, ratings, agreed);
  const row: ScorecardRow = {
    id: card.id,
    lotId: card.lotId,
    productName: lot.row.name,
    lotCode: lot.row.code,
    ...optional('pail', lot.row.pail),
    sampleCode: card.sampleCode,
    rubricLabel: rubric.label,
    raters: raters.map((rater) => ({
      id: rater.userId,
      name: nameOf(rater.userId),
      handedIn: rater.handedInAt !== null,
    })),
    revealed,
    ...(judged.result.overall === undefined ? {} : { overall: judged.result.overall }),
    weightIn: judged.weightIn,
    missing: judged.result.missing,
  };
  return { row, rubric, card: judged };
}

export async function listScorecards({ db }: Context, asked: ScorecardsAsked): Promise<Page<ScorecardRow>> {
  const { zone } = await notebookRow(db.manager);
  const page = await pageOfScorecards(db.manager, asked, zone);
  const lots = await lotsWithCards(db.manager, [...new Set(page.rows.map(({ lotId }) => lotId))]);
  const rows: ScorecardRow[] = [];
  for (const card of page.rows) {
    const lot = lots.find(({ row }) => row.id === card.lotId);
    if (lot !== undefined) rows.push((await judge(db.manager, card, lot)).row);
  }
  return { ...page, rows };
}

export async function scorecardPage({ db, cards }: Context, id: string): Promise<ScorecardPage> {
  const card = await requireCard(db.manager, id);
  await cards.follow([card.lotId]);
  const [lot] = await lotsWithCards(db.manager, [card.lotId]);
  if (lot === undefined) throw notFound('lot');
  const { currency } = await notebookRow(db.manager);
  return { ...(await judge(db.manager, card, lot)), currency };
}

export async function addScorecard({ db, clock }: Context, body: NewScorecard): Promise<{ id: string }> {
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'scorecard', said: body }, async () => {
      const rubric = await rubricToJudgeBy(manager, body.rubric);
      if ((await lotOf(manager, body.lotId)) === null) throw refused('lotId', 'There is no such lot.');
      const raterIds = [...new Set(body.raterIds)];
      const raters = await usersNamed(manager, raterIds);
      if (raters.length !== raterIds.length) throw refused('raterIds', 'One of these raters is not in this notebook.');
      const unable = raters.find((rater) => !['lead', 'tester', 'panellist'].includes(rater.role));
      if (unable !== undefined) throw refused('raterIds', `${unable.name} is a ${unable.role} and cannot rate.`);
      const { id, lotId, sampleCode } = body;
      const card = { id, lotId, sampleCode, rubricKey: rubric.key, rubricVersion: rubric.version };
      await insertScorecard(manager, { ...card, createdAt: new Date(clock.now()) }, raterIds);
    }),
  );
  return { id: body.id };
}

/** Keeps what a panel agreed on; only once its marks are open, and only where it marks. */
export async function agree(context: Context, me: Me, scorecardId: string, body: AgreedValue): Promise<ScorecardPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'agreed value', said: { scorecardId, ...body } }, async () => {
      const card = await requireCard(manager, scorecardId);
      const rubric = await rubricOf(manager, card);
      if (!isIn(await ratersOf(manager, scorecardId)))
        throw conflict('The marks are not open yet; nothing can be agreed on before.');
      const line = rubric.criteria.find((one) => one.name === body.criterion && one.source.from === 'panel');
      if (line === undefined) throw refused('criterion', 'The panel marks no such criterion.');
      if (body.value * 2 !== Math.round(body.value * 2)) throw refused('value', 'Score in halves, from 0 to 10.');
      await addAgreed(manager, { ...body, scorecardId, byUser: me.id, keptAt: new Date(clock.now()) });
    }),
  );
  return scorecardPage(context, scorecardId);
}

/** A rater's place on a card; somebody else's card does not exist for them. */
async function ownPlace(manager: EntityManager, me: Me, scorecardId: string, hold: boolean): Promise<RaterEntity> {
  const place = await placeOf(manager, scorecardId, me.id, hold);
  if (place === null) throw notFound('sheet of yours');
  return place;
}

async function ownSheet(manager: EntityManager, me: Me, scorecardId: string): Promise<RaterSheet> {
  const place = await ownPlace(manager, me, scorecardId, false);
  const card = await requireCard(manager, scorecardId);
  const raters = await ratersOf(manager, scorecardId);
  const ratings = await ratingsOf(manager, scorecardId, me.id);
  return {
    scorecardId,
    sampleCode: card.sampleCode,
    rubric: await rubricOf(manager, card),
    ratings: ratings.map(({ criterion, value, tags }) => ({ criterion, value, tags })),
    handedIn: place.handedInAt !== null,
    raters: raters.length,
    ratersIn: raters.filter((rater) => rater.handedInAt !== null).length,
  };
}

export async function listOwnSheets({ db }: Context, me: Me, asked: SheetsAsked): Promise<Page<SheetRow>> {
  const { zone } = await notebookRow(db.manager);
  return pageOfSheets(db.manager, me, asked, zone);
}

export function ownSheetOf({ db }: Context, me: Me, scorecardId: string): Promise<RaterSheet> {
  return ownSheet(db.manager, me, scorecardId);
}

export async function rate(
  { db, clock }: Context,
  me: Me,
  scorecardId: string,
  criterion: string,
  body: RatingBody,
): Promise<RaterSheet> {
  return db.transaction(async (manager) => {
    const place = await ownPlace(manager, me, scorecardId, true);
    if (place.handedInAt !== null) throw conflict('This sheet is handed in and stays as it is.');
    const card = await requireCard(manager, scorecardId);
    const rubric = await rubricOf(manager, card);
    const line = rubric.criteria.find((one) => one.name === criterion && one.source.from === 'panel');
    if (line === undefined) throw notFound('criterion to rate');
    if (body.value * 2 !== Math.round(body.value * 2)) throw refused('value', 'Score in halves, from 0 to 10.');
    const unknown = body.tags.find((tag) => line.tags?.includes(tag) !== true);
    if (unknown !== undefined) throw refused('tags', `There is no tag "${unknown}".`);
    const { value, tags } = body;
    await keepRating(manager, { scorecardId, userId: me.id, criterion, value, tags, keptAt: new Date(clock.now()) });
    return ownSheet(manager, me, scorecardId);
  });
}

/** Hands a sheet in; from the last one on, all values are open. */
export async function handIn({ db, clock }: Context, me: Me, scorecardId: string): Promise<RaterSheet> {
  return db.transaction(async (manager) => {
    const place = await ownPlace(manager, me, scorecardId, true);
    const sheet = await ownSheet(manager, me, scorecardId);
    if (place.handedInAt !== null) return sheet;
    const open = sheet.rubric.criteria.find(
      (line) => line.source.from === 'panel' && !sheet.ratings.some((rating) => rating.criterion === line.name),
    );
    if (open !== undefined) {
      throw new HttpProblem(422, { code: 'missing', path: open.name, message: `${open.label} is not scored yet.` });
    }
    await markHandedIn(manager, place, new Date(clock.now()));
    return ownSheet(manager, me, scorecardId);
  });
}
