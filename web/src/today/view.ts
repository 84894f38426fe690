import type { View } from '../shared/view';

export const today: View = {
  pages: [{ path: '/', load: async () => (await import('./TodayPage')).TodayPage }],
  looks: () => Promise.resolve(['/']),
};
