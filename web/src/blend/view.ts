import type { BlendRow, PlantRow } from '@bent-pail/contract';
import { called, countOf, type View, type ViewPage } from '../shared/view';

/** The desk's script is the largest. */
const desk = (path: string): ViewPage => ({
  path,
  load: async () => (await import('./desk/BlendDeskPage')).BlendDeskPage,
  before: async ({ id }) => {
    (await import('./desk/askForDesk')).askForDesk(id);
  },
});

const QUESTIONS = ['sweep', 'lines', 'verdicts', 'pot', 'food', 'schools', 'batch', 'versions', 'selling'];

export const blend: View = {
  station: {
    path: '/blend',
    word: 'Blend',
    count: ({ blends }) => countOf(blends, 'blend', 'blends'),
    roles: ['lead', 'tester', 'reader'],
  },
  pages: [
    { path: '/blend', load: async () => (await import('./list/BlendListPage')).BlendListPage },
    { path: '/blend/bench', load: async () => (await import('./learning/LearningPage')).LearningPage },
    { path: '/blend/trust', load: async () => (await import('./trust/TrustPage')).TrustPage },
    { path: '/blend/compare', load: async () => (await import('./compare/ComparePage')).ComparePage },
    { path: '/blend/plants', load: async () => (await import('./plants/PlantsPage')).PlantsPage },
    { path: '/blend/plants/:id', load: async () => (await import('./plants/PlantPage')).PlantPage },
    { path: '/blend/uses', load: async () => (await import('./profiles/ProfilesPage')).ProfilesPage },
    { path: '/blend/uses/:id', load: async () => (await import('./profiles/ProfilePage')).ProfilePage },
    { path: '/blend/print', load: async () => (await import('./sheet/PrintBlendPage')).PrintBlendPage },
    { path: '/blend/:id/print', load: async () => (await import('./sheet/PrintBlendPage')).PrintBlendPage },
    desk('/blend/desk'),
    desk('/blend/:id'),
    {
      path: '/blend/:id/versions/:n/sheet',
      load: async () => (await import('./sheet/BatchSheetPage')).BatchSheetPage,
    },
    desk('/blend/:id/versions/:n'),
  ],
  looks: async ({ list, all }) => {
    const { id } = called(await list<BlendRow>('/blends'), ({ name }) => name === 'Camellia tub');
    return [
      '/blend',
      '/blend/bench',
      '/blend/trust',
      '/blend/plants',
      '/blend/uses',
      '/blend/uses/seed-plugs',
      `/blend/plants/${called(await all<PlantRow>('/plants'), () => true).id}`,
      `/blend/compare?with=blend:${id}`,
      `/blend/${id}`,
      ...QUESTIONS.map((question) => `/blend/${id}?ask=${question}`),
      `/blend/${id}/versions/2/sheet?kind=pots&pots=12`,
      `/blend/${id}/print`,
    ];
  },
};
