import type { Role } from '@bent-pail/contract';
import type { Option } from '../kit/Choice';

/** What each role is for, in the order in which one looks for them. */
export const ROLE_WORDS: readonly Option<Role>[] = [
  { key: 'tester', words: 'tester: shelf, bench, blend, score' },
  { key: 'panellist', words: 'panellist: own score sheets, blind' },
  { key: 'reader', words: 'reader: looks' },
  { key: 'lead', words: 'lead: everything' },
];
