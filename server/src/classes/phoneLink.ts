import type { Context } from '../context';
import type { GroupLink } from '../http/principal';
import { linkOf } from './repository';

/** Of which group a phone is; undefined where it is none, was sent away, or its class is over. */
export async function groupOfPhone(
  { db, clock }: Pick<Context, 'db' | 'clock'>,
  phoneId: string | undefined,
): Promise<GroupLink | undefined> {
  if (phoneId === undefined) return undefined;
  const link = await linkOf(db.manager, phoneId, new Date(clock.now()));
  return link === undefined ? undefined : { phoneId, ...link };
}
