import type { BlendPage } from '@bent-pail/contract';
import { screen, within } from '@testing-library/react';
import { expect, it } from 'vitest';
import { blendRow, SHELF } from '../../testing/desk';
import { openPage } from '../../testing/page';
import { PrintBlendPage } from './PrintBlendPage';

const page = (id: string, name: string): BlendPage => {
  const lines = SHELF.slice(0, 2).map(({ id: lotId }, i) => ({ lotId, parts: i === 0 ? 3 : 1 }));
  const { latest } = blendRow(id, name, lines);
  return {
    id,
    name,
    versions: [
      { ...latest, n: 2, reason: 'it stayed too wet' },
      { ...latest, id: `${id}-0`, n: 1 },
    ],
  };
};

it('has the newest recipe, what was predicted, and the versions before it', async () => {
  openPage(<PrintBlendPage />, {
    at: '/blend/b/print',
    path: '/blend/:id/print',
    answers: { '/blends/b': page('b', 'Bark mix') },
  });
  expect(await screen.findByRole('heading', { name: 'Bark mix, version 2' })).toBeTruthy();
  expect(screen.getByText(/it stayed too wet\. Tollgarth/)).toBeTruthy();
  const first = screen.getByRole('row', { name: new RegExp(`^${SHELF[0]?.name ?? ''}`) });
  expect(within(first).getByText('75 %')).toBeTruthy();
  expect(screen.getByRole('row', { name: /^Air space/ }).textContent).toMatch(/0\.\d{3}$/);
  expect(screen.getByText(/^Version 1/)).toBeTruthy();
});

it('puts several one after the other', async () => {
  openPage(<PrintBlendPage />, {
    at: '/blend/print?blends=a,b,a',
    answers: { '/blends/a': page('a', 'Scree'), '/blends/b': page('b', 'Bark mix') },
  });
  expect(await screen.findByRole('region', { name: 'Scree' })).toBeTruthy();
  expect(await screen.findByRole('region', { name: 'Bark mix' })).toBeTruthy();
  expect(screen.getAllByRole('region')).toHaveLength(2);
});
