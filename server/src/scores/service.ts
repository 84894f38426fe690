import type { AgreedValue, Me, Page, ScorecardPage, ScorecardRow, ScorecardsAsked } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { conflict, HttpProblem, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { lotsWithCards } from '../shelf/repository';
import type { ScorecardEntity } from './entities';
import { judge } from './judge';
import { addAgreed, isRevealed, pageOfScorecards, ratersOf, rubricOf, scorecardOf } from './repository';

async function requireCard(manager: EntityManager, id: string): Promise<ScorecardEntity> {
  const card = await scorecardOf(manager, id);
  if (card === null) throw notFound('scorecard');
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
  return { ...(await judge(db.manager, card, lot)), currency };
}

/** Keeps what a panel agreed on; only once its marks are open, and only where it marks. */
export async function agree(context: Context, me: Me, scorecardId: string, body: AgreedValue): Promise<ScorecardPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'agreed value', said: { scorecardId, ...body } }, async () => {
      const card = await requireCard(manager, scorecardId);
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
