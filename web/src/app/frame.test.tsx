import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { useEffect, type ReactElement } from 'react';
import { createMemoryRouter, Link, Outlet, RouterProvider } from 'react-router';
import { afterEach, expect, it } from 'vitest';
import { countsQuery } from '../shared/resources/today';
import { queryClient } from '../shared/resources/client';
import { TitleBlock } from '../shared/TitleBlock';
import { WorkingDrawer } from '../shared/WorkingDrawer';
import { useWorking } from '../shared/workingStore';
import { useBackCloses } from './useBackCloses';
import { useTabTitle } from './useTabTitle';

afterEach(() => {
  cleanup();
  act(() => {
    useWorking.getState().close();
  });
});

/** As much of the frame as its ways with focus, title and Back need. */
function Frame(): ReactElement {
  useTabTitle();
  const isOpen = useWorking((state) => state.stack.length > 0);
  const close = useWorking((state) => state.close);
  useBackCloses(isOpen, close);
  return (
    <>
      <Outlet />
      {isOpen && <WorkingDrawer />}
      <nav>
        <Link to="/lot">To the lot</Link>
        <Link to="/typing">To a form</Link>
      </nav>
    </>
  );
}

function Typing(): ReactElement {
  useEffect(() => {
    screen.getByLabelText('Name').focus();
  }, []);
  return (
    <main>
      <TitleBlock title="A form" />
      <input aria-label="Name" />
    </main>
  );
}

function open(at: readonly string[], due = 0) {
  queryClient.setQueryData(countsQuery.queryKey, {
    lots: 1,
    openRuns: 2,
    blends: 0,
    scorecards: 0,
    sheetsToRate: 0,
    openClasses: 0,
    openTrials: 0,
    due,
  });
  const lot = (
    <main>
      <TitleBlock title="Rice hulls, lot RH-1" tab="Rice hulls RH-1" />
      <button
        type="button"
        onClick={() => {
          useWorking.getState().open({
            label: 'air',
            shown: '0.2',
            unit: '',
            working: { calc: 'x', method: 'x@1', input: {}, pick: 'x', text: 'x' },
          });
        }}
      >
        0.2
      </button>
    </main>
  );
  const router = createMemoryRouter(
    [
      {
        element: <Frame />,
        children: [
          {
            path: '/',
            element: (
              <main>
                <TitleBlock title="Today" />
              </main>
            ),
          },
          { path: '/lot', element: lot },
          { path: '/typing', element: <Typing /> },
        ],
      },
    ],
    { initialEntries: [...at] },
  );
  render(
    <QueryClientProvider client={queryClient}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
  return router;
}

it('names the page in the tab, with the weighings that are due', () => {
  open(['/lot'], 3);
  expect(document.title).toBe('(3) Rice hulls RH-1 · Bent Pail');
  cleanup();
  open(['/']);
  expect(document.title).toBe('Today · Bent Pail');
});

it('puts the focus on the heading of the page one comes to, but not on the first, nor away from a field', async () => {
  open(['/']);
  expect(document.activeElement).toBe(document.body);
  fireEvent.click(screen.getByText('To the lot'));
  await waitFor(() => {
    expect(document.activeElement?.textContent).toBe('Rice hulls, lot RH-1');
  });
  fireEvent.click(screen.getByText('To a form'));
  await waitFor(() => {
    expect(document.activeElement).toBe(screen.getByLabelText('Name'));
  });
});

it('lets Back close the drawer before it leaves the page', async () => {
  const router = open(['/', '/lot']);
  fireEvent.click(screen.getByText('0.2'));
  expect(await screen.findByRole('complementary', { name: 'Working' })).toBeTruthy();
  await act(() => router.navigate(-1));
  await waitFor(() => {
    expect(screen.queryByRole('complementary')).toBeNull();
  });
  expect(router.state.location.pathname).toBe('/lot');
  await act(() => router.navigate(-1));
  expect(router.state.location.pathname).toBe('/');
});

it('takes its entry of the history back where the drawer was closed by itself', async () => {
  const router = open(['/', '/lot']);
  for (let time = 0; time < 2; time += 1) {
    fireEvent.click(screen.getByText('0.2'));
    await waitFor(() => {
      expect(router.state.location.state).toEqual({ open: true });
    });
    act(() => {
      useWorking.getState().close();
    });
    await waitFor(() => {
      expect(router.state.location.state).toBeNull();
    });
  }
  await act(() => router.navigate(-1));
  expect(router.state.location.pathname).toBe('/');
});

it('gives the focus back to the number whose working was open', async () => {
  open(['/lot']);
  const number = screen.getByText('0.2');
  number.focus();
  fireEvent.click(number);
  await waitFor(() => {
    expect(document.activeElement?.textContent).toContain('Working');
  });
  fireEvent.click(screen.getByRole('button', { name: 'Close' }));
  await waitFor(() => {
    expect(document.activeElement).toBe(number);
  });
});
