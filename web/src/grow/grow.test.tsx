import type { TrialRow } from '@bent-pail/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { pageOf } from '../testing/lists';
import { openPage } from '../testing/page';
import { thinkHere } from '../testing/desk';
import { PLAN, plotId, trialPageOf, trialReadingsOf } from '../testing/trials';
import { MapPaperPage } from './layout/MapPaperPage';
import { PlotLabelsPage } from './layout/PlotLabelsPage';
import { PlanPage } from './plan/PlanPage';
import { usePlanDrafts } from './plan/draftStore';
import { draftOf } from './plan/planDraft';
import { ReportPage } from './report/ReportPage';
import { TrialListPage } from './TrialListPage';
import { TrialPage } from './TrialPage';

vi.mock('../shared/thinking/thinker', () => ({ think: thinkHere }));
vi.mock('../shared/chart/Chart', () => ({ Chart: ({ says }: { readonly says: string }) => <p>{says}</p> }));

beforeEach(() => {
  usePlanDrafts.setState({ drafts: {} });
});

const page = trialPageOf({ readings: 40 });
const NOTHING = { '/lots/desk': { lots: [] }, '/blends/desk': [], '/learning': { learning: {} } };
const openTrial = (more = {}, { part = '', upTo = 14 } = {}) =>
  openPage(<TrialPage />, {
    role: 'tester',
    at: `/grow/t1${part === '' ? '' : `?part=${part}`}`,
    path: '/grow/:id',
    answers: {
      ...NOTHING,
      '/trials/t1': { ...page, ...more },
      '/trials/t1/readings': trialReadingsOf(page, upTo),
      '/trials/t1/photos': [],
      ...Object.fromEntries(
        ['layout', 'finish', 'reopen', 'events', 'exclusions', 'moves', 'settled'].map((act) => [
          `POST /trials/t1/${act}`,
          { ...page, ...more },
        ]),
      ),
    },
  });

describe('the list of trials', () => {
  const row: TrialRow = {
    id: 't1',
    name: 'Autumn',
    question: 'Which?',
    state: 'finished',
    media: ['Peat', 'Bark'],
    species: ['Cress'],
    sownOn: '2026-11-10',
    reference: 'Peat',
    plots: 12,
    readings: 60,
    answers: ['Cress, height at 14 days, beside Peat: Bark cannot be told from it.'],
  };

  it('has what is asked, how far it is, and what came of it', async () => {
    openPage(<TrialListPage />, { answers: { '/trials': pageOf([row]) } });
    expect(await screen.findByRole('link', { name: /Autumn/ })).toBeTruthy();
    expect(screen.getByText(/Bark cannot be told from it/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Plan a trial' })).toBeTruthy();
  });

  it('asks a newcomer a question where there is none, and lets a reader plan nothing', async () => {
    openPage(<TrialListPage />, { role: 'reader', answers: { '/trials': pageOf([]) } });
    expect(await screen.findByText('Which medium grows it better?')).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Plan a trial' })).toBeNull();
  });
});

describe('what was found', () => {
  it('is a sentence first, then charts that say what they show, then figures with their intervals', async () => {
    openTrial();
    expect(await screen.findByText(/Cress, height at 14 days, beside Peat: Coir .* mm above/)).toBeTruthy();
    expect(screen.getByText(/95 % bands of the means of plots/)).toBeTruthy();
    const table = screen.getAllByRole('table')[0] as HTMLElement;
    expect(
      within(table)
        .getAllByRole('row')
        .map((line) => line.textContent.slice(0, 4)),
    ).toEqual(['Medi', 'Peat', 'Bark', 'Coir']);
    expect(within(table).getByText(/^\d+\.\d to \d+\.\d$/)).toBeTruthy();
  });

  it('tells what came up and what was seen, with the week', async () => {
    openTrial();
    const up = await screen.findByRole('region', { name: 'What came up' });
    expect(within(up).getAllByText(/of 40/)).toHaveLength(3);
    const seen = screen.getByRole('region', { name: 'What was seen' });
    expect(within(seen).getByText('mould').closest('tr')?.textContent).toMatch(/mould.*Bark.*3.*4 of 4/);
  });

  it('shows by its places what the bench did', async () => {
    openTrial();
    await screen.findAllByText(/beside Peat/);
    const map = screen.getByRole('list', { name: /How far each plot lies/, hidden: true });
    expect(within(map).getAllByText(/^[+−]\d+$|^0$/)).toHaveLength(12);
  });

  it('has no p of one of each, and says why', async () => {
    const plan = { ...PLAN, blocks: 1 };
    const one = trialPageOf({ plan });
    openPage(<TrialPage />, {
      at: '/grow/t1',
      path: '/grow/:id',
      answers: { ...NOTHING, '/trials/t1': one, '/trials/t1/readings': trialReadingsOf(one) },
    });
    expect((await screen.findAllByText(/cannot be told apart whether the medium differs/)).length).toBeGreaterThan(0);
    expect(screen.queryByText(/^p |, p /)).toBeNull();
    expect(screen.queryByText('letters')).toBeNull();
  });

  it('puts nothing down to the medium while a difference is open, and takes what is said of it', async () => {
    const arms = PLAN.arms.map((arm) => (arm.key === 'coir' ? { ...arm, own: { cover: 'glass' } } : arm));
    const told = openTrial({ plan: { ...PLAN, arms } }, { part: 'plan' });
    expect(await screen.findByText(/Nobody said what of it/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Why, in writing'), 'One pane, two days');
    await userEvent.click(screen.getByRole('button', { name: 'Settle it' }));
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ circumstance: 'cover', how: 'accepted', words: 'One pane, two days' });
    });
  });

  it('waits for readings where there are none', async () => {
    openTrial({}, { upTo: 0 });
    expect(await screen.findByText('What grew?')).toBeTruthy();
  });
});

