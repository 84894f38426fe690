import type { BlendPage, DeskBlend } from '@bent-pail/contract';
import { bands, deskBandsInput, predictDesk, TARGET_PROFILES, type DeskInput } from '@bent-pail/core';
import { QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useMemo } from 'react';
import { flushSync } from 'react-dom';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useHand } from '../../shared/handStore';
import { FIRST_SHAPE } from '../../shared/pot/pots';
import { useLastPot } from '../../shared/pot/usePot';
import { blendRow, deskViewOf, profileCalled, SHELF, thinkHere } from '../../testing/desk';
import { idOf } from '../../testing/ids';
import { lists } from '../../testing/lists';
import { openPage } from '../../testing/page';
import { BlendDeskPage } from './BlendDeskPage';
import { BlendListPage } from '../list/BlendListPage';
import { DeskFigures } from './DeskFigures';
import { NEW, useDrafts } from '../../shared/blends/draftStore';
import { queryClient } from '../../shared/resources/client';
import { choose } from '../../testing/choose';

vi.mock('../../shared/thinking/thinker', () => ({ think: thinkHere }));
// Predicted at once, without a worker.
vi.mock('../thinking/usePrediction', () => ({
  usePrediction: (input: DeskInput | undefined) =>
    useMemo(() => (input === undefined ? {} : { result: predictDesk(input) }), [input]),
}));

const ID = '0190a000-0000-7000-8000-000000000001';
const lines = [
  { lotId: 'bark-graded', parts: 3 },
  { lotId: 'coir-pith', parts: 1 },
];
const row = blendRow(ID, 'Tub mix', lines);
const second = {
  ...row.latest,
  id: `${ID}-2`,
  n: 2,
  recipe: { ...row.latest.recipe, lines: [{ lotId: 'bark-graded', parts: 5 }, lines[1] ?? { parts: 1 }] },
};
const page: BlendPage = { id: ID, name: 'Tub mix', versions: [second, row.latest] };
const answers = {
  ...lists({ lots: SHELF, blends: [row] }),
  '/learning': { learning: {}, batches: [] },
  '/profiles': TARGET_PROFILES,
  [`/blends/${ID}`]: page,
};
const partsOf = (name: string) => screen.findByLabelText<HTMLInputElement>(`Parts of ${name}, typed`);

beforeEach(() => {
  useDrafts.setState({ drafts: {} });
  useHand.setState({ hand: undefined });
  useLastPot.setState({ shape: FIRST_SHAPE });
});

