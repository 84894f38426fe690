import type { ClassRow } from '@bent-pail/contract';
import { called, countOf, type View } from '../shared/view';

export const classStation: View = {
  station: {
    path: '/class',
    word: 'Class',
    count: ({ openClasses }) => countOf(openClasses, 'class on', 'classes on'),
    roles: ['lead', 'tester', 'reader'],
  },
  pages: [
    { path: '/class', load: async () => (await import('./ClassListPage')).ClassListPage },
    { path: '/class/hand', load: async () => (await import('./hand/HandPage')).HandPage },
    { path: '/class/lessons/:key', load: async () => (await import('./lessons/LessonPage')).LessonPage },
    { path: '/class/:id', load: async () => (await import('./ClassPage')).ClassPage },
    { path: '/class/:id/wall', load: async () => (await import('./wall/WallPage')).WallPage },
    { path: '/class/:id/slips', load: async () => (await import('./report/SlipsPage')).SlipsPage },
    { path: '/class/:id/report', load: async () => (await import('./report/ReportPage')).ReportPage },
  ],
  looks: async ({ all }) => {
    const rows = await all<ClassRow>('/classes');
    const { id } = called(rows, ({ isOpen }) => !isOpen);
    const open = called(rows, ({ isOpen }) => isOpen);
    return [
      '/class',
      '/class?begin=air-and-water',
      '/class/hand',
      '/class/lessons/gravel',
      `/class/${id}`,
      `/class/${id}/wall`,
      `/class/${id}/report`,
      `/class/${open.id}/wall`,
      `/class/${open.id}/slips`,
    ];
  },
};
