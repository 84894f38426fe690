import { PAGE, type ListAsked, type Page } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { refused } from '../http/problems';

/** What a list is put in order by; rows without a value come last, whichever way it is sorted. */
export interface SortBy {
  readonly sql: string;
  readonly type: 'float8' | 'text' | 'timestamptz' | 'integer';
  readonly usual: 'up' | 'down';
  /** Some rows have no value: they come last. Where all have one, an index can be walked. */
  readonly mayLack?: true;
}

/** What rows of a list stand together by: no row is without, and an empty text is a group as well. */
export interface GroupBy {
  readonly sql: string;
  readonly order: 'up' | 'down';
}

/** Conditions of a list, each with its values; all of them must hold. */
export class Conditions {
  private readonly parts: string[] = [];
  readonly values: unknown[] = [];

  /** Takes a value and says how it is written in SQL. */
  value(value: unknown): string {
    this.values.push(value);
    return `$${String(this.values.length)}`;
  }

  and(sql: string): void {
    this.parts.push(sql);
  }

  /** Every word has to be found in the text. */
  find(words: string | undefined, text: string, orElse: (word: string) => string = () => 'false'): void {
    for (const word of (words ?? '')
      .trim()
      .split(/\s+/)
      .filter((one) => one !== '')) {
      const like = this.value(`%${word.replaceAll(/[%_\\]/g, String.raw`\$&`)}%`);
      this.and(`(${text} ilike ${like} or ${orElse(word)})`);
    }
  }

  /** From the first to the last day of a zone. */
  days(column: string, { from, to }: Pick<ListAsked, 'from' | 'to'>, zone: string): void {
    if (from === undefined && to === undefined) return;
    const at = this.value(zone);
    if (from !== undefined) this.and(`${column} >= ${this.value(from)}::date::timestamp at time zone ${at}`);
    if (to !== undefined) this.and(`${column} < (${this.value(to)}::date + 1)::timestamp at time zone ${at}`);
  }

  /** Nothing that was put away, or nothing else. */
  away({ away }: { readonly away?: 'yes' }, column: string): void {
    this.and(`${column} is ${away === 'yes' ? 'not null' : 'null'}`);
  }

  get sql(): string {
    return this.parts.length === 0 ? 'true' : this.parts.join(' and ');
  }
}

/** What stands for a value that a row lacks. */
const LAST = { up: `'infinity'`, down: `'-infinity'` } as const;

interface Cursor {
  readonly value: string;
  readonly id: string;
  /** Of a list in groups. */
  readonly group: string | undefined;
}

/** How PostgreSQL writes a value that lists are sorted by. */
const WRITTEN: Readonly<Record<SortBy['type'], RegExp>> = {
  float8: /^-?(\d+(\.\d+)?(e[+-]?\d+)?|Infinity)$/i,
  integer: /^-?\d{1,10}$/,
  timestamptz: /^(\d{4,}-\d\d-\d\d \d\d:\d\d:\d\d(\.\d+)?[+-]\d\d(:\d\d)?|-?infinity)$/,
  text: /^[^\0]*$/,
};
const ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

function readCursor(after: string, type: SortBy['type'], isGrouped: boolean): Cursor {
  try {
    const read: unknown = JSON.parse(Buffer.from(after, 'base64url').toString('utf8'));
    if (Array.isArray(read) && read.length === (isGrouped ? 3 : 2) && read.every((one) => typeof one === 'string')) {
      const [value = '', id = '', group] = read;
      if (WRITTEN[type].test(value) && ID.test(id) && WRITTEN.text.test(group ?? '')) return { value, id, group };
    }
  } catch {
    // Said below.
  }
  throw refused('after', 'This is not where a page ended; begin at the first.');
}

interface Listed {
  readonly sort_value: string;
  readonly sort_id: string;
  readonly group_value?: string;
}

interface ListQuery {
  /** `select … from …`, without where; `id` is the column that tells its rows apart. */
  readonly select: string;
  readonly from: string;
  /** The list's own table alone, where it can be counted without what is joined to it. */
  readonly countFrom?: string;
  readonly id: string;
  readonly conditions: Conditions;
  readonly sort: SortBy;
  readonly group?: GroupBy | undefined;
  readonly asked: ListAsked;
}

const ORDER = { up: 'asc', down: 'desc' } as const;
const THAN = { up: '>', down: '<' } as const;

/** How many rows there are in each group, in the order of the groups; of a list in none, all of them. */
async function countGroups(
  manager: EntityManager,
  { from, conditions, group }: Pick<ListQuery, 'from' | 'conditions' | 'group'>,
): Promise<readonly { readonly key: string; readonly n: number }[]> {
  const key = group?.sql ?? `''`;
  return manager.query(
    `select ${key} as key, count(*)::int as n ${from} where ${conditions.sql} group by 1 order by 1 ${ORDER[group?.order ?? 'up']}`,
    [...conditions.values],
  );
}

/** One page of a list, put in order and cut by the database, and where the next one begins. */
export async function readPage<Row extends object>(
  manager: EntityManager,
  { select, from, countFrom = from, id, conditions, sort, group, asked }: ListQuery,
): Promise<Page<Row>> {
  const groups = await countGroups(manager, { from: group === undefined ? countFrom : from, conditions, group });
  const direction = asked.direction ?? sort.usual;
  const limit = asked.limit ?? PAGE.usual;
  const key = sort.mayLack === true ? `coalesce(${sort.sql}, ${LAST[direction]}::${sort.type})` : sort.sql;
  if (asked.after !== undefined) {
    const last = readCursor(asked.after, sort.type, group !== undefined);
    const further = `(${key}, ${id}) ${THAN[direction]} (${conditions.value(last.value)}::text::${sort.type}, ${conditions.value(last.id)}::text::uuid)`;
    if (group === undefined) conditions.and(further);
    else {
      const at = `${conditions.value(last.group)}::text`;
      conditions.and(`(${group.sql} ${THAN[group.order]} ${at} or (${group.sql} = ${at} and ${further}))`);
    }
  }
  const order = ORDER[direction];
  const rows = await manager.query<(Row & Listed)[]>(
    `select ${select}, ${key}::text as sort_value, ${id} as sort_id${group === undefined ? '' : `, ${group.sql} as group_value`}
     ${from} where ${conditions.sql}
     order by ${group === undefined ? '' : `${group.sql} ${ORDER[group.order]},`} ${key} ${order}, ${id} ${order} limit ${String(limit + 1)}`,
    conditions.values,
  );
  const last = rows.length > limit ? rows[limit - 1] : undefined;
  return {
    rows: rows.slice(0, limit),
    total: groups.reduce((sum, { n }) => sum + n, 0),
    ...(group === undefined ? {} : { groups }),
    ...(last === undefined ? {} : { next: cursorAfter(last) }),
  };
}

const cursorAfter = ({ sort_value, sort_id, group_value }: Listed): string =>
  Buffer.from(JSON.stringify([sort_value, sort_id, ...(group_value === undefined ? [] : [group_value])])).toString(
    'base64url',
  );
