import type { View } from '../shared/view';

export const laboratory: View = {
  pages: [{ path: '/bench/laboratory', load: async () => (await import('./LaboratoryPage')).LaboratoryPage }],
  looks: () => Promise.resolve(['/bench/laboratory']),
};
