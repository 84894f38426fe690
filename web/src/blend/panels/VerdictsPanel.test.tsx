import { VERDICT_TABLE } from '@bent-pail/core';
import { screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { usePurpose } from '../../shared/verdicts/usePurpose';
import { deskViewOf, profileCalled } from '../../testing/desk';
import { cardPageOf, sheetOf } from '../../testing/fixtures';
import { openPage } from '../../testing/page';
import { VerdictsPanel } from './VerdictsPanel';

const curing = sheetOf('maturity', {
  room: [18],
  warmest: [23, 24],
  bits: [0, 0],
  closed: [0, 0],
  bag: [0, 0],
  sown: [50, 50],
  sprouted: [47, 48],
  proven: [48, 49],
});
const lines = [
  { lotId: 'bark-graded', parts: 3 },
  { lotId: 'compost-green', parts: 1 },
];
const answers = {
  '/verdicts': VERDICT_TABLE.map((line) => ({ ...line, version: 0 })),
  '/lots/bark-graded': cardPageOf([]),
  '/lots/compost-green': cardPageOf([curing, sheetOf('weeds', { volume: [1], seedlings: [9], blank: [1] })]),
};

beforeEach(() => {
  usePurpose.setState({ use: 'containers', conditions: [] });
});

describe('whether a blend is fit for its use', () => {
  it('judges its salt and weeds as a whole, and what of a part stays by how much there is of it', async () => {
    openPage(<VerdictsPanel view={deskViewOf(lines, { profile: profileCalled('shrubs-outdoor') })} />, { answers });
    const panel = await screen.findByRole('region', { name: 'Fit for its use' });
    expect(within(panel).getByRole('heading', { name: /^Fit for pots and containers/ })).toBeTruthy();
    // Eight seedlings in a litre of a quarter of it.
    expect(within(panel).getByText('2.0 /L')).toBeTruthy();
    expect(within(panel).getByText(/25 % of the mix is more than the 10 % that it may be/)).toBeTruthy();
    expect(within(panel).getByText(/Weeds were not counted, and are taken for none, in Bark/)).toBeTruthy();
  });

  it('takes the use of its target, and asks for one where there is none', async () => {
    openPage(<VerdictsPanel view={deskViewOf(lines, { profile: profileCalled('seed-plugs') })} />, { answers });
    expect(await screen.findByRole('heading', { name: /^Fit for seed trays and plugs/ })).toBeTruthy();
    expect(screen.queryByLabelText('For')).toBeNull();
  });

  it('says what nobody looked at yet', async () => {
    openPage(<VerdictsPanel view={deskViewOf([{ lotId: 'bark-graded', parts: 1 }])} />, { answers });
    expect(await screen.findByText(/Nobody smelt its parts/)).toBeTruthy();
    expect(screen.getByLabelText('For')).toBeTruthy();
  });
});
