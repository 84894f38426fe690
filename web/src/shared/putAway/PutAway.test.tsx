import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { PutAway, WasPutAway } from './PutAway';

const thing = { address: '/blends/b', queryKey: ['blends'], name: 'Bark mix', archived: false };

describe('something that is put away', () => {
  it('is asked about first', async () => {
    const told = openPage(<PutAway {...thing} />);
    await userEvent.click(screen.getByRole('button', { name: 'Put it away' }));
    expect(told).toEqual([]);
    const dialog = await screen.findByRole('dialog', { name: 'Put Bark mix away?' });
    await userEvent.click(screen.getAllByRole('button', { name: 'Put it away' }).at(-1) as HTMLElement);
    await waitFor(() => {
      expect(told).toEqual([{ method: 'PATCH', address: '/blends/b', body: { archived: true } }]);
    });
    await waitFor(() => {
      expect(dialog.isConnected).toBe(false);
    });
  });

  it('says what rests on it where it cannot go', async () => {
    openPage(<PutAway {...thing} />, { answers: { 'PATCH /blends/b': undefined } });
    const refusal = { error: { code: 'conflict', message: 'Bay rests on it; put that away or change it first.' } };
    globalThis.fetch = () => Promise.resolve(new Response(JSON.stringify(refusal), { status: 409 }));
    await userEvent.click(screen.getByRole('button', { name: 'Put it away' }));
    await userEvent.click(screen.getAllByRole('button', { name: 'Put it away' }).at(-1) as HTMLElement);
    expect(await screen.findByText(/^Bay rests on it/)).toBeTruthy();
    expect(screen.getByRole('dialog')).toBeTruthy();
  });

  it('says so, and comes back', async () => {
    const told = openPage(<WasPutAway {...thing} archived />);
    expect(screen.getByText(/^Bark mix is put away/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Bring it back' }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({ address: '/blends/b', body: { archived: false } });
    });
  });

  it('is nothing that a reader puts away or brings back', () => {
    openPage(
      <>
        <PutAway {...thing} />
        <WasPutAway {...thing} archived />
      </>,
      { role: 'reader' },
    );
    expect(screen.queryByRole('button')).toBeNull();
  });
});
