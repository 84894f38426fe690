import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { openPage } from '../testing/page';
import { OwnSessions } from './OwnSessions';

it('names each place one is signed in at, and signs out of another one', async () => {
  const told = openPage(<OwnSessions />, {
    answers: {
      '/me/sessions': [
        { key: 'a1', device: 'Firefox, Linux', since: '2026-11-24T09:14:00Z', isThis: true },
        { key: 'b2', device: '', since: '2026-11-20T16:02:00Z', isThis: false },
      ],
      'DELETE /me/sessions/b2': undefined,
    },
  });
  expect(await screen.findByRole('row', { name: /^Firefox, Linux since .*09:14 here$/ })).toBeTruthy();
  const out = screen.getAllByRole('button');
  expect(out).toHaveLength(1);
  expect(out[0]?.getAttribute('aria-label')).toMatch(
    /^Sign out a device that did not say what it is, since 20 Nov, 16:02$/,
  );
  await userEvent.click(out[0] as HTMLElement);
  expect(told.map(({ method, address }) => `${method} ${address}`)).toContain('DELETE /me/sessions/b2');
});
