import type { LearningPage } from '@bent-pail/contract';
import type { Learning, Proof } from '@bent-pail/core';
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { reliabilityChart } from './reliabilityChart';
import { TrustPage } from './TrustPage';

const air = (measured: number) => ({ property: 'air' as const, p5: 0.2, p50: 0.25, p95: 0.31, measured, below: 0.5 });

const PROOF: Proof = {
  batches: [
    { name: 'Tub mix, T-1', outcomes: [air(0.27)] },
    { name: 'Plug mix, P-1', outcomes: [air(0.4)] },
  ],
  properties: [{ property: 'air', times: 2, held: 0.5, below: 0, above: 0.5, width: 0.11 }],
  reliability: [
    { said: 0.5, held: 0.5 },
    { said: 0.9, held: 0.5 },
  ],
};

function open(proof: Proof): void {
  const page: LearningPage = {
    learning: { corrections: [], blends: [] } as unknown as Learning,
    proof,
    batches: [{ lotId: 'lot0', lotCode: 'T-1', blendId: 'b', blendName: 'Tub mix', n: 1 }],
  };
  openPage(<TrustPage />, { answers: { '/learning': page } });
}

describe('how far it can be trusted', () => {
  it('asks for a batch where none was measured yet', async () => {
    open({ batches: [], properties: [], reliability: [] });
    expect(await screen.findByRole('link', { name: 'Mix one, then weigh it' })).toBeTruthy();
  });

  it('says how many values lay within their band, and that a few say little', async () => {
    open(PROOF);
    expect(await screen.findByText('1 of 2 values within the band.')).toBeTruthy();
    expect(screen.getByText(/So few say little yet/)).toBeTruthy();
  });

  it('shows each batch with its band and what was measured, by a link to its lot', async () => {
    open(PROOF);
    expect(await screen.findByRole('img', { name: 'Air space: foreseen 0.20 to 0.31, measured 0.27' })).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Tub mix, T-1' }).getAttribute('href')).toBe('/shelf/lots/lot0');
    expect(screen.queryByRole('link', { name: 'Plug mix, P-1' })).toBeNull();
  });

  it('counts by property on which side it missed: measured above is foreseen too low', async () => {
    open(PROOF);
    const cells = within(await screen.findByRole('row', { name: /^air/i })).getAllByRole('cell');
    expect(cells.map(({ textContent }) => textContent)).toEqual(['2', '50 %', '50 %', '0 %', '0.11']);
  });

  it('reads its chart aloud', async () => {
    open(PROOF);
    expect(await screen.findByRole('img', { name: /50 % said, 50 % held; 90 % said, 50 % held/ })).toBeTruthy();
    expect(reliabilityChart(PROOF.reliability)).toBeTypeOf('function');
  });
});
