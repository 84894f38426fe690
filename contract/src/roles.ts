/** What somebody may do here. */
export const ROLES = ['lead', 'tester', 'panellist', 'reader'] as const;
export type Role = (typeof ROLES)[number];

/** What somebody with a role is called. */
export const ROLE_NAMES: Readonly<Record<Role, string>> = Object.freeze({
  lead: 'lead',
  tester: 'tester',
  panellist: 'panellist',
  reader: 'reader',
});
