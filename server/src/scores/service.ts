import type {
  AgreedValue,
  AmongProducts,
  GrowthSaid,
  Me,
  MustSaid,
  OverrideSaid,
  Page,
  RankedProduct,
  ScorecardPage,
  ScorecardRow,
  ScorecardsAsked,
} from '@bent-pail/contract';
import { meanOf, type Rubric, type RubricCriterion } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { newestSheets } from '../claims/repository';
import { keepOnce } from '../database/keepOnce';
import { optional } from '../database/optional';
import { conflict, HttpProblem, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { requireOpenYear } from '../years/requireOpenYear';
import { lotsWithCards } from '../shelf/repository';
import type { ScorecardEntity } from './entities';
import { judge } from './judge';
import { products } from './ranking';
import { seasonsOf } from './seasons';
import {
  addAgreed,
  addMust,
  addOverride,
  isRevealed,
  keepGrowth,
  pageOfScorecards,
  ratersOf,
  rubricOf,
  scorecardOf,
} from './repository';

async function requireCard(manager: EntityManager, id: string): Promise<ScorecardEntity> {
  const card = await scorecardOf(manager, id);
  if (card === null) throw notFound('scorecard');
  return card;
}

/** A card on which something more may be said: one of a closed year stands. */
async function requireOpenCard(manager: EntityManager, id: string): Promise<ScorecardEntity> {
  const card = await requireCard(manager, id);
  await requireOpenYear(manager, card.createdAt);
  return card;
}

/** Of what somebody is to judge blind, a list says the code and how far the panel is, nothing else. */
function covered({ id, sittingId, sampleCode, rubricLabel, raters, revealed }: ScorecardRow): ScorecardRow {
  return { id, sittingId, sampleCode, rubricLabel, raters, revealed, weightIn: 0, missing: [] };
}

export async function listScorecards({ db }: Context, me: Me, asked: ScorecardsAsked): Promise<Page<ScorecardRow>> {
  const { zone } = await notebookRow(db.manager);
  const page = await pageOfScorecards(db.manager, me, asked, zone);
  const lots = await lotsWithCards(db.manager, [...new Set(page.rows.map(({ card }) => card.lotId))]);
  const rows: ScorecardRow[] = [];
  for (const { card, isCovered } of page.rows) {
    const lot = lots.find(({ row }) => row.id === card.lotId);
    if (lot === undefined) continue;
    const { row } = await judge(db.manager, card, lot);
    rows.push(isCovered ? covered(row) : row);
  }
  return { ...page, rows };
}

/** Whoever rates a sample sees its card when its marks are open, or when they knew it and are in. */
async function requireNotBlind(manager: EntityManager, me: Me, id: string): Promise<void> {
  const own = (await ratersOf(manager, id)).find(({ userId }) => userId === me.id);
  if (own === undefined || (own.knows !== null && own.handedInAt !== null)) return;
  if (await isRevealed(manager, id)) return;
  throw new HttpProblem(403, {
    code: 'blind',
    message: 'You judge this sample: its card opens for you when all are in.',
  });
}

export async function scorecardPage({ db, cards }: Context, me: Me, id: string): Promise<ScorecardPage> {
  const card = await requireCard(db.manager, id);
  await requireNotBlind(db.manager, me, id);
  await cards.follow([card.lotId]);
  const [lot] = await lotsWithCards(db.manager, [card.lotId]);
  if (lot === undefined) throw notFound('lot');
  const { currency } = await notebookRow(db.manager);
  const judged = await judge(db.manager, card, lot);
  const all = await products(db.manager, me, judged.rubric);
  const sheet = (await newestSheets(db.manager, [card.lotId])).get(card.lotId);
  const interest =
    sheet === undefined ? undefined : { kind: sheet.interest, ...optional('words', sheet.interestWords) };
  return {
    ...judged,
    currency,
    among: amongProducts(judged.rubric, card.lotId, all),
    seasons: await seasonsOf(db.manager, card.lotId, judged.rubric, all),
    ...optional('interest', interest),
  };
}

/** The values of every other product by each criterion; raters' by their mean. */
function amongProducts(rubric: Rubric, lotId: string, all: readonly RankedProduct[]): AmongProducts[] {
  const others = all.filter((one) => one.lotId !== lotId);
  return rubric.criteria.flatMap(({ name }): AmongProducts[] => {
    const values = others.flatMap(({ criteria }) => {
      const found = criteria.find((one) => one.name === name);
      const value =
        found?.value ?? (found?.raters === undefined || found.raters.length === 0 ? undefined : meanOf(found.raters));
      return value === undefined ? [] : [value];
    });
    return values.length === 0 ? [] : [{ criterion: name, others: values }];
  });
}

/** Keeps what a panel agreed on; only once its marks are open, and only where it marks. */
export async function agree(context: Context, me: Me, scorecardId: string, body: AgreedValue): Promise<ScorecardPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'agreed value', said: { scorecardId, ...body } }, async () => {
      const card = await requireOpenCard(manager, scorecardId);
      const rubric = await rubricOf(manager, card);
      if (!(await isRevealed(manager, scorecardId)))
        throw conflict('The marks are not open yet; nothing can be agreed on before.');
      const line = rubric.criteria.find((one) => one.name === body.criterion && one.source.from === 'panel');
      if (line === undefined) throw refused('criterion', 'The panel marks no such criterion.');
      if (body.value * 2 !== Math.round(body.value * 2)) throw refused('value', 'Score in halves, from 0 to 10.');
      await addAgreed(manager, { ...body, scorecardId, byUser: me.id, keptAt: new Date(clock.now()) });
    }),
  );
  return scorecardPage(context, me, scorecardId);
}

