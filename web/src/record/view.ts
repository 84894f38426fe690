import type { View } from '../shared/view';

export const record: View = {
  station: {
    path: '/record',
    word: 'Record',
    count: () => '',
    roles: ['lead', 'tester', 'reader'],
  },
  pages: [
    { path: '/record', load: async () => (await import('./RecordPage')).RecordPage },
    { path: '/record/files', load: async () => (await import('./files/FilesPage')).FilesPage },
    { path: '/record/computer', load: async () => (await import('./computer/ComputerPage')).ComputerPage },
    { path: '/record/keys', load: async () => (await import('./keys/KeysPage')).KeysPage },
    { path: '/record/api', load: async () => (await import('./api/ApiPage')).ApiPage },
  ],
  looks: () =>
    Promise.resolve([
      '/record',
      '/record?kind=corrected',
      '/record/files',
      '/record/computer',
      '/record/keys',
      '/record/api',
    ]),
};
