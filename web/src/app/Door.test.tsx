import type { SessionState } from '@bent-pail/contract';
import { METRIC, USUAL_MEASURES_L } from '@bent-pail/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { queryClient, sessionQuery } from '../shared/resources/client';
import { NOW, openPage } from '../testing/page';
import { Door } from './Door';

const session = (more: Partial<SessionState>): SessionState => ({
  notebook: {
    place: 'The potting shed',
    currency: '£',
    zone: 'UTC',
    measures: USUAL_MEASURES_L,
    hours: { from_h: 7, to_h: 17 },
    handfuls: {},
    version: 1,
  },
  demo: false,
  needsFirstLead: false,
  now: NOW,
  ...more,
});
const inside = session({ me: { id: 'u', name: 'Ann', role: 'lead', singleKeys: true, units: METRIC } });

describe('the door', () => {
  it('opens the demo with one click, and says that anyone can', async () => {
    const told = openPage(<Door session={session({ demo: true })} />, { answers: { '/session/demo': inside } });
    expect(screen.getByText(/demo with made-up data. Anyone at this computer/)).toBeTruthy();
    await userEvent.setup().click(screen.getByRole('button', { name: 'Open as Isla Brandreth, lead' }));
    expect(told).toEqual([{ method: 'POST', address: '/session/demo', body: { name: 'Isla Brandreth' } }]);
    expect(queryClient.getQueryData(sessionQuery.queryKey)?.me?.name).toBe('Ann');
  });

  it('forgets what the one before saw', async () => {
    openPage(<Door session={session({ demo: true })} />, { answers: { '/session/demo': inside } });
    queryClient.setQueryData(['lots'], ['a secret']);
    await userEvent.setup().click(screen.getByRole('button', { name: /Visitor/ }));
    expect(queryClient.getQueryData(['lots'])).toBeUndefined();
  });

  it('stays open where an older question, asked while nobody was signed in, is answered after it', async () => {
    let answer: (state: SessionState) => void = () => undefined;
    const late = new Promise<SessionState>((resolve) => {
      answer = resolve;
    });
    openPage(<Door session={session({ demo: true })} />, { answers: { '/session/demo': inside } });
    const older = queryClient.query({ ...sessionQuery, queryFn: () => late, staleTime: 0 }).catch(() => undefined);
    await userEvent.setup().click(screen.getByRole('button', { name: /Visitor/ }));
    answer(session({ demo: true }));
    await older;
    expect(queryClient.getQueryData(sessionQuery.queryKey)?.me?.name).toBe('Ann');
  });

  it('asks for name and password in a notebook of one’s own, and says when they are wrong', async () => {
    const user = userEvent.setup();
    const told = openPage(<Door session={session({})} />);
    expect(await screen.findByRole('heading', { name: 'Sign in to The potting shed' })).toBeTruthy();
    expect(screen.queryByText(/demo/)).toBeNull();
    await user.type(screen.getByLabelText('Name'), 'Ann');
    await user.type(screen.getByLabelText('Password'), 'a pail of water');
    await user.click(screen.getByRole('button', { name: 'Sign in' }));
    expect(told).toEqual([{ method: 'POST', address: '/session', body: { name: 'Ann', password: 'a pail of water' } }]);
  });

  it('lets the first one in name the place and become lead', async () => {
    const user = userEvent.setup();
    const told = openPage(<Door session={session({ needsFirstLead: true })} />, { answers: { '/first-lead': inside } });
    await user.type(await screen.findByLabelText('Where is this bench?'), 'Shed');
    await user.type(screen.getByLabelText('Your name'), 'Ann');
    await user.type(screen.getByLabelText(/at least 10/), 'a pail of water');
    await user.click(screen.getByRole('button', { name: 'Open the notebook' }));
    expect(told[0]).toEqual({
      method: 'POST',
      address: '/first-lead',
      body: { place: 'Shed', name: 'Ann', password: 'a pail of water' },
    });
  });
});
