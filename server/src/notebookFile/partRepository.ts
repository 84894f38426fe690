import type { EntityManager } from 'typeorm';
import type { Reference } from './catalogRepository';
import type { FileKind } from './kinds';

/** What a part of a notebook begins with, by the ids of each kind. */
export type Part = Readonly<
  Partial<Record<'lots' | 'blends' | 'pots' | 'cards' | 'runs' | 'trials', readonly string[]>>
>;

const TABLES: Readonly<Record<keyof Part, string>> = {
  lots: 'lots',
  blends: 'blends',
  pots: 'filled_pots',
  cards: 'scorecards',
  runs: 'runs',
  trials: 'trials',
};

/** Rows that belong to a row of another table by that column, and go with it. */
const BELONGS: readonly (readonly [kind: string, column: string])[] = [
  ['runs', 'lot_id'],
  ['prices', 'lot_id'],
  ['claims_sheets', 'lot_id'],
  ['album_photos', 'lot_id'],
  ['album_photos', 'pot_id'],
  ['deliveries', 'lot_id'],
  ['lab_requests', 'lot_id'],
  ['readings', 'run_id'],
  ['exclusions', 'run_id'],
  ['taken_back', 'run_id'],
  ['run_archivings', 'run_id'],
  ['run_notes', 'run_id'],
  ['run_photos', 'run_id'],
  ['run_reopenings', 'run_id'],
  ['run_stamps', 'run_id'],
  ['blend_versions', 'blend_id'],
  ['pot_entries', 'pot_id'],
  ['vessel_fillings', 'vessel_id'],
  ['filling_exclusions', 'filling_id'],
  ['calibrations', 'instrument_id'],
  ['scorecard_raters', 'scorecard_id'],
  ['ratings', 'scorecard_id'],
  ['agreed_marks', 'scorecard_id'],
  ['growth_marks', 'scorecard_id'],
  ['musts_said', 'scorecard_id'],
  ['score_overrides', 'scorecard_id'],
  ['album_photos', 'trial_id'],
  ['trial_plots', 'trial_id'],
  ['trial_readings', 'trial_id'],
  ['trial_events', 'trial_id'],
  ['trial_exclusions', 'trial_id'],
  ['trial_moves', 'trial_id'],
  ['trial_settled', 'trial_id'],
  ['trial_reopenings', 'trial_id'],
];

/** What rests on what without the database's own knowledge: `from` has it, `to` is what it names. */
const NAMED: readonly { readonly from: string; readonly to: string; readonly where: string }[] = [
  { from: 'runs', to: 'vessels', where: 'p.id = any (c.vessel_ids)' },
  { from: 'runs', to: 'instruments', where: 'p.id = any (c.instrument_ids)' },
  {
    from: 'blend_versions',
    to: 'lots',
    where: `p.id::text in (select f ->> 'lotId' from jsonb_array_elements(c.flat) f)`,
  },
  {
    from: 'blend_versions',
    to: 'blends',
    where: `p.id::text in (select f #>> '{blend,id}' from jsonb_array_elements(c.recipe -> 'lines') f)`,
  },
  ...(['lots', 'blends'] as const).map((to) => ({
    from: 'trials',
    to,
    where: `p.id::text in (select a ->> 'mediumId' from jsonb_array_elements(c.plan -> 'arms') a)`,
  })),
];

const quoted = (name: string): string => `"${name}"`;
const picked = (name: string): string => quoted(`picked_${name}`);

const isAlike = ({ columns, targets }: Reference): string =>
  columns.map((column, i) => `c.${quoted(column)} = p.${quoted(targets[i] ?? '')}`).join(' and ');

/** One step of "what it rests on": rows of `to` that are named by rows of `from`, or belong to them. */
interface Step {
  readonly take: 'p' | 'c';
  readonly from: string;
  readonly to: string;
  readonly where: string;
}

function stepsAmong(kinds: readonly FileKind[]): readonly Step[] {
  const names = new Set(kinds.map(({ name }) => name));
  const upward = kinds.flatMap(({ name, references }) =>
    references.map((one): Step => ({ take: 'p', from: name, to: one.to, where: isAlike(one) })),
  );
  const downward = BELONGS.flatMap(([kind, column]): Step[] => {
    const one = kinds.find(({ name }) => name === kind)?.references.find(({ columns }) => columns.includes(column));
    return one === undefined ? [] : [{ take: 'c', from: one.to, to: kind, where: isAlike(one) }];
  });
  const named = NAMED.map((one): Step => ({ take: 'p', ...one }));
  const edits = kinds
    .filter(({ key }) => key.length === 1 && key[0] === 'id')
    .map(({ name }): Step => ({
      take: 'c',
      from: name,
      to: 'edits',
      where: `c.thing = '${name}' and c.thing_id = p.id::text`,
    }));
  return [...upward, ...downward, ...named, ...edits].filter(({ from, to }) => names.has(from) && names.has(to));
}

/** Takes one step from all that is picked; how many rows that added. */
async function take(manager: EntityManager, { take: taken, from, to, where }: Step): Promise<number> {
  const other = taken === 'p' ? 'c' : 'p';
  const [row] = await manager.query<{ n: number }[]>(
    `with added as (
       insert into ${picked(to)} select distinct ${taken}.ctid from ${quoted(to)} ${taken}
         join ${quoted(from)} ${other} on ${where}
         join ${picked(from)} k on k.at = ${other}.ctid
       where not exists (select from ${picked(to)} x where x.at = ${taken}.ctid)
       returning 1)
     select count(*)::int as n from added`,
  );
  return row?.n ?? 0;
}

/**
 * The kinds of a part of a notebook: some things with all that they rest on, so that it can be taken in by itself.
 * Rows are picked by their place in the tables, which stays as long as the transaction sees one moment.
 */
export async function kindsOfPart(
  manager: EntityManager,
  kinds: readonly FileKind[],
  part: Part,
): Promise<readonly FileKind[]> {
  for (const { name } of kinds)
    await manager.query(`create temp table ${picked(name)} (at tid primary key) on commit drop`);
  for (const [kind, ids] of Object.entries(part) as [keyof Part, readonly string[]][])
    await manager.query(
      `insert into ${picked(TABLES[kind])} select ctid from ${quoted(TABLES[kind])} where id = any ($1)`,
      [ids],
    );
  const steps = stepsAmong(kinds);
  // A step that reaches rows which others start from makes these worth another look.
  let waiting = new Set(Object.keys(part).map((kind) => TABLES[kind as keyof Part]));
  while (waiting.size > 0) {
    const reached = new Set<string>();
    for (const step of steps) if (waiting.has(step.from) && (await take(manager, step)) > 0) reached.add(step.to);
    waiting = reached;
  }
  return kinds.map((kind) => {
    const isPicked = `t.ctid in (select at from ${picked(kind.name)})`;
    if (kind.only === undefined || kind.hidden === undefined) return { ...kind, only: isPicked };
    return { ...kind, only: `${isPicked} and ${kind.only}`, hidden: `${isPicked} and ${kind.hidden}` };
  });
}
