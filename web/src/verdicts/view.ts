import type { View } from '../shared/view';

export const verdicts: View = {
  pages: [
    { path: '/verdicts', load: async () => (await import('./VerdictsPage')).VerdictsPage },
    { path: '/verdicts/:id', load: async () => (await import('./VerdictPage')).VerdictPage },
  ],
  looks: () => Promise.resolve(['/verdicts', '/verdicts/weedsPerL.seed.2']),
};
