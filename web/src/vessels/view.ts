import type { View } from '../shared/view';

export const vessels: View = {
  pages: [{ path: '/bench/vessels', load: async () => (await import('./VesselsPage')).VesselsPage }],
  looks: () => Promise.resolve(['/bench/vessels']),
};
