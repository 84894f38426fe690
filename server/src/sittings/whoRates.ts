import { ROLE_NAMES } from '@bent-pail/contract';
import type { Rubric } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { usersNamed } from '../accounts/repository';
import { refused } from '../http/problems';

/** Roles that may rate. */
const RATERS = ['lead', 'tester', 'panellist'];

/** How whoever opened a sitting knows its samples. */
export const OPENED_IT = 'opened the sitting';

/** Refuses who is not of this notebook, is gone, or may not rate. */
export async function requireRaters(manager: EntityManager, ids: readonly string[], field: string): Promise<void> {
  const raters = await usersNamed(manager, ids);
  if (raters.length !== ids.length) throw refused(field, 'One of these raters is not in this notebook.');
  const unable = raters.find((rater) => !RATERS.includes(rater.role) || rater.archivedAt !== null);
  if (unable !== undefined) throw refused(field, `${unable.name} is a ${ROLE_NAMES[unable.role]} and cannot rate.`);
}

/** What of a rubric a panel marks. */
export const panelNames = ({ criteria }: Rubric): string[] =>
  criteria.filter(({ source }) => source.from === 'panel').map(({ name }) => name);
