import type { LearningPage as PageData } from '@bent-pail/contract';
import type { Correction, Learning } from '@bent-pail/core';
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { LearningPage } from './LearningPage';

const correction = (more: Partial<Correction>): Correction => ({
  key: 'kappa',
  value: 1.31,
  sd: 0.2,
  batchOut: { before: 2.4, after: 1.1, gain: 1.3, gain_se: 0.4, times: 6 },
  used: true,
  ...more,
});

const batch = (name: string, measured: number) => ({
  name,
  properties: [{ property: 'air' as const, measured, se: 0.01, predicted: 0.25, corrected: 0.24 }],
});

function open(learning: Partial<Learning>): void {
  const blends = learning.blends ?? [batch('Tub mix', 0.22), batch('Plug mix', 0.26)];
  const page: PageData = {
    proof: { batches: [], properties: [], reliability: [] },
    learning: { corrections: [], ...learning, blends } as unknown as Learning,
    batches: blends.map(({ name }, i) => ({
      lotId: `lot${String(i)}`,
      lotCode: 'B',
      blendId: 'b',
      blendName: name,
      n: 1,
    })),
  };
  openPage(<LearningPage />, { answers: { '/learning': page } });
}

describe('what the bench taught', () => {
  it('is nothing before a batch was measured', async () => {
    open({ blends: [] });
    expect(await screen.findByRole('link', { name: 'Mix one, then weigh it' })).toBeTruthy();
  });

  it('says from how many batches on it asks for more, and where its trust is told', async () => {
    open({});
    expect(await screen.findByText(/^From 3 measured batches on/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'How far it can be trusted' }).getAttribute('href')).toBe('/blend/trust');
  });

  it('tells measured less predicted, bold where it is more than twice what is doubted', async () => {
    open({});
    const far = within(await screen.findByRole('row', { name: /^Tub mix/ })).getByText('−0.03');
    expect(far.tagName).toBe('B');
    const near = within(screen.getByRole('row', { name: /^Plug mix/ })).getByText('+0.01');
    expect(near.tagName).toBe('TD');
    expect(screen.getByRole('link', { name: 'Tub mix' }).getAttribute('href')).toBe('/shelf/lots/lot0');
  });

  it('says which correction is used and which refused, each with the error before and after', async () => {
    open({
      corrections: [
        correction({}),
        correction({
          key: 'pair',
          pair: { materials: ['b', 'c'], names: ['Bark', 'Coir'] },
          used: false,
          lotOut: { before: 2.2, after: 2.1, gain: 0.1, gain_se: 0.3, times: 3 },
        }),
        correction({ key: 'air', value: -0.012, sd: 0.004 }),
      ],
    });
    const [kappa, pair, air] = await screen.findAllByRole('article');
    expect(kappa?.textContent).toContain('used131 % of what the packing model says ± 0.20');
    expect(kappa?.textContent).toContain('left out one at a time: off by 2.40 before, 1.10 after');
    expect(kappa?.textContent).not.toContain('Chance alone');
    expect(pair?.textContent).toContain('Bark with Coir not used');
    expect(pair?.textContent).toContain('All batches of a lot left out at a time: off by 2.20 before, 2.10 after');
    expect(pair?.textContent).toContain('Chance alone may look like this');
    expect(air?.textContent).toMatch(/[-−]0\.012 on every blend ± 0\.004/);
  });

  it('reads its charts aloud', async () => {
    open({});
    expect(
      await screen.findByRole('img', { name: /predicted 0\.25, measured 0\.22; predicted 0\.25, measured 0\.26/ }),
    ).toBeTruthy();
  });
});