describe('a new blend', () => {
  it('stands until its kept page does, so that no other figures show between', async () => {
    const shelf = SHELF.map((lot) => ({ ...lot, id: idOf(lot.id) }));
    openPage(<p />, { answers: { ...answers, ...lists({ lots: shelf }), 'POST /blends': page } });
    cleanup();
    const recipe = { ...row.latest.recipe, lines: [{ lotId: idOf('bark-graded'), parts: 3 }] };
    useDrafts.setState({ drafts: { [NEW]: { name: 'Tub mix', recipe } } });
    const router = createMemoryRouter(
      [
        { path: '/blend/desk', element: <BlendDeskPage /> },
        { path: '/blend/:id', element: <p>its page</p> },
      ],
      { initialEntries: ['/blend/desk'] },
    );
    render(
      <QueryClientProvider client={queryClient}>
        <RouterProvider router={router} flushSync={(render) => void flushSync(render)} />
      </QueryClientProvider>,
    );
    const shownAtDrop: boolean[] = [];
    const stop = useDrafts.subscribe(({ drafts }) => {
      if (drafts[NEW] === undefined) shownAtDrop.push(screen.queryByText('its page') !== null);
    });
    await userEvent.setup().click(await screen.findByRole('button', { name: 'Keep it' }));
    await screen.findByText('its page');
    await waitFor(() => {
      expect(shownAtDrop).toEqual([true]);
    });
    stop();
  });

  const open = (search = ''): void => {
    openPage(<BlendDeskPage />, { answers, at: `/blend/desk${search}`, path: '/blend/desk' });
  };

  it('asks what goes in first', async () => {
    open();
    expect(await screen.findByText('What goes in first?')).toBeTruthy();
  });

  it('begins with the lot that was sent here, or with the one in hand', async () => {
    open('?lot=bark-graded');
    expect((await partsOf('Bark')).value).toBe('3');
    expect(screen.getByText(/^Predicted, not weighed yet\. Not kept yet\./)).toBeTruthy();
  });

  it('adds a lot that is sent to what is being composed', async () => {
    const { recipe } = deskViewOf(lines);
    useDrafts.getState().change('new', { name: 'Half done', recipe });
    open('?lot=perlite-coarse');
    expect((await partsOf('Perlite')).value).toBe('1');
    expect((await partsOf('Bark')).value).toBe('3');
  });

  it('adds it once: taken out again, it stays out', async () => {
    const { recipe } = deskViewOf(lines);
    useDrafts.getState().change('new', { name: 'Half done', recipe });
    open('?lot=perlite-coarse');
    await partsOf('Perlite');
    useDrafts.getState().change('new', { name: 'Half done', recipe });
    await waitFor(() => {
      expect(screen.queryByLabelText('Parts of Perlite, typed')).toBeNull();
    });
  });

  it('can be emptied', async () => {
    useDrafts.getState().change('new', { name: 'Half done', recipe: deskViewOf(lines).recipe });
    open('?lot=bark-graded');
    await partsOf('Bark');
    await userEvent.setup().click(screen.getByRole('button', { name: 'Empty the desk' }));
    expect(await screen.findByText('What goes in first?')).toBeTruthy();
    expect(useDrafts.getState().drafts.new).toMatchObject({ name: '', recipe: { lines: [] } });
  });

  it('shows one lot by itself for a bed, beside what is being composed, which stays as it is', async () => {
    const composed = { name: 'Half done', recipe: deskViewOf(lines).recipe };
    useDrafts.getState().change('new', composed);
    open('?alone=perlite-coarse&ask=batch');
    expect((await partsOf('Perlite')).value).toBe('1');
    expect(screen.queryByLabelText('Parts of Bark, typed')).toBeNull();
    expect(await screen.findByRole('region', { name: 'How much' })).toBeTruthy();
    expect(useDrafts.getState().drafts.new).toEqual(composed);
  });

  it('never begins with a product in hand', async () => {
    useHand.getState().take({ kind: 'lot', id: 'nothing', name: 'gone' });
    open();
    expect(await screen.findByText('What goes in first?')).toBeTruthy();
  });

  it('changes every figure as a part changes, and keeps the draft through a reload', async () => {
    open('?lot=bark-graded');
    const user = userEvent.setup();
    await partsOf('Bark');
    const figure = () => screen.getByRole('button', { name: /^Air space: / }).textContent;
    const before = figure();
    await choose(screen.getByLabelText('Add a lot'), /^Coir/, user);
    await user.click(screen.getByRole('button', { name: 'More parts of Coir' }));
    expect(figure()).not.toBe(before);
    expect(useDrafts.getState().drafts.new?.recipe.lines.map(({ lotId }) => lotId)).toEqual([
      'bark-graded',
      'coir-pith',
    ]);
  });

  it('says what is the matter where all parts stand at nothing', async () => {
    open('?lot=bark-graded');
    const field = await partsOf('Bark');
    const user = userEvent.setup();
    await user.clear(field);
    await user.type(field, '0{Enter}');
    expect(await screen.findByText('Give one of them a part.')).toBeTruthy();
  });
});

