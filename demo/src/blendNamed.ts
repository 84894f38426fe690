import { pageOfBlends } from '@bent-pail/server/blends/repository';
import { named, type Loading } from './loading';

/** The blend of a name, as it was kept by then. */
export async function blendNamed({ context }: Loading, name: string): Promise<string> {
  const { rows } = await pageOfBlends(context.db.manager, { find: name }, 'UTC');
  const ids = new Map(rows.map((row) => [row.name, row.id]));
  return named(ids, name, 'blend');
}
