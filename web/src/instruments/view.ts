import type { View } from '../shared/view';

export const instruments: View = {
  pages: [{ path: '/bench/instruments', load: async () => (await import('./InstrumentsPage')).InstrumentsPage }],
  looks: () => Promise.resolve(['/bench/instruments']),
};
