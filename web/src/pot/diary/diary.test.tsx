import type { FilledPotPage as Page, PotEntryLine } from '@bent-pail/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { ChartInk } from '../../shared/chart/ink';
import { choose } from '../../testing/choose';
import { classRow, SHELF, thinkHere } from '../../testing/desk';
import { lists } from '../../testing/lists';
import { openPage } from '../../testing/page';
import { serverNow } from '../../shared/serverClock';
import { outboxOf } from '../../shared/outbox/store';
import { FilledPotPage } from './FilledPotPage';
import { FilledPotsPage } from './FilledPotsPage';
import { weightsChart } from './weightsChart';

vi.mock('../../shared/thinking/thinker', () => ({ think: thinkHere }));
vi.mock('../../shared/chart/Chart', () => ({ Chart: ({ says }: { readonly says: string }) => <p>{says}</p> }));

const BARK = classRow('bark-graded', 'Bark', { id: '0190a000-0000-7000-8000-000000000009' });
const WAIT = { timeout: 20_000 };
const hoursAgo = (hours: number): string => new Date(serverNow() - hours * 3600 * 1000).toISOString();
const PAGE: Page = {
  id: 'pot-1',
  name: 'By the gate',
  count: 2,
  mediumKind: 'lot',
  mediumId: 'bark-graded',
  medium: 'Bark, BARK',
  shape: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 },
  plant: 'Camellia',
  filledOn: hoursAgo(24 * 30).slice(0, 10),
  fill_cm: 14,
  stand: 'mild',
  entries: 0,
  diary: [],
};
const line = (hours: number, more: Pick<PotEntryLine, 'kind'> & Partial<PotEntryLine>): PotEntryLine => ({
  id: `l${String(hours)}`,
  at: hoursAgo(hours),
  by: 'Tam',
  ...more,
});
const DIARY: readonly PotEntryLine[] = [
  line(700, { kind: 'depth', depth_cm: 13 }),
  line(120, { kind: 'watered' }),
  line(110, { kind: 'weighed', mass_g: 1700 }),
  line(50, { kind: 'weighed', mass_g: 1560 }),
  line(40, { kind: 'seen', words: 'buds' }),
];

function open(page: Page) {
  openPage(<FilledPotPage />, {
    at: '/pot/diary/pot-1',
    path: '/pot/diary/:id',
    answers: {
      ...lists({ lots: SHELF, blends: [] }),
      '/pots/pot-1': page,
    },
  });
  return { user: userEvent.setup() };
}

const entries = outboxOf('the-lead').entries;
const queued = async () =>
  (await entries.orderBy('place').toArray()).flatMap((one) => ('line' in one ? [one.line] : []));

describe('a filled pot', () => {
  it('says what to do first where nothing was written', async () => {
    open(PAGE);
    expect(await screen.findByText(/^Nothing yet\. Water it until it runs/, undefined, WAIT)).toBeTruthy();
    expect(screen.getByText(/^Weigh it some hours after a watering/)).toBeTruthy();
  });

  it('tells by its weights when to water it, and by its depths what tops it up', async () => {
    open({ ...PAGE, diary: DIARY });
    expect(await screen.findByText(/^Next watering|^Half of what it can give/, undefined, WAIT)).toBeTruthy();
    expect(screen.getByRole('button', { name: /^Demand:/ })).toBeTruthy();
    expect(screen.getByText(/when it was first watered; now it stands at/)).toBeTruthy();
    expect(screen.getByText('buds')).toBeTruthy();
    expect(screen.getByRole('img', { name: /^Code for .*\/pot\/diary\/pot-1$/ })).toBeTruthy();
  });

  it('takes a watering at one press, and anything else with what it needs', async () => {
    await entries.clear();
    const { user } = open(PAGE);
    await user.click(await screen.findByRole('button', { name: 'Watered now, until it ran' }));
    await waitFor(async () => {
      expect(await queued()).toMatchObject([{ kind: 'watered' }]);
    });
    expect((await queued())[0]).not.toHaveProperty('volume_mL');
    await user.click(screen.getByRole('button', { name: 'Add the line' }));
    expect(screen.getByText('The weight: type a number above 0.')).toBeTruthy();
    await user.type(screen.getByLabelText(/^The whole pot weighs/), '2.5 kg');
    await user.type(screen.getByLabelText('When'), 'yesterday 16:40');
    await user.click(screen.getByRole('button', { name: 'Add the line' }));
    await waitFor(async () => {
      expect((await queued())[1]).toMatchObject({ kind: 'weighed', mass_g: 2500 });
    });
    expect(new Date(String((await queued())[1]?.at)).getUTCHours()).toBe(16);
    await user.type(screen.getByLabelText('When'), 'some day');
    await choose(screen.getByLabelText('Or'), 'seen', user);
    await user.click(screen.getByRole('button', { name: 'Add the line' }));
    expect(screen.getByText(/^Write the time as 8:15/)).toBeTruthy();
  });
});

describe('filled pots', () => {
  it('ask for the first, and keep what it was filled with', async () => {
    const told = openPage(<FilledPotsPage />, {
      at: '/pot/diary',
      path: '/pot/diary',
      answers: { ...lists({ lots: [BARK], blends: [] }), '/pots': { rows: [], total: 0 } },
    });
    const user = userEvent.setup();
    expect(await screen.findByText('Which pot did you fill?')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'A pot was filled' }));
    await user.type(await screen.findByLabelText('What it is called'), 'By the gate');
    await user.click(screen.getByRole('button', { name: 'Keep the pot' }));
    expect(await screen.findByText('Say what it was filled with.')).toBeTruthy();
    await choose(screen.getByLabelText('What is in it'), /^Bark/, user);
    await user.type(screen.getByLabelText(/^Medium, deep/), '24');
    await user.click(screen.getByRole('button', { name: 'Keep the pot' }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({
        method: 'POST',
        address: '/pots',
        body: { name: 'By the gate', mediumKind: 'lot', mediumId: BARK.id, count: 1, fill_cm: 24, stand: 'mild' },
      });
    });
  });
});

describe('the weights of a pot, drawn', () => {
  it('have what was weighed as points, and what was followed as dashes', () => {
    const predicted = [
      { at_d: 0.5, mass_g: 2000, weighed_g: 2010 },
      { at_d: 3, mass_g: 1800, weighed_g: 1790 },
    ];
    const course = [
      { at_d: 0, mass_g: 2020 },
      { at_d: 4, mass_g: 1710 },
    ];
    const { series } = weightsChart({ predicted, course })({} as ChartInk) as {
      series: { readonly type: string; readonly data: number[][] }[];
    };
    expect(series.map(({ type }) => type)).toEqual(['line', 'scatter']);
    expect(series.map(({ data }) => data)).toEqual([
      [
        [0, 2.02],
        [4, 1.71],
      ],
      [
        [0.5, 2.01],
        [3, 1.79],
      ],
    ]);
  });
});
