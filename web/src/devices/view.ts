import type { View } from '../shared/view';

export const devices: View = {
  pages: [{ path: '/bench/devices', load: async () => (await import('./DevicesPage')).DevicesPage }],
  looks: () => Promise.resolve(['/bench/devices']),
};
