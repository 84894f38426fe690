import type { LotRow, ScorecardRow } from '@bent-pail/contract';
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
    { path: '/score/prices', load: async () => (await import('./prices/PricesPage')).PricesPage },
    { path: '/score/prices/:id', load: async () => (await import('./prices/LotPricesPage')).LotPricesPage },
    { path: '/score/panel', load: async () => (await import('./panel/PanelPage')).PanelPage },
    { path: '/score/ranking', load: async () => (await import('./ranking/RankingPage')).RankingPage },
    { path: '/score/rubrics', load: async () => (await import('./rubrics/RubricsPage')).RubricsPage },
    { path: '/score/rubrics/:key', load: async () => (await import('./rubrics/RubricPage')).RubricPage },
    { path: '/score/cards/:id', load: async () => (await import('./card/ScorecardPage')).ScorecardPage },
    {
      path: '/score/cards/:id/print',
      load: async () => (await import('./card/PrintScorecardPage')).PrintScorecardPage,
    },
    { path: '/score/print', load: async () => (await import('./card/PrintScorecardPage')).PrintScorecardPage },
    { path: '/score/buying', load: async () => (await import('./buying/BuyingPage')).BuyingPage },
    { path: '/score/claims', load: async () => (await import('./claims/ClaimsListPage')).ClaimsListPage },
    { path: '/score/claims/:id', load: async () => (await import('./claims/ClaimsPage')).ClaimsPage },
    { path: '/score/sittings/:id', load: async () => (await import('./sittings/SittingPage')).SittingPage },
    { path: '/score/sheets/:id', load: async () => (await import('./rate/RatePage')).RatePage },
  ],
  looks: async ({ list }) => {
    const card = called(await list<ScorecardRow>('/scorecards'), () => true);
    const product = called(await list<LotRow>('/lots'), ({ kind }) => kind === 'product');
    return [
      '/score?start',
      `/score/cards/${card.id}`,
      `/score/cards/${card.id}/print`,
      '/score/buying',
      '/score/claims',
      `/score/claims/${product.id}`,
      `/score/sittings/${card.sittingId}`,
      '/score/prices',
      `/score/prices/${product.id}`,
      '/score/rubrics',
      '/score/rubrics/beds',
      '/score/ranking',
      '/score/panel',
    ];
  },
};
