import type { View } from '../shared/view';

export const protocols: View = {
  pages: [
    { path: '/bench/protocols', load: async () => (await import('./ProtocolsPage')).ProtocolsPage },
    { path: '/bench/protocols/:key', load: async () => (await import('./ProtocolPage')).ProtocolPage },
  ],
  looks: () => Promise.resolve(['/bench/protocols', '/bench/protocols/saturate-drain-dry']),
};