describe('a kept blend', () => {
  const open = (n?: string): void => {
    openPage(<BlendDeskPage />, {
      answers,
      at: n === undefined ? `/blend/${ID}` : `/blend/${ID}/versions/${n}`,
      path: n === undefined ? '/blend/:id' : '/blend/:id/versions/:n',
    });
  };

  it('opens its newest version, and an older one by its number', async () => {
    open();
    expect((await partsOf('Bark')).value).toBe('5');
    expect(screen.getByRole('link', { name: '1' }).getAttribute('href')).toBe(`/blend/${ID}/versions/1`);
  });

  it('shows an older version whatever is being drafted', async () => {
    useDrafts
      .getState()
      .change(ID, { name: 'Tub mix', recipe: deskViewOf([{ lotId: 'pumice-coarse', parts: 9 }]).recipe });
    open('1');
    expect((await partsOf('Bark')).value).toBe('3');
    expect(screen.queryByLabelText('Parts of Pumice, typed')).toBeNull();
    expect(screen.queryByRole('button', { name: /^Keep/ })).toBeNull();
  });

  it('has no version that was never kept', async () => {
    open('7');
    expect(await screen.findByText('This blend has no such version.')).toBeTruthy();
  });
});

describe('the figures of a blend', () => {
  const view = deskViewOf(lines);
  const profile = profileCalled('acid-lovers');
  const draw = (more: Partial<Parameters<typeof DeskFigures>[0]> = {}) => {
    const asked: string[] = [];
    openPage(
      <DeskFigures
        figures={view.result.figures}
        bands={bands({ ...deskBandsInput(view.input, profile, 'air'), draws: 200 })}
        profile={profile}
        asked="air"
        onAsk={(one) => asked.push(one)}
        {...more}
      />,
    );
    return asked;
  };

  it('stand with band, window and chance; a poor chance stands out', () => {
    draw();
    const air = within(screen.getByRole('row', { name: /^Air space/ }));
    expect(air.getAllByRole('cell')[1]?.textContent).toMatch(/^0\.\d\d–0\.\d\d$/);
    expect(air.getByText(/%$/)).toBeTruthy();
    const chances = screen.getAllByText(/^[<>]?\d+ %$/);
    expect(chances.length).toBeGreaterThan(3);
    for (const one of chances) {
      const chance = Number(one.textContent.replaceAll(/[^\d]/g, ''));
      expect(one.className.includes('bg-slab')).toBe(chance < 75);
    }
  });

  it('wait for their bands in sight', () => {
    draw({ bands: undefined, profile: undefined });
    expect(screen.getAllByText('…').length).toBeGreaterThan(4);
    expect(screen.queryByText('chance')).toBeNull();
  });

  it('can be asked what would narrow them', async () => {
    const asked = draw();
    await userEvent.setup().click(screen.getByRole('button', { name: 'pH, 1:5 in water' }));
    expect(asked).toEqual(['pH']);
    expect(screen.getByRole('button', { name: 'Air space' }).getAttribute('aria-pressed')).toBe('true');
  });
});

describe('the list of blends', () => {
  const blends: DeskBlend[] = ['A', 'B', 'C'].map((name, i) => blendRow(`${ID.slice(0, -1)}${String(i)}`, name, lines));

  it('says of each what it is made of and what it does in its own pot', async () => {
    openPage(<BlendListPage />, { answers: lists({ blends }) });
    const line = within(await screen.findByRole('row', { name: / A 3 Bark · 1 Coir; version 1/ }));
    expect(line.getByText('Tub')).toBeTruthy();
  });

  it('puts two to six of them side by side', async () => {
    const user = userEvent.setup();
    openPage(<BlendListPage />, { answers: lists({ blends }) });
    await user.click(await screen.findByLabelText('Compare A'));
    expect(screen.getByText('Tick one to 5 more to see them side by side.')).toBeTruthy();
    await user.click(screen.getByLabelText('Compare C'));
    const [a, , c] = blends;
    expect(screen.getByRole('link', { name: 'Put these 2 side by side' }).getAttribute('href')).toBe(
      `/blend/compare?with=blend:${a?.id ?? ''},blend:${c?.id ?? ''}`,
    );
    await user.click(screen.getByLabelText('Compare A'));
    expect(screen.queryByRole('link', { name: /side by side/ })).toBeNull();
  });

  it('of nobody’s asks what one would mix; a reader only looks', async () => {
    openPage(<BlendListPage />, { answers: lists({}), role: 'reader' });
    expect(await screen.findByText('What would you mix?')).toBeTruthy();
    expect(screen.queryByRole('link', { name: /Compose|Take two lots/ })).toBeNull();
  });
});
