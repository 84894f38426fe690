import { lazy } from 'react';
import { createBrowserRouter } from 'react-router';
import { Shell } from './Shell';
import { NothingHere } from './NothingHere';
import { Stumbled } from './Stumbled';

const TodayPage = lazy(() => import('../today/TodayPage').then((m) => ({ default: m.TodayPage })));
const ShelfPage = lazy(() => import('../shelf/ShelfPage').then((m) => ({ default: m.ShelfPage })));
const LotPage = lazy(() => import('../shelf/LotPage').then((m) => ({ default: m.LotPage })));
const NewLotPage = lazy(() => import('../shelf/NewLotPage').then((m) => ({ default: m.NewLotPage })));
const BenchPage = lazy(() => import('../bench/BenchPage').then((m) => ({ default: m.BenchPage })));
const RunPage = lazy(() => import('../bench/RunPage').then((m) => ({ default: m.RunPage })));
const PrintRunPage = lazy(() => import('../bench/PrintRunPage').then((m) => ({ default: m.PrintRunPage })));
const LabelsPage = lazy(() => import('../shelf/LabelsPage').then((m) => ({ default: m.LabelsPage })));
const PrintCardPage = lazy(() => import('../shelf/PrintCardPage').then((m) => ({ default: m.PrintCardPage })));
const IntakePage = lazy(() => import('../shelf/intake/IntakePage').then((m) => ({ default: m.IntakePage })));
const ProtocolsPage = lazy(() => import('../protocols/ProtocolsPage').then((m) => ({ default: m.ProtocolsPage })));
const LaboratoryPage = lazy(() => import('../laboratory/LaboratoryPage').then((m) => ({ default: m.LaboratoryPage })));
const DevicesPage = lazy(() => import('../devices/DevicesPage').then((m) => ({ default: m.DevicesPage })));
const VesselsPage = lazy(() => import('../vessels/VesselsPage').then((m) => ({ default: m.VesselsPage })));
const RoundPage = lazy(() => import('../bench/RoundPage').then((m) => ({ default: m.RoundPage })));
const LearningPage = lazy(() => import('../blend/LearningPage').then((m) => ({ default: m.LearningPage })));
const InstrumentsPage = lazy(() =>
  import('../instruments/InstrumentsPage').then((m) => ({ default: m.InstrumentsPage })),
);
const BlendListPage = lazy(() => import('../blend/BlendListPage').then((m) => ({ default: m.BlendListPage })));
const ComparePage = lazy(() => import('../blend/compare/ComparePage').then((m) => ({ default: m.ComparePage })));
const BatchSheetPage = lazy(() => import('../blend/sheet/BatchSheetPage').then((m) => ({ default: m.BatchSheetPage })));
const PlantsPage = lazy(() => import('../blend/plants/PlantsPage').then((m) => ({ default: m.PlantsPage })));
const ProfilesPage = lazy(() => import('../blend/profiles/ProfilesPage').then((m) => ({ default: m.ProfilesPage })));
const BlendDeskPage = lazy(() => import('../blend/BlendDeskPage').then((m) => ({ default: m.BlendDeskPage })));
const ScoreListPage = lazy(() => import('../score/ScoreListPage').then((m) => ({ default: m.ScoreListPage })));
const ScorecardPage = lazy(() => import('../score/ScorecardPage').then((m) => ({ default: m.ScorecardPage })));
const RatePage = lazy(() => import('../score/RatePage').then((m) => ({ default: m.RatePage })));
const YouPage = lazy(() => import('../people/YouPage').then((m) => ({ default: m.YouPage })));

/** Addresses of the product; a folder of the source is a view. */
export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Stumbled />,
    children: [
      { path: '/', element: <TodayPage /> },
      { path: '/shelf', element: <ShelfPage /> },
      { path: '/shelf/new', element: <NewLotPage /> },
      { path: '/shelf/lots/:id', element: <LotPage /> },
      { path: '/shelf/lots/:id/labels', element: <LabelsPage /> },
      { path: '/shelf/lots/:id/print', element: <PrintCardPage /> },
      { path: '/shelf/lots/:id/intake', element: <IntakePage /> },
      { path: '/bench', element: <BenchPage /> },
      { path: '/bench/protocols', element: <ProtocolsPage /> },
      { path: '/bench/laboratory', element: <LaboratoryPage /> },
      { path: '/bench/devices', element: <DevicesPage /> },
      { path: '/bench/vessels', element: <VesselsPage /> },
      { path: '/bench/round', element: <RoundPage /> },
      { path: '/bench/instruments', element: <InstrumentsPage /> },
      { path: '/bench/runs/:id', element: <RunPage /> },
      { path: '/bench/runs/:id/print', element: <PrintRunPage /> },
      { path: '/blend', element: <BlendListPage /> },
      { path: '/blend/bench', element: <LearningPage /> },
      { path: '/blend/compare', element: <ComparePage /> },
      { path: '/blend/plants', element: <PlantsPage /> },
      { path: '/blend/uses', element: <ProfilesPage /> },
      { path: '/blend/desk', element: <BlendDeskPage /> },
      { path: '/blend/:id', element: <BlendDeskPage /> },
      { path: '/blend/:id/versions/:n/sheet', element: <BatchSheetPage /> },
      { path: '/blend/:id/versions/:n', element: <BlendDeskPage /> },
      { path: '/score', element: <ScoreListPage /> },
      { path: '/score/cards/:id', element: <ScorecardPage /> },
      { path: '/score/sheets/:id', element: <RatePage /> },
      { path: '/you', element: <YouPage /> },
      { path: '*', element: <NothingHere /> },
    ],
  },
]);