describe('where it stands', () => {
  it('has every plot in its block, and takes a move with its reason', async () => {
    const told = openTrial({}, { part: 'map' });
    const map = await screen.findByRole('list', { name: 'Map of the trial' });
    expect(within(map).getAllByText(/^\d+$/)).toHaveLength(12);
    expect(screen.getAllByRole('button', { name: /^Plot \d+$/ })).toHaveLength(12);
    expect(screen.getByText('Germs.')).toBeTruthy();
    await userEvent.click(screen.getByRole('combobox', { name: /Changed places/ }));
    await userEvent.click(await screen.findByRole('option', { name: 'plot 2' }));
    await userEvent.click(screen.getByRole('combobox', { name: /^with/ }));
    await userEvent.click(await screen.findByRole('option', { name: 'plot 9' }));
    await userEvent.type(screen.getByLabelText('Because'), 'broken lamp');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the move' }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({
        address: '/trials/t1/moves',
        body: { plotId: plotId(2), withId: plotId(9), reason: 'broken lamp' },
      });
    });
  });

  it('is printed with its sowing list and the card of leaf colours; labels tell no medium unless asked', async () => {
    const answers = { '/trials/t1': page };
    openPage(<MapPaperPage />, { at: '/grow/t1/map', path: '/grow/:id/map', answers });
    expect((await screen.findAllByRole('row')).length).toBe(13);
    expect(screen.getByRole('img', { name: /Six greens/ })).toBeTruthy();
    openPage(<PlotLabelsPage />, { at: '/grow/t1/labels', path: '/grow/:id/labels', answers });
    expect(await screen.findByText('Plot 12')).toBeTruthy();
    const labels = screen.getByRole('article', { name: 'Labels of Autumn' });
    expect(within(labels).queryByText('Peat')).toBeNull();
    await userEvent.click(screen.getByRole('checkbox', { name: 'The medium stands on it' }));
    expect(within(labels).getAllByText('Peat')).toHaveLength(4);
  });
});

