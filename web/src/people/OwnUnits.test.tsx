import { METRIC } from '@bent-pail/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { useStand } from '../shared/pot/standStore';
import { choose } from '../testing/choose';
import { AMERICAN, openPage } from '../testing/page';
import { OwnUnits } from './OwnUnits';
import { ThisBench } from './ThisBench';

it('a form that is opened and kept changes nothing, whatever its fields show', async () => {
  const sent = openPage(<ThisBench />, { units: AMERICAN });
  await userEvent.setup().click(screen.getByRole('button', { name: 'Keep' }));
  await screen.findByText('Kept.');
  expect(sent[0]?.body.measures).toEqual({ scoop: 2, bucket: 10, barrow: 80, handful: 0.08 });
});

describe('the units of a person', () => {
  it('are chosen all at once, or one by one', async () => {
    const sent = openPage(<OwnUnits />);
    await userEvent.setup().click(screen.getByRole('button', { name: 'US customary' }));
    await choose(screen.getByLabelText('Conductivity'), 'µS/cm');
    await waitFor(() => {
      expect(sent).toHaveLength(2);
    });
    expect(sent[0]).toMatchObject({
      method: 'PATCH',
      address: '/me',
      body: { units: { volume: 'cu ft', mass: 'oz' } },
    });
    expect(sent[1]?.body.units).toEqual({ ...METRIC, conductivity: 'µS/cm' });
  });

  it('take with them what was typed of a stand in the units of before', async () => {
    useStand.setState(({ stand }) => ({ stand: { ...stand, volume_L: '3' } }));
    openPage(<OwnUnits />);
    await userEvent.setup().click(screen.getByRole('button', { name: 'US customary' }));
    await waitFor(() => {
      expect(useStand.getState().stand.volume_L).toBe('10 L');
    });
  });
});
