import type { ComponentType } from 'react';
import { createBrowserRouter, type RouteObject } from 'react-router';
import { blendQuery, deskLotsQuery, learningQuery, profilesQuery, queryClient } from '../shared/queries';
import { NothingHere } from './NothingHere';
import { OneMoment } from './OneMoment';
import { Shell } from './Shell';
import { Stumbled } from './Stumbled';

/** A page whose script is fetched when somebody first goes there; until it is here the page before stays. */
const page = (path: string, load: () => Promise<ComponentType>): RouteObject => ({
  path,
  lazy: async () => ({ Component: await load() }),
});

/** The desk asks for what its prediction waits for while its script, the largest, is on its way. */
const desk = (path: string): RouteObject => ({
  ...page(path, async () => (await import('../blend/BlendDeskPage')).BlendDeskPage),
  loader: ({ params: { id } }) => {
    const asked = [
      queryClient.query(learningQuery),
      queryClient.query(profilesQuery),
      queryClient.query(deskLotsQuery([])),
      ...(id === undefined ? [] : [queryClient.query(blendQuery(id))]),
    ];
    // What cannot be had is told by the page, which asks for it again.
    for (const one of asked) one.catch(() => undefined);
    return null;
  },
  shouldRevalidate: () => false,
});

/** Addresses of the product; a folder of the source is a view. */
export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Stumbled />,
    hydrateFallbackElement: <OneMoment />,
    children: [
      page('/', async () => (await import('../today/TodayPage')).TodayPage),
      page('/shelf', async () => (await import('../shelf/ShelfPage')).ShelfPage),
      page('/shelf/new', async () => (await import('../shelf/NewLotPage')).NewLotPage),
      page('/shelf/lots/:id', async () => (await import('../shelf/LotPage')).LotPage),
      page('/shelf/lots/:id/labels', async () => (await import('../shelf/LabelsPage')).LabelsPage),
      page('/shelf/lots/:id/print', async () => (await import('../shelf/PrintCardPage')).PrintCardPage),
      page('/shelf/lots/:id/intake', async () => (await import('../shelf/intake/IntakePage')).IntakePage),
      page('/bench', async () => (await import('../bench/BenchPage')).BenchPage),
      page('/bench/protocols', async () => (await import('../protocols/ProtocolsPage')).ProtocolsPage),
      page('/bench/laboratory', async () => (await import('../laboratory/LaboratoryPage')).LaboratoryPage),
      page('/bench/devices', async () => (await import('../devices/DevicesPage')).DevicesPage),
      page('/bench/vessels', async () => (await import('../vessels/VesselsPage')).VesselsPage),
      page('/bench/round', async () => (await import('../bench/RoundPage')).RoundPage),
      page('/bench/instruments', async () => (await import('../instruments/InstrumentsPage')).InstrumentsPage),
      page('/bench/runs/:id', async () => (await import('../bench/RunPage')).RunPage),
      page('/bench/runs/:id/print', async () => (await import('../bench/PrintRunPage')).PrintRunPage),
      page('/blend', async () => (await import('../blend/BlendListPage')).BlendListPage),
      page('/blend/bench', async () => (await import('../blend/LearningPage')).LearningPage),
      page('/blend/compare', async () => (await import('../blend/compare/ComparePage')).ComparePage),
      page('/blend/plants', async () => (await import('../blend/plants/PlantsPage')).PlantsPage),
      page('/blend/uses', async () => (await import('../blend/profiles/ProfilesPage')).ProfilesPage),
      desk('/blend/desk'),
      desk('/blend/:id'),
      page('/blend/:id/versions/:n/sheet', async () => (await import('../blend/sheet/BatchSheetPage')).BatchSheetPage),
      desk('/blend/:id/versions/:n'),
      page('/score', async () => (await import('../score/ScoreListPage')).ScoreListPage),
      page('/score/cards/:id', async () => (await import('../score/ScorecardPage')).ScorecardPage),
      page('/score/sheets/:id', async () => (await import('../score/RatePage')).RatePage),
      page('/you', async () => (await import('../people/YouPage')).YouPage),
      { path: '*', element: <NothingHere /> },
    ],
  },
  // For whoever builds: every part of the kit. It is in no notebook.
  ...(import.meta.env.DEV ? [page('/kit', async () => (await import('../kit/KitPage')).KitPage)] : []),
]);
