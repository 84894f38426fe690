import type { View } from '../shared/view';

export const people: View = {
  pages: [{ path: '/you', load: async () => (await import('./YouPage')).YouPage }],
  looks: () => Promise.resolve(['/you', '/nowhere']),
};
