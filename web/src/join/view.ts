import type { View } from '../shared/view';

const load = async () => (await import('./JoinPage')).JoinPage;

/** A class on a pupil's phone: no account, no name. */
export const join: View = {
  pages: [
    { path: '/join', load, isPublic: true },
    { path: '/join/:code', load, isPublic: true },
  ],
  looks: () => Promise.resolve(['/join']),
};
