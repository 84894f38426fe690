import type { View } from '../shared/view';

export const shop: View = {
  pages: [{ path: '/shop', load: async () => (await import('./ShopPage')).ShopPage, isPublic: true }],
  looks: () => Promise.resolve(['/shop']),
};
