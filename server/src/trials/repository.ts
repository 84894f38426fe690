import type { Page, RatioOfMedium, TrialRow, TrialsAsked, TrialState } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import { Conditions, readPage, type SortBy } from '../database/paging';
import {
  TrialEntity,
  TrialEventEntity,
  TrialExclusionEntity,
  TrialMoveEntity,
  TrialPlotEntity,
  TrialReadingEntity,
  TrialReopeningEntity,
  TrialSettledEntity,
} from './entities';

const FROM = 'from trials t join trial_results r on r.trial_id = t.id';
const STATE = `case when t.finished_at is not null then 'finished' when t.laid_out_at is not null then 'running' else 'planned' end`;
const ROW = `t.id, t.name, t.plan ->> 'question' as question, ${STATE} as state,
  array(select a ->> 'name' from jsonb_array_elements(t.plan -> 'arms') a) as media,
  array(select s ->> 'name' from jsonb_array_elements(t.plan -> 'species') s) as species,
  t.plan #>> '{common,sownOn}' as "sownOn",
  (select a ->> 'name' from jsonb_array_elements(t.plan -> 'arms') a where a ->> 'key' = t.plan ->> 'reference') as reference, (select count(*)::int from trial_plots p where p.trial_id = t.id) as plots,
  r.readings, case when t.finished_at is not null then r.answers end as answers,
  (select jsonb_agg(jsonb_build_object('name', q.name, 'ratio', q.ratio, 'se', q.se, 'species', q.species,
     'mediumId', coalesce(q.lot_id, q.blend_id), 'mediumN', q.blend_n) order by q.ratio desc)
   from trial_ratios q where q.trial_id = t.id) as ratios,
  t.archived_at is not null as archived`;

type RatioRow = Omit<RatioOfMedium, 'se' | 'mediumId' | 'mediumN'> & {
  readonly se: number | null;
  readonly mediumId: string | null;
  readonly mediumN: number | null;
};
interface Row extends Omit<TrialRow, 'answers' | 'ratios' | 'archived'> {
  readonly answers: readonly string[] | null;
  readonly ratios: readonly RatioRow[] | null;
  readonly archived: boolean;
}

const toRatio = ({ name, ratio, species, se, mediumId, mediumN }: RatioRow): RatioOfMedium => ({
  name,
  ratio,
  species,
  ...optional('se', se),
  ...optional('mediumId', mediumId),
  ...optional('mediumN', mediumN),
});

const toRow = ({ answers, ratios, archived, ...row }: Row): TrialRow => ({
  ...row,
  ...optional('answers', answers),
  ...optional('ratios', ratios?.map(toRatio)),
  ...(archived ? { archived } : {}),
});

const SORTS: Readonly<Record<NonNullable<TrialsAsked['sort']>, SortBy>> = {
  newest: { sql: 't.kept_at', type: 'timestamptz', usual: 'down' },
  name: { sql: 'lower(t.name)', type: 'text', usual: 'up' },
  sownOn: { sql: `(t.plan #>> '{common,sownOn}')::timestamptz`, type: 'timestamptz', usual: 'down' },
};
const IS: Readonly<Record<TrialState, string>> = {
  planned: 't.laid_out_at is null',
  running: 't.laid_out_at is not null and t.finished_at is null',
  finished: 't.finished_at is not null',
};

/** One page of the trials. */
export async function pageOfTrials(manager: EntityManager, asked: TrialsAsked, zone: string): Promise<Page<TrialRow>> {
  const conditions = new Conditions();
  conditions.find(asked.find, `concat_ws(' ', t.name, t.plan ->> 'question', (t.plan -> 'arms')::text)`);
  conditions.away(asked, 't.archived_at');
  conditions.days('t.kept_at', asked, zone);
  if (asked.state !== undefined) conditions.and(IS[asked.state]);
  for (const medium of [asked.lot, asked.blend])
    if (medium !== undefined)
      conditions.and(
        `t.plan -> 'arms' @> jsonb_build_array(jsonb_build_object('mediumId', ${conditions.value(medium)}::text))`,
      );
  const page = await readPage<Row>(manager, {
    select: ROW,
    from: FROM,
    id: 't.id',
    conditions,
    sort: SORTS[asked.sort ?? 'newest'],
    asked,
  });
  return { ...page, rows: page.rows.map(toRow) };
}

