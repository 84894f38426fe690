import type { ChosenRow, FileConflict, FileKindCount, FileRefusal, FileReport, Take } from '@bent-pail/contract';
import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js';
import type { DataSource, EntityManager } from 'typeorm';
import { levelsOf, writeAlike } from './exportRepository';
import { fileKinds, type FileKind } from './kinds';
import {
  beQuiet,
  forgetBeginnings,
  insertRows,
  isBegun,
  meet,
  replaceRow,
  tried,
  wantAllAnew,
} from './mergeRepository';
import { openFile, type FileRow, type OpenFile } from './read';
import { picturesOf, rowSchema } from './schema';
import { isDeadlock, whyRefused } from './whyRefused';

/** So many conflicts and refusals are told of one by one; all are counted. */
const MOST_TOLD = 500;
/** Rows looked at together; of pictures only few. */
const AT_A_TIME = { rows: 500, pictures: 8 };

type Row = Readonly<Record<string, unknown>>;

/** Which of two rows stands: chosen for some, alike for all others. */
export interface Choices {
  readonly others: Take;
  readonly chosen: readonly ChosenRow[];
}

/** Ends a transaction so that nothing of it stays, and says what would have come of it. */
class NothingKept extends Error {
  constructor(readonly report: Omit<FileReport, 'id'>) {
    super('nothing was to be kept');
  }
}

/** Values of a refused row are shown so far. */
const SHOWN = 60;
const shown = (value: unknown): string => {
  const text = typeof value === 'string' ? value : JSON.stringify(value);
  return text.length > SHOWN ? `${text.slice(0, SHOWN)}…` : text;
};

/** Rows some at a time, and their pictures by name. */
type RowSource = Pick<OpenFile, 'picture'> & {
  readonly rows: () => AsyncIterable<readonly FileRow[]> | Iterable<readonly FileRow[]>;
};

/** A file on its way into a notebook. */
class Merge {
  private readonly counts = new Map<string, { added: number; same: number; different: number; refused: number }>();
  private readonly conflicts: FileConflict[] = [];
  private readonly refusals: FileRefusal[] = [];
  private readonly ajv = new Ajv2020({ allErrors: false, strict: false });
  private readonly validators = new Map<string, ValidateFunction>();
  private readonly takes: ReadonlyMap<string, Take>;
  private refused = 0;
  private changed = 0;

  constructor(
    private readonly manager: EntityManager,
    private readonly kinds: readonly FileKind[],
    private readonly source: RowSource,
    private readonly choices: Choices,
    refusals: readonly FileRefusal[],
  ) {
    for (const one of refusals) this.count(one);
    this.takes = new Map(choices.chosen.map(({ kind, key, take }) => [`${kind} ${key}`, take]));
  }

  /** Rows of one kind at a time, in the order of the file. */
  async all(): Promise<void> {
    let batch: FileRow[] = [];
    let kind: FileKind | undefined;
    const done = async (): Promise<void> => {
      if (kind !== undefined && batch.length > 0) await this.some(kind, batch);
      batch = [];
    };
    for await (const rows of this.source.rows())
      for (const row of rows) {
        if (row.kind !== kind?.name) {
          await done();
          kind = this.kinds.find(({ name }) => name === row.kind);
          if (kind === undefined) {
            this.refuse(row, 'There is no such kind of row.');
            continue;
          }
        }
        batch.push(row);
        const most = picturesOf(kind).length > 0 ? AT_A_TIME.pictures : AT_A_TIME.rows;
        if (batch.length >= most) await done();
      }
    await done();
  }

  report(): Omit<FileReport, 'id' | 'isDone'> {
    const kinds = [...this.counts].map(([kind, count]): FileKindCount => ({ kind, ...count }));
    return { kinds, conflicts: this.conflicts, refusals: this.refusals };
  }

  /** Whether anything in the notebook is other than before. */
  get hasChanged(): boolean {
    return this.changed > 0;
  }

  get isRefused(): boolean {
    return this.refused > 0;
  }

  /** What a row of the kind is held to; made when its first row comes, since most files hold few kinds. */
  private validatorOf(kind: FileKind): ValidateFunction {
    const isRight = this.validators.get(kind.name) ?? this.ajv.compile(rowSchema(kind));
    this.validators.set(kind.name, isRight);
    return isRight;
  }

  private countOf(kind: string) {
    const count = this.counts.get(kind) ?? { added: 0, same: 0, different: 0, refused: 0 };
    this.counts.set(kind, count);
    return count;
  }

  private refuse({ kind, row, value }: FileRow, why: string, column?: string): void {
    const read = column === undefined ? undefined : (value as Row | null)?.[column];
    this.count({
      kind,
      row,
      ...(column === undefined ? {} : { column }),
      ...(read === undefined ? {} : { read: shown(read) }),
      why,
    });
  }

  private count(refusal: FileRefusal): void {
    this.refused += 1;
    this.countOf(refusal.kind).refused += 1;
    if (this.refusals.length < MOST_TOLD) this.refusals.push(refusal);
  }

