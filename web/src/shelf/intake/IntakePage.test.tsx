import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { cardPageOf, sheetOf } from '../../testing/fixtures';
import { openPage } from '../../testing/page';
import { IntakePage } from './IntakePage';

const at = { at: '/shelf/lots/lot/intake', path: '/shelf/lots/:id/intake' };
const poured = sheetOf('bag-volume', { volume: [36] });
const smelt = sheetOf('smell', { smell: [3, 3] }, { id: 'smelt', number: 8 });

describe('the intake of a bag', () => {
  it('holds the label against what was poured out, and prices the real litre', async () => {
    const page = cardPageOf([poured], { price: 9, packVolume_L: 40 });
    openPage(<IntakePage />, { ...at, answers: { '/lots/lot': page } });
    expect(await screen.findByText('The label says 40 L; poured out it was 10 % less.')).toBeDefined();
    expect(screen.getByRole('img', { name: 'Label 40 L, poured out 36.0 L' })).toBeDefined();
    expect(screen.getByRole('button', { name: /Price of one real litre: 0.25/ })).toBeDefined();
  });

  it('counts what was asked, and offers the first question that was not', async () => {
    openPage(<IntakePage />, { ...at, answers: { '/lots/lot': cardPageOf([poured, smelt]) } });
    expect(await screen.findByText('2 of 12')).toBeDefined();
    expect(screen.getByText('sour')).toBeDefined();
    expect(screen.getByRole('link', { name: 'Next check' }).getAttribute('href')).toBe('/bench?lot=lot&protocol=look');
    expect(screen.getAllByRole('link', { name: 'Check it' })).toHaveLength(10);
    expect(screen.getAllByRole('link', { name: 'again' })).toHaveLength(2);
  });

  it('says that one bag alone says nothing of the next', async () => {
    openPage(<IntakePage />, { ...at, answers: { '/lots/lot': cardPageOf([]) } });
    expect(await screen.findByText(/One bag alone says nothing of the next/)).toBeDefined();
  });

  it('offers a reader nothing to press', async () => {
    openPage(<IntakePage />, { ...at, role: 'reader', answers: { '/lots/lot': cardPageOf([poured]) } });
    await screen.findByText('1 of 12');
    expect(screen.queryByRole('link', { name: /Check it|Next check|again/ })).toBeNull();
  });
});
