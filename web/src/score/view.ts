import type { ScorecardRow } from '@bent-pail/contract';
import { called, countOf, type View } from '../shared/view';

export const score: View = {
  station: {
    path: '/score',
    word: 'Score',
    count: ({ scorecards }) => countOf(scorecards, 'card', 'cards'),
    roles: ['lead', 'tester', 'reader'],
  },
  pages: [
    { path: '/score', load: async () => (await import('./ScoreListPage')).ScoreListPage },
    { path: '/score/cards/:id', load: async () => (await import('./ScorecardPage')).ScorecardPage },
    { path: '/score/sheets/:id', load: async () => (await import('./RatePage')).RatePage },
  ],
  looks: async ({ list }) => {
    const card = called(await list<ScorecardRow>('/scorecards'), () => true);
    return ['/score?start', `/score/cards/${card.id}`];
  },
};
