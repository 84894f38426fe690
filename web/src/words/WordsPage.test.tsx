import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { TermLabel } from '../shared/words/TermLabel';
import { openPage } from '../testing/page';
import { WordsPage } from './WordsPage';

it('finds a word by what it means or what it explains', () => {
  openPage(<WordsPage />, { at: '/words?find=drown', path: '/words' });
  expect(screen.getByRole('heading', { name: 'Air space' })).toBeTruthy();
  expect(screen.queryByText('Texture of a soil')).toBeNull();
});

it('says so where none does', () => {
  openPage(<WordsPage />, { at: '/words?find=spaceship', path: '/words' });
  expect(screen.getByText('No word here says that.')).toBeTruthy();
});

it('a figure’s name tells what it means and why it matters', async () => {
  openPage(<TermLabel of="ec_dSm" words="EC, 1:2 at 25 °C" />);
  await userEvent.setup().click(screen.getByRole('button', { name: 'EC, 1:2 at 25 °C' }));
  expect(screen.getByText(/the salts that are dissolved/)).toBeTruthy();
  expect(screen.getByText(/burns seedlings/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'All words' })).toBeTruthy();
});
