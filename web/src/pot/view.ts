import type { BlendRow, FilledPotRow } from '@bent-pail/contract';
import { called, type View } from '../shared/view';

export const pot: View = {
  station: {
    path: '/pot',
    word: 'Pot',
    count: () => '',
    roles: ['lead', 'tester', 'reader'],
  },
  pages: [
    { path: '/pot', load: async () => (await import('./PotPage')).PotPage },
    { path: '/pot/places', load: async () => (await import('./places/PlacesPage')).PlacesPage },
    { path: '/pot/diary', load: async () => (await import('./diary/FilledPotsPage')).FilledPotsPage },
    { path: '/pot/labels', load: async () => (await import('./diary/PotLabelsPage')).PotLabelsPage },
    { path: '/pot/diary/:id', load: async () => (await import('./diary/FilledPotPage')).FilledPotPage },
  ],
  looks: async ({ list }) => {
    const { id } = called(await list<BlendRow>('/blends'), ({ name }) => name === 'Camellia tub');
    const pot = called(await list<FilledPotRow>('/pots'), ({ name }) => name === 'Camellia by the gate');
    return [
      '/pot',
      `/pot?with=blend:${id}`,
      `/pot?with=blend:${id}&vs=stones`,
      '/pot/places',
      '/pot/diary',
      `/pot/diary/${pot.id}`,
      `/pot/labels?pots=${pot.id}`,
    ];
  },
};
