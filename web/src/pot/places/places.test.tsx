import type { PlaceRow } from '@bent-pail/contract';
import { CLIMATES } from '@bent-pail/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { ChartInk } from '../../shared/chart/ink';
import { choose } from '../../testing/choose';
import { openPage } from '../../testing/page';
import { climateChart } from './climateChart';
import { PlacesPage } from './PlacesPage';

const months = Array.from({ length: 12 }, (_, i) => ({ mmPerD: i === 6 ? 5 : 2, rain_mmPerD: 1 }));
const LANE: PlaceRow = {
  id: '0190a000-0000-7000-8000-000000000001',
  name: 'The lane',
  months,
  windy: true,
  on: 'ground',
  soil: 'clay',
  hardness_mgL: 320,
  pots: 3,
  top_m2: 0.2,
  topUp_L: 4.25,
};

function open(places: readonly PlaceRow[], role: 'tester' | 'reader' = 'tester') {
  const told = openPage(<PlacesPage />, {
    role,
    at: '/pot/places',
    path: '/pot/places',
    answers: { '/places': places, 'POST /places': [LANE] },
  });
  return { told, user: userEvent.setup() };
}

describe('places', () => {
  it('tell their year, what lies well on top, what their pots take, and what is to be minded', async () => {
    open([LANE]);
    const lane = within(await screen.findByRole('region', { name: 'The lane' }));
    expect(lane.getByText('on the ground, windy, over clay, water of 320 mg/L hardness')).toBeTruthy();
    const row = (name: RegExp) => lane.getByRole('row', { name }).textContent;
    expect(row(/^fine mulch/)).toMatch(/not here.*Wind blows it away/);
    expect(row(/^coarse bark/)).toContain('belongs here');
    expect(lane.getByText('4.3 L')).toBeTruthy();
    expect(lane.getByText('2.0 L')).toBeTruthy();
    expect(lane.getByText(/^Hard water limes/)).toBeTruthy();
  });

  it('begin from a climate, are corrected by month, and kept whole', async () => {
    const { told, user } = open([]);
    expect(await screen.findByText('Where do your pots stand?')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'A place' }));
    await user.type(await screen.findByLabelText('What it is called'), 'Terrace');
    await choose(screen.getByLabelText('Its year is'), 'dry summer, wet winter', user);
    await user.click(screen.getByRole('button', { name: 'Month by month' }));
    const july = within(screen.getByRole('group', { name: 'July' }));
    await user.clear(july.getByLabelText('Taken, mm'));
    await user.type(july.getByLabelText('Taken, mm'), '7,5');
    await user.click(screen.getByLabelText('wind blows there'));
    await user.click(screen.getByRole('button', { name: 'Keep the place' }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({ method: 'POST', address: '/places', body: { name: 'Terrace', windy: true } });
    });
    const dry = CLIMATES.find(({ key }) => key === 'dry-summer')?.months.map((one) => ({ ...one })) ?? [];
    dry[6] = { mmPerD: 7.5, rain_mmPerD: 0.1 };
    expect(told[0]?.body.months).toEqual(dry);
    expect(told[0]?.body).not.toHaveProperty('soil');
    expect(await screen.findByRole('region', { name: 'The lane' })).toBeTruthy();
  });

  it('are corrected with their own id, and only read by readers', async () => {
    const { told, user } = open([LANE]);
    await user.click(await screen.findByRole('button', { name: 'Correct The lane' }));
    await user.clear(await screen.findByLabelText('What it is called'));
    await user.type(screen.getByLabelText('What it is called'), 'Lane, east');
    await user.click(screen.getByRole('button', { name: 'Keep the place' }));
    await waitFor(() => {
      const { pots: _pots, top_m2: _top, topUp_L: _litres, ...said } = LANE;
      expect(told[0]?.body).toEqual({ ...said, name: 'Lane, east' });
    });
  });

  it('are corrected by nobody who only reads', async () => {
    open([LANE], 'reader');
    await screen.findByRole('region', { name: 'The lane' });
    expect(screen.queryByRole('button', { name: /^Correct/ })).toBeNull();
    expect(screen.queryByRole('button', { name: 'A place' })).toBeNull();
  });
});

it('a climate is drawn with its rain and its thirst, month by month', () => {
  const { series, yAxis } = climateChart(months)({} as ChartInk) as {
    series: { readonly data: number[] }[];
    yAxis: { readonly max: number };
  };
  expect(series.map(({ data }) => data[6])).toEqual([1, 5]);
  expect(yAxis.max).toBe(5);
});