/** A criterion of a card of a kind, or a refusal at its field. */
async function lineOf(
  manager: EntityManager,
  scorecardId: string,
  criterion: string,
  isMeant: (line: RubricCriterion) => boolean,
  otherwise: string,
): Promise<RubricCriterion> {
  const rubric = await rubricOf(manager, await requireOpenCard(manager, scorecardId));
  const line = rubric.criteria.find((one) => one.name === criterion);
  if (line === undefined || !isMeant(line)) throw refused('criterion', otherwise);
  return line;
}

/** Keeps whether a must holds. */
export async function sayMust(context: Context, me: Me, scorecardId: string, body: MustSaid): Promise<ScorecardPage> {
  await context.db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'must', said: { scorecardId, ...body } }, async () => {
      await lineOf(
        manager,
        scorecardId,
        body.criterion,
        ({ source }) => source.from === 'must',
        'The rubric has no such must.',
      );
      await addMust(manager, { ...body, scorecardId, byUser: me.id, keptAt: new Date(context.clock.now()) });
    }),
  );
  return scorecardPage(context, me, scorecardId);
}

/** Keeps a score that somebody gives instead of the one worked out, or takes it back; both stay on the card. */
export async function override(
  context: Context,
  me: Me,
  scorecardId: string,
  { id, criterion, value, reason }: OverrideSaid,
): Promise<ScorecardPage> {
  const said = { scorecardId, criterion, value, reason };
  await context.db.transaction((manager) =>
    keepOnce(manager, { id, what: 'override', said }, async () => {
      if (criterion !== undefined) {
        const line = await lineOf(manager, scorecardId, criterion, () => true, 'The rubric has no such criterion.');
        if (line.source.from === 'panel' && !(await isRevealed(manager, scorecardId)))
          throw conflict('The marks are not open yet; nothing can be said instead of them.');
      } else await requireOpenCard(manager, scorecardId);
      await addOverride(manager, {
        id,
        scorecardId,
        criterion: criterion ?? null,
        value: value ?? null,
        reason,
        byUser: me.id,
        keptAt: new Date(context.clock.now()),
      });
    }),
  );
  return scorecardPage(context, me, scorecardId);
}

/** Keeps what a rater sees of one species at one age. */
export async function sayGrowth(
  context: Context,
  me: Me,
  scorecardId: string,
  body: GrowthSaid,
): Promise<ScorecardPage> {
  await context.db.transaction(async (manager) => {
    const rubric = await rubricOf(manager, await requireOpenCard(manager, scorecardId));
    if (!rubric.criteria.some(({ source }) => source.from === 'growth'))
      throw refused('species', 'This rubric does not judge by growth.');
    if (body.value * 2 !== Math.round(body.value * 2)) throw refused('value', 'Score in halves, from 0 to 10.');
    const keptAt = new Date(context.clock.now());
    await keepGrowth(manager, { ...body, scorecardId, userId: me.id, keptAt });
  });
  return scorecardPage(context, me, scorecardId);
}
