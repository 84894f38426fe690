import type { WipedClass } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { ClassWipeEntity } from './entities';

/** What its runs are called for once nothing is known of the group that measured them. */
const OF_A_CLASS = 'a class';

/** Takes a class out of the notebook: what its groups guessed and read, the groups, the class. Runs let in stay. */
export async function deleteClass(
  manager: EntityManager,
  classId: string,
): Promise<Pick<ClassWipeEntity, 'groups' | 'guesses' | 'readings' | 'runsKept'>> {
  // Within this transaction alone the database lets rows of this class go.
  await manager.query(`select set_config('bent_pail.wiped_class', $1, true)`, [classId]);
  const ofIt = 'group_id in (select id from class_groups where class_id = $1)';
  const gone = async (sql: string): Promise<number> => {
    const [counted] = await manager.query<{ n: number }[]>(
      `with gone as (${sql} returning 1) select count(*)::int as n from gone`,
      [classId],
    );
    return counted?.n ?? 0;
  };
  const runsKept = await gone(
    `update runs set group_name = '${OF_A_CLASS}' where id in (select run_id from class_runs where ${ofIt})`,
  );
  await gone(`delete from class_runs where ${ofIt}`);
  const guesses = await gone(`delete from class_guesses where ${ofIt}`);
  const readings = await gone(`delete from class_readings where ${ofIt}`);
  await gone(`delete from class_exclusions where ${ofIt}`);
  await gone(`delete from class_phones where ${ofIt}`);
  await gone('delete from class_samples where class_id = $1');
  const groups = await gone('delete from class_groups where class_id = $1');
  await gone('delete from classes where id = $1');
  return { groups, guesses, readings, runsKept };
}

export async function insertWipe(manager: EntityManager, wipe: ClassWipeEntity): Promise<void> {
  await manager.insert(ClassWipeEntity, wipe);
}

/** Classes that were wiped, the last first. */
export async function wipesKept(manager: EntityManager): Promise<readonly WipedClass[]> {
  const rows = await manager.query<(Omit<WipedClass, 'at'> & { at: Date })[]>(
    `select w.id, w.groups, w.guesses, w.readings, w.runs_kept as "runsKept", u.name as by, w.wiped_at as at
     from class_wipes w join users u on u.id = w.by_user order by w.wiped_at desc limit 100`,
  );
  return rows.map((row) => ({ ...row, at: row.at.toISOString() }));
}