describe('what happened', () => {
  it('takes a watering with its water for each, and that it had wilted', async () => {
    const told = openTrial({}, { part: 'diary' });
    await userEvent.type(await screen.findByLabelText('Water for each, mL'), '40');
    await userEvent.click(screen.getByRole('checkbox', { name: 'It had wilted' }));
    await userEvent.click(screen.getByRole('button', { name: 'Keep the line' }));
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ kind: 'watered', water_mL: 40, keptUp: false });
    });
  });

  it('leaves a plot out with a reason, tells it, and takes it in again', async () => {
    const out = [{ plotId: plotId(3), reason: 'knocked over', by: 'Tam Oswin', at: '2026-11-20T10:00:00Z' }];
    const told = openTrial({ out }, { part: 'diary' });
    expect(await screen.findByText(/knocked over/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Take it in again' }));
    await userEvent.type(screen.getByLabelText('It counts again, because'), 'it was plot 4');
    await userEvent.click(screen.getByRole('button', { name: 'Take it in' }));
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ plotId: plotId(3), isOut: false, reason: 'it was plot 4' });
    });
  });

  it('tells the waterings of a day in one line', async () => {
    const water = ['peat', 'bark'].map((arm, i) => ({
      id: arm,
      on: '2026-11-15',
      kind: 'watered' as const,
      arm,
      water_mL: 30 + i,
      by: 'Tam',
    }));
    openTrial({ events: water }, { part: 'diary' });
    expect(await screen.findByText('Peat, 30 mL each; Bark, 31 mL each')).toBeTruthy();
  });
});

describe('a plan', () => {
  it('says beside it what it can tell, and is sent as it was typed', async () => {
    usePlanDrafts.setState({ drafts: { 'the-lead new ': draftOf('Spring', PLAN) } });
    const told = openPage(<PlanPage />, { at: '/grow/new', path: '/grow/new', answers: NOTHING });
    const aside = await screen.findByRole('complementary', { name: 'What it can tell' });
    expect(within(aside).getByText(/A difference of 10 mm shows in \d+ of 100 such trials/)).toBeTruthy();
    expect(screen.getByRole('list', { name: 'How it may come to stand' })).toBeTruthy();
    await userEvent.clear(screen.getByLabelText('How many blocks'));
    await userEvent.type(screen.getByLabelText('How many blocks'), '1');
    expect(screen.getByText(/One of each medium: it will show figures and tell nothing/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Keep the plan' }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({
        address: '/trials',
        body: { name: 'Spring', plan: { blocks: 1, question: PLAN.question } },
      });
    });
  });

  it('keeps what is typed through a reload, and says what is missing', async () => {
    openPage(<PlanPage />, { at: '/grow/new', path: '/grow/new', answers: NOTHING });
    await userEvent.type(await screen.findByLabelText('Question'), 'Why?');
    expect(Object.values(usePlanDrafts.getState().drafts)[0]?.question).toBe('Why?');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the plan' }));
    expect(await screen.findByText(/Say what each of them grows in/)).toBeTruthy();
  });

  it('of a trial that is planned is drawn by lot at a press', async () => {
    const told = openTrial({ state: 'planned', plots: [], seed: undefined });
    await userEvent.click(await screen.findByRole('button', { name: 'Draw the layout' }));
    await waitFor(() => {
      expect(told[0]?.address).toBe('/trials/t1/layout');
    });
  });
});

it('a report is a page: what was asked, how, what came of it', async () => {
  openPage(<ReportPage />, {
    at: '/grow/t1/report',
    path: '/grow/:id/report',
    answers: { '/trials/t1': page, '/trials/t1/readings': trialReadingsOf(page) },
  });
  const paper = await screen.findByRole('article', { name: 'Report of Autumn' });
  expect(await within(paper).findByText(/beside Peat: Coir/)).toBeTruthy();
  expect(within(paper).getAllByRole('row')).toHaveLength(4);
  expect(within(paper).getByText(/Nobody eats it/)).toBeTruthy();
});
