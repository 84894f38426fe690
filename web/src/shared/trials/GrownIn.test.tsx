import type { TrialRow } from '@bent-pail/contract';
import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { pageOf } from '../../testing/lists';
import { openPage } from '../../testing/page';
import { GrownIn } from './GrownIn';

const trial: TrialRow = {
  id: 't1',
  name: 'Autumn',
  question: 'Which?',
  state: 'finished',
  media: ['Peat', 'House mix'],
  species: ['Cress'],
  sownOn: '2026-11-10',
  reference: 'Peat',
  plots: 8,
  readings: 60,
  ratios: [
    { name: 'House mix', ratio: 1.05, se: 0.055, species: [], mediumId: 'b1', mediumN: 2 },
    { name: 'Bark', ratio: 0.7, se: 0.02, species: [], mediumId: 'l2' },
  ],
};

it('tells of a blend how each version grew beside the reference', async () => {
  openPage(<GrownIn of={{ blend: 'b1' }} />, { answers: { '/trials': pageOf([trial]) } });
  expect((await screen.findByText(/of what grew in/)).textContent).toBe(
    'Autumn, sown 10 Nov: version 2 1.05 ± 0.11 of what grew in Peat.',
  );
});

it('says of the reference itself that nothing can be told of it', async () => {
  openPage(<GrownIn of={{ lot: 'l1' }} />, { answers: { '/trials': pageOf([trial]) } });
  expect(await screen.findByText(/it was the reference/)).toBeTruthy();
});
