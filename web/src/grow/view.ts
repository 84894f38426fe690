import type { TrialRow } from '@bent-pail/contract';
import { called, countOf, type View } from '../shared/view';

export const grow: View = {
  station: {
    path: '/grow',
    word: 'Grow',
    count: ({ openTrials }) => countOf(openTrials, 'growing', 'growing'),
    roles: ['lead', 'tester', 'reader'],
  },
  pages: [
    { path: '/grow', load: async () => (await import('./TrialListPage')).TrialListPage },
    { path: '/grow/new', load: async () => (await import('./plan/PlanPage')).PlanPage },
    { path: '/grow/:id', load: async () => (await import('./TrialPage')).TrialPage },
    { path: '/grow/:id/plan', load: async () => (await import('./plan/PlanPage')).PlanPage },
    { path: '/grow/:id/map', load: async () => (await import('./layout/MapPaperPage')).MapPaperPage },
    { path: '/grow/:id/labels', load: async () => (await import('./layout/PlotLabelsPage')).PlotLabelsPage },
    { path: '/grow/:id/day', load: async () => (await import('./keep/DayPage')).DayPage },
    { path: '/grow/:id/plots/:number', load: async () => (await import('./keep/DayPage')).DayPage },
    { path: '/grow/:id/report', load: async () => (await import('./report/ReportPage')).ReportPage },
  ],
  looks: async ({ list }) => {
    const rows = await list<TrialRow>('/trials');
    const finished = called(rows, ({ state, ratios }) => state === 'finished' && ratios !== undefined);
    const running = called(rows, ({ state }) => state === 'running');
    return [
      '/grow',
      '/grow/new',
      `/grow/${finished.id}`,
      `/grow/${finished.id}?part=map`,
      `/grow/${finished.id}?part=diary`,
      `/grow/${finished.id}?part=plan`,
      `/grow/${finished.id}/map`,
      `/grow/${finished.id}/labels`,
      `/grow/${finished.id}/report`,
      `/grow/${running.id}`,
      `/grow/${running.id}/day`,
    ];
  },
};
