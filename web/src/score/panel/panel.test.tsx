import type { PanelPage as Panel } from '@bent-pail/contract';
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { choose } from '../../testing/choose';
import { openPage } from '../../testing/page';
import { agreements } from './agreements';
import { PanelPage } from './PanelPage';

const RATERS = ['Ann', 'Bo', 'Cy'].map((name) => ({ id: name, name }));
/** Ann marks a point lower than Bo throughout; Cy came once. */
const PAGE: Panel = {
  raters: RATERS,
  items: Array.from({ length: 9 }, (_, i) => ({
    cardId: `c${String(i)}`,
    sample: `S${String(i)}`,
    criterion: i % 2 === 0 ? 'Smell' : 'Look',
    marks: [i / 2 + 2, i / 2 + 3, i === 0 ? 9 : null],
  })),
};

describe('how far raters agree', () => {
  it('is worked out over those who marked at least half, all marks first', () => {
    const [all, look, smell] = agreements(PAGE);
    expect([all, look, smell].map((one) => [one?.criterion, one?.items])).toEqual([
      ['All marks', 9],
      ['Look', 4],
      ['Smell', 5],
    ]);
    expect(all?.leans.map(({ rater, lean }) => [rater, lean])).toEqual([
      ['Ann', -0.5],
      ['Bo', 0.5],
    ]);
    expect(all?.result.meanAbsoluteDifference).toBe(1);
    expect(all?.result.complete).toBe(9);
    expect(look?.result.checks[0]?.code).toBe('few-items');
  });

  it('of nothing is nothing', () => {
    expect(agreements({ raters: [], items: [] })).toEqual([]);
  });
});

describe('the panel', () => {
  it('shows agreement beside how far apart marks are, and who leans which way', async () => {
    openPage(<PanelPage />, { answers: { '/panel': PAGE } });
    const row = within(await screen.findByRole('row', { name: /^All marks/ }));
    expect(row.getByText('1.0')).toBeTruthy();
    expect(row.getByText(/^(poor|middling|good|excellent)$/)).toBeTruthy();
    expect(screen.getByRole('img', { name: 'Ann marks 0.5 lower' })).toBeTruthy();
    expect(screen.getByText('+0.50')).toBeTruthy();
  });

  it('draws every mark of a criterion, sample by sample, with a sign for each rater', async () => {
    openPage(<PanelPage />, { answers: { '/panel': PAGE } });
    const region = within(await screen.findByRole('region', { name: 'Every mark' }));
    expect(region.getByRole('img', { name: /^Look: S1 2\.5, 3\.5, none; S3 / })).toBeTruthy();
    // Cy marked no look.
    expect(region.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual(['Ann', 'Bo']);
    await choose(region.getByRole('combobox', { name: 'Of' }), 'Smell');
    expect(region.getByRole('img', { name: /^Smell: S0 2\.0, 3\.0, 9\.0; / })).toBeTruthy();
    expect(region.getAllByRole('listitem')).toHaveLength(3);
  });

  it('says that nothing is revealed yet', async () => {
    openPage(<PanelPage />, { answers: { '/panel': { raters: [], items: [] } } });
    expect(await screen.findByText('No panel is through yet.')).toBeTruthy();
  });
});
