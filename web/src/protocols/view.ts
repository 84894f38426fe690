import type { View } from '../shared/view';

export const protocols: View = {
  pages: [{ path: '/bench/protocols', load: async () => (await import('./ProtocolsPage')).ProtocolsPage }],
  looks: () => Promise.resolve(['/bench/protocols']),
};