  /** The row as the database takes it; undefined where it is refused. */
  private async readable(kind: FileKind, row: FileRow): Promise<Row | undefined> {
    const isRight = this.validatorOf(kind);
    if (!isRight(row.value)) {
      const [error] = isRight.errors ?? [];
      const { missingProperty, additionalProperty } = (error?.params ?? {}) as Readonly<
        Record<string, string | undefined>
      >;
      const column = missingProperty ?? additionalProperty ?? error?.instancePath.split('/')[1];
      this.refuse(row, `It ${error?.message ?? 'is none of these'}.`, column);
      return undefined;
    }
    const value = row.value as Row;
    const pictures: Record<string, string> = {};
    for (const column of picturesOf(kind)) {
      const said = value[column] as string;
      const isName = said.startsWith('photos/');
      const bytes = isName ? await this.source.picture(said) : Buffer.from(said, 'base64');
      if (bytes === undefined || bytes.length === 0) {
        this.refuse(row, isName ? 'Its picture is not in the file.' : 'Its picture is empty.', column);
        return undefined;
      }
      pictures[column] = `\\x${bytes.toString('hex')}`;
    }
    return { ...value, ...pictures };
  }

  private async some(kind: FileKind, rows: readonly FileRow[]): Promise<void> {
    const readable: { readonly from: FileRow; readonly value: Row }[] = [];
    for (const from of rows) {
      const value = await this.readable(kind, from);
      if (value !== undefined) readable.push({ from, value });
    }
    const trouble = await tried(this.manager, () => this.put(kind, readable));
    if (trouble === undefined) return;
    // One of them is refused: which, is found out one by one.
    for (const one of readable) {
      const error = await tried(this.manager, () => this.put(kind, [one]));
      if (error === undefined) continue;
      const said = whyRefused(error);
      if (said === undefined) throw error as Error;
      this.refuse(one.from, said.why, said.column);
    }
  }

  /** Adds what is new, and replaces what is chosen; counts only once all of it is in. */
  private async put(kind: FileKind, rows: readonly { readonly from: FileRow; readonly value: Row }[]): Promise<void> {
    const met = await meet(
      this.manager,
      kind,
      rows.map(({ value }) => value),
    );
    const at = (place: number) => rows[place] as (typeof rows)[number];
    const added = met.filter(({ known }) => !known);
    const different = met.filter(({ changed }) => changed.length > 0);
    if (added.length > 0)
      await insertRows(
        this.manager,
        kind,
        added.map(({ place }) => at(place).value),
      );
    const conflicts: FileConflict[] = [];
    let replaced = 0;
    for (const { place, changed } of different) {
      const { from, value } = at(place);
      const key = kind.key.map((name) => String(value[name])).join(' ');
      conflicts.push({ kind: kind.name, key, row: from.row, columns: changed, stands: kind.isOnlyAdded });
      const take = this.takes.get(`${kind.name} ${key}`) ?? this.choices.others;
      if (take !== 'theirs' || kind.isOnlyAdded) continue;
      await replaceRow(this.manager, kind, value);
      replaced += 1;
    }
    this.changed += added.length + replaced;
    const count = this.countOf(kind.name);
    count.added += added.length;
    count.different += different.length;
    count.same += met.length - added.length - different.length;
    this.conflicts.push(...conflicts.slice(0, Math.max(0, MOST_TOLD - this.conflicts.length)));
  }
}

/** What a file is looked at with: so every row that would be refused is named. */
const EVERYTHING: Choices = { others: 'theirs', chosen: [] };

/** How often it begins again where two waited for each other. */
const TRIES = 4;

/** Takes rows into the notebook, all of them or none; without `choices` they are only looked at. */
async function mergedOnce(db: DataSource, choices: Choices | undefined, begin: Begin): Promise<Omit<FileReport, 'id'>> {
  try {
    return await db.transaction(async (manager) => {
      await writeAlike(manager);
      await beQuiet(manager);
      const { source, refusals } = await begin(manager);
      const merge = new Merge(manager, await fileKinds(manager), source, choices ?? EVERYTHING, refusals);
      await merge.all();
      const report = merge.report();
      if (choices === undefined || merge.isRefused) throw new NothingKept({ ...report, isDone: false });
      if (merge.hasChanged) await wantAllAnew(manager);
      return { ...report, isDone: true };
    });
  } catch (error) {
    if (error instanceof NothingKept) return error.report;
    throw error;
  }
}

/** Where rows come from, and those that were refused before any was looked at. */
type Begin = (
  manager: EntityManager,
) => Promise<{ readonly source: RowSource; readonly refusals: readonly FileRefusal[] }>;

async function merged(db: DataSource, choices: Choices | undefined, begin: Begin): Promise<Omit<FileReport, 'id'>> {
  for (let left = TRIES; ; left -= 1)
    try {
      return await mergedOnce(db, choices, begin);
    } catch (error) {
      // It and the cards waited for each other: it was let go, and nothing of it is there.
      if (left === 0 || !isDeadlock(error)) throw error;
    }
}

/** A notebook's file. What a new notebook begins with makes room for what the file has of the same. */
export async function mergeFile(
  db: DataSource,
  file: string,
  choices: Choices | undefined,
): Promise<Omit<FileReport, 'id'>> {
  const open = await openFile(file, await levelsOf(db.manager));
  try {
    return await merged(db, choices, async (manager) => {
      if (!(await isBegun(manager))) await forgetBeginnings(manager);
      return { source: open, refusals: [] };
    });
  } finally {
    open.close();
  }
}

/** Rows that were made of something else. */
export const mergeRows = (
  db: DataSource,
  choices: Choices | undefined,
  make: (
    manager: EntityManager,
  ) => Promise<{ readonly rows: readonly FileRow[]; readonly refusals: readonly FileRefusal[] }>,
): Promise<Omit<FileReport, 'id'>> =>
  merged(db, choices, async (manager) => {
    const { rows, refusals } = await make(manager);
    return { source: { rows: () => [rows], picture: () => Promise.resolve(undefined) }, refusals };
  });
