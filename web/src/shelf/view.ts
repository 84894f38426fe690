import type { LotRow, SupplierRow } from '@bent-pail/contract';
import { called, countOf, type View } from '../shared/view';

export const shelf: View = {
  station: {
    path: '/shelf',
    word: 'Shelf',
    count: ({ lots }) => countOf(lots, 'lot', 'lots'),
    roles: ['lead', 'tester', 'reader'],
  },
  pages: [
    { path: '/shelf', load: async () => (await import('./ShelfPage')).ShelfPage },
    { path: '/shelf/new', load: async () => (await import('./NewLotPage')).NewLotPage },
    { path: '/shelf/suppliers', load: async () => (await import('./suppliers/SuppliersPage')).SuppliersPage },
    { path: '/shelf/suppliers/:id', load: async () => (await import('./suppliers/SupplierPage')).SupplierPage },
    { path: '/shelf/labels', load: async () => (await import('./LabelsPage')).LabelsPage },
    { path: '/shelf/print', load: async () => (await import('./PrintCardPage')).PrintCardPage },
    { path: '/shelf/lots/:id', load: async () => (await import('./LotPage')).LotPage },
    { path: '/shelf/lots/:id/life', load: async () => (await import('./life/LifePage')).LifePage },
    { path: '/shelf/lots/:id/labels', load: async () => (await import('./LabelsPage')).LabelsPage },
    { path: '/shelf/lots/:id/print', load: async () => (await import('./PrintCardPage')).PrintCardPage },
    { path: '/shelf/lots/:id/intake', load: async () => (await import('./intake/IntakePage')).IntakePage },
  ],
  looks: async ({ list }) => {
    const lots = await list<LotRow>('/lots');
    const at = (code: string): string => `/shelf/lots/${called(lots, (lot) => lot.code === code).id}`;
    const supplier = called(await list<SupplierRow>('/suppliers'), () => true);
    return [
      '/shelf',
      '/shelf/new',
      '/shelf/suppliers',
      `/shelf/suppliers/${supplier.id}`,
      at('PM-3'),
      `${at('CT-1')}/labels`,
      `${at('PM-4')}/print`,
      `${at('PM-4')}/intake`,
      `${at('PM-3')}/life`,
    ];
  },
};