export const trialOf = (manager: EntityManager, id: string): Promise<TrialEntity | null> =>
  manager.findOneBy(TrialEntity, { id });

/** A trial, held until the transaction ends. */
export const heldTrial = (manager: EntityManager, id: string): Promise<TrialEntity | null> =>
  manager.findOne(TrialEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

export async function insertTrial(manager: EntityManager, trial: TrialEntity): Promise<void> {
  await manager.insert(TrialEntity, trial);
}

export async function changeTrial(manager: EntityManager, id: string, patch: Partial<TrialEntity>): Promise<void> {
  await manager.save(TrialEntity, { id, ...patch });
}

export async function insertPlots(manager: EntityManager, plots: readonly TrialPlotEntity[]): Promise<void> {
  await manager.insert(TrialPlotEntity, [...plots]);
}

export const plotsIn = (manager: EntityManager, trialId: string): Promise<TrialPlotEntity[]> =>
  manager.find(TrialPlotEntity, { where: { trialId }, order: { number: 'asc' } });

export const plotOf = (manager: EntityManager, trialId: string, id: string): Promise<TrialPlotEntity | null> =>
  manager.findOneBy(TrialPlotEntity, { trialId, id });

export async function insertTrialReading(
  manager: EntityManager,
  reading: Omit<TrialReadingEntity, 'seq'>,
): Promise<void> {
  await manager.insert(TrialReadingEntity, reading);
}

/** Readings in the order in which they were kept. */
export const readingsIn = (manager: EntityManager, trialId: string): Promise<TrialReadingEntity[]> =>
  manager.find(TrialReadingEntity, { where: { trialId }, order: { seq: 'asc' } });

/** What was read on one day, and whatever was found dead before it: all that the day's page needs to count. */
export const readingsOnDay = (manager: EntityManager, trialId: string, day: string): Promise<TrialReadingEntity[]> =>
  manager
    .createQueryBuilder(TrialReadingEntity, 'r')
    .where(`r.trial_id = :trialId and (r.read_on = :day or (r.state = 'dead' and r.read_on < :day))`, { trialId, day })
    .orderBy('r.seq')
    .getMany();

export const countReadings = async (manager: EntityManager, trialId: string): Promise<number> => {
  const [row] = await manager.query<{ readings: number }[]>('select readings from trial_results where trial_id = $1', [
    trialId,
  ]);
  return row?.readings ?? 0;
};

/** Kinds of what is said of a trial, each of a table of its own. */
const SAID = {
  event: TrialEventEntity,
  exclusion: TrialExclusionEntity,
  move: TrialMoveEntity,
  settled: TrialSettledEntity,
  reopening: TrialReopeningEntity,
} as const;
type SaidRow<K extends keyof typeof SAID> = InstanceType<(typeof SAID)[K]>;

export async function insertSaid<K extends keyof typeof SAID>(
  manager: EntityManager,
  kind: K,
  row: SaidRow<K>,
): Promise<void> {
  await manager.insert(SAID[kind], row);
}

/** What was said, in the order in which it was. */
export const saidIn = <K extends keyof typeof SAID>(
  manager: EntityManager,
  kind: K,
  trialId: string,
): Promise<SaidRow<K>[]> =>
  manager
    .createQueryBuilder<SaidRow<K>>(SAID[kind], 's')
    .where('s.trial_id = :trialId', { trialId })
    .orderBy('s.kept_at')
    .addOrderBy('s.id')
    .getMany();

/** Trials that are sown and not finished; never many. */
export const runningTrials = (manager: EntityManager): Promise<TrialEntity[]> =>
  manager
    .createQueryBuilder(TrialEntity, 't')
    .where('t.laid_out_at is not null and t.finished_at is null and t.archived_at is null')
    .orderBy('t.kept_at')
    .limit(40)
    .getMany();

export async function countRunning(manager: EntityManager): Promise<number> {
  const [row] = await manager.query<{ n: number }[]>(
    'select count(*)::int as n from trials where laid_out_at is not null and finished_at is null and archived_at is null',
  );
  return row?.n ?? 0;
}
