import { createBrowserRouter, type RouteObject } from 'react-router';
import { scriptOrAnew } from '../kit/version';
import type { ViewPage } from '../shared/view';
import { NothingHere } from './NothingHere';
import { OneMoment } from './OneMoment';
import { Shell } from './Shell';
import { Stumbled } from './Stumbled';
import { VIEWS } from './views';

/** Until a page's script is here the page before stays. */
const route = ({ path, load, before }: ViewPage): RouteObject => ({
  path,
  lazy: async () => ({ Component: await scriptOrAnew(load) }),
  ...(before === undefined
    ? {}
    : {
        loader: ({ params }) => {
          void before(params);
          return null;
        },
        shouldRevalidate: () => false,
      }),
});

/** For whoever builds: every part of the kit. It is in no notebook. */
const KIT: readonly ViewPage[] = import.meta.env.DEV
  ? [{ path: '/kit', load: async () => (await import('../kit/KitPage')).KitPage }]
  : [];

const ALL = Object.values(VIEWS).flatMap(({ pages }) => pages);

/** Addresses of the product. */
export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Stumbled />,
    hydrateFallbackElement: <OneMoment />,
    children: [...ALL.filter(({ isPublic }) => isPublic !== true).map(route), { path: '*', element: <NothingHere /> }],
  },
  ...[...ALL.filter(({ isPublic }) => isPublic === true), ...KIT].map((page) => ({
    errorElement: <Stumbled />,
    hydrateFallbackElement: <OneMoment />,
    ...route(page),
  })),
]);
