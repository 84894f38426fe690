import { PROTOCOLS, type Protocol } from '@bent-pail/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage } from '../testing/page';
import { idOf } from '../testing/ids';
import { CopyProtocol } from './CopyProtocol';

const base = PROTOCOLS.find((one) => one.key === 'saturate-drain-dry') as Protocol;

function open(own = false, of = base) {
  const kept: string[] = [];
  const told = openPage(
    <CopyProtocol base={of} own={own} onKept={(key) => kept.push(key)} onLeave={() => undefined} />,
    { answers: { '/protocols': [] } },
  );
  return { kept, told };
}

describe('a copy of a protocol', () => {
  it('sends only what was changed', async () => {
    const { kept, told } = open();
    const drain = screen.getByLabelText('Drain, min');
    await userEvent.clear(drain);
    await userEvent.type(drain, '45');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the copy' }));
    await waitFor(() => {
      expect(kept).toHaveLength(1);
    });
    expect(told[0]?.body).toMatchObject({
      from: 'saturate-drain-dry',
      label: 'Saturate, drain, dry, ours',
      drain_min: 45,
    });
    expect(told[0]?.body.steps).toBeUndefined();
  });

  it('of our own is its next version, under its own key', async () => {
    const ours = { ...base, key: idOf('ours'), copiedFrom: base.key };
    const { told } = open(true, ours);
    await userEvent.click(screen.getByRole('button', { name: `Keep as version ${String(base.version + 1)}` }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]?.body).toMatchObject({ key: ours.key, from: ours.key });
  });

  it('says what is no number, and sends nothing', async () => {
    const { told } = open();
    await userEvent.clear(screen.getByLabelText('Drain, min'));
    await userEvent.type(screen.getByLabelText('Drain, min'), 'an hour');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the copy' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/“an hour” is not a number/);
    expect(screen.getByLabelText('Drain, min').getAttribute('aria-invalid')).toBe('true');
    expect(told).toEqual([]);
  });

  it('has bounds for what is a number, and none for timers', () => {
    open();
    const timers = base.steps.filter((step) => step.kind === 'time').length;
    expect(screen.getAllByLabelText(/^From, /)).toHaveLength(base.steps.length - timers);
  });
});
