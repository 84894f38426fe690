import type { RunRow } from '@bent-pail/contract';
import { called, countOf, type View } from '../shared/view';

export const bench: View = {
  station: {
    path: '/bench',
    word: 'Bench',
    count: ({ openRuns }) => countOf(openRuns, 'run open', 'runs open'),
    roles: ['lead', 'tester', 'reader'],
  },
  pages: [
    { path: '/bench', load: async () => (await import('./BenchPage')).BenchPage },
    { path: '/bench/round', load: async () => (await import('./RoundPage')).RoundPage },
    { path: '/bench/runs/:id', load: async () => (await import('./RunPage')).RunPage },
    { path: '/bench/runs/:id/result', load: async () => (await import('./RunResultPage')).RunResultPage },
    { path: '/bench/print', load: async () => (await import('./PrintRunPage')).PrintRunsPage },
    { path: '/bench/runs/:id/print', load: async () => (await import('./PrintRunPage')).PrintRunPage },
  ],
  looks: async ({ list }) => {
    const runs = await list<RunRow>('/runs');
    const open = called(runs, ({ finishedAt }) => finishedAt === undefined);
    const finished = called(runs, ({ finishedAt }) => finishedAt !== undefined);
    return [
      '/bench?start',
      '/bench/round',
      `/bench/runs/${open.id}`,
      `/bench/runs/${finished.id}`,
      `/bench/runs/${finished.id}/result`,
      `/bench/runs/${finished.id}/print`,
      `/bench/print?runs=${open.id},${finished.id}`,
    ];
  },
};
