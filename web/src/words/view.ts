import type { View } from '../shared/view';

export const words: View = {
  pages: [{ path: '/words', load: async () => (await import('./WordsPage')).WordsPage }],
  looks: () => Promise.resolve(['/words']),
};
