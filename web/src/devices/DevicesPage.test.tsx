import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { useDevices } from '../shared/devices/deviceStore';
import { openPage } from '../testing/page';
import { DevicesPage } from './DevicesPage';
import { choose } from '../testing/choose';

const scale = () => within(screen.getByRole('region', { name: 'Scale' }));

it('asks for nothing but what it is, until one is connected', async () => {
  openPage(<DevicesPage />);
  expect(scale().queryByLabelText('Try a line')).toBeNull();
  await choose(scale().getByLabelText('It is'), /simulated/i);
  expect(useDevices.getState().settings.scale.source).toBe('simulated');
  expect(scale().getByLabelText('Try a line')).toBeTruthy();
  // The other devices stay as they were.
  expect(useDevices.getState().settings.meter.source).toBe('none');
});

it('tries a line out, and says what is wrong with a pattern', async () => {
  const user = userEvent.setup();
  openPage(<DevicesPage />);
  await choose(scale().getByLabelText('It is'), /simulated/i, user);
  await user.type(scale().getByLabelText('Try a line'), 'ST,+305.2 g');
  expect(scale().getByText('305.2 g, stable.')).toBeTruthy();
  const pattern = scale().getByLabelText(/^Line pattern/);
  await user.clear(pattern);
  await user.type(pattern, '(');
  expect(scale().getByRole('alert').textContent).toMatch(/^The pattern: /);
  expect(scale().getByLabelText('It writes').textContent).toMatch(/own/);
});

it('says so where the browser has no serial ports', async () => {
  openPage(<DevicesPage />);
  await choose(scale().getByLabelText('It is'), /serial/i);
  expect(scale().getByText(/no serial ports/)).toBeTruthy();
});
