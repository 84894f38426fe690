import type { RaterSheet } from '@bent-pail/contract';
import { RUBRICS, type Rubric } from '@bent-pail/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage, type Told } from '../testing/page';
import { RatePage } from './RatePage';
import { isTicked } from '../testing/choose';

const ID = '0190a000-0000-7000-8000-0000000000c1';
const rated = (criterion: string, value: number) => ({ criterion, value, tags: [] });
const sheetWith = (more: Partial<RaterSheet> = {}): RaterSheet => ({
  scorecardId: ID,
  sampleCode: 'K7',
  rubric: RUBRICS[0] as Rubric,
  ratings: [],
  handedIn: false,
  raters: 3,
  ratersIn: 1,
  ...more,
});
const at = (address: string): string => `/sheets/${ID}${address}`;

/** A rater's sheet; `then` is what the server answers to each mark and to the hand-in. */
function rate(sheet: RaterSheet, then: RaterSheet = sheet): readonly Told[] {
  const marks = ['smell', 'look', 'feel'].map((name) => [at(`/ratings/${name}`), then] as const);
  return openPage(<RatePage />, {
    role: 'panellist',
    at: `/score/sheets/${ID}`,
    path: '/score/sheets/:id',
    answers: {
      [at('')]: sheet,
      ...Object.fromEntries(marks),
      [at('/hand-in')]: { ...then, handedIn: true, ratersIn: 2 },
    },
  });
}

describe('a rater’s sheet', () => {
  it('is blind, and begins with nothing said', async () => {
    rate(sheetWith());
    expect(await screen.findByText('K7')).toBeTruthy();
    expect(screen.getByText(/0 of 3 scored. Blind until all 3 are in/)).toBeTruthy();
    expect(screen.getByRole('slider', { name: 'Smell, 0 to 10' }).getAttribute('aria-valuetext')).toBe(
      'not scored yet',
    );
    expect(screen.getByRole('button', { name: /^Keep, next: look/ }).hasAttribute('disabled')).toBe(true);
    expect(screen.getByText(/nose well away/)).toBeTruthy();
  });

  it('goes up and down by halves, within 0 and 10, and says the word beside it', async () => {
    const user = userEvent.setup();
    rate(sheetWith({ ratings: [rated('look', 10)] }));
    await user.click(await screen.findByRole('button', { name: 'Look ✓' }));
    await user.click(screen.getByRole('button', { name: 'Half a point more' }));
    expect(screen.getByRole('slider').getAttribute('aria-valuenow')).toBe('10');
    await user.click(screen.getByRole('button', { name: /^Smell/ }));
    await user.click(screen.getByRole('button', { name: 'Half a point less' }));
    expect(screen.getByRole('slider').getAttribute('aria-valuenow')).toBe('4.5');
    expect(screen.getAllByText('no smell')).not.toHaveLength(0);
  });

  it('keeps a mark with its tags and goes on to the next', async () => {
    const user = userEvent.setup();
    const told = rate(sheetWith(), sheetWith({ ratings: [rated('smell', 5.5)] }));
    await user.click(await screen.findByRole('button', { name: 'Half a point more' }));
    await user.click(screen.getByLabelText('mould'));
    await user.click(screen.getByRole('button', { name: /^Keep, next: look/ }));
    expect(told).toEqual([{ method: 'PUT', address: at('/ratings/smell'), body: { value: 5.5, tags: ['mould'] } }]);
    expect(await screen.findByRole('heading', { name: 'Look' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Smell ✓' })).toBeTruthy();
  });

  it('loses no mark that was moved and not kept while another one is looked at', async () => {
    const user = userEvent.setup();
    rate(sheetWith());
    await user.click(await screen.findByRole('button', { name: 'Half a point more' }));
    await user.click(screen.getByLabelText('sour'));
    await user.click(screen.getByRole('button', { name: 'Feel' }));
    await user.click(screen.getByRole('button', { name: 'Smell …' }));
    expect(screen.getByRole('slider').getAttribute('aria-valuenow')).toBe('5.5');
    expect(isTicked(screen.getByLabelText('sour'))).toBe(true);
  });

  it('hands in with every mark that was moved, once all have one', async () => {
    const user = userEvent.setup();
    const all = sheetWith({ ratings: [rated('smell', 6), rated('look', 7)] });
    const told = rate(all);
    await user.click(await screen.findByRole('button', { name: 'Smell ✓' }));
    await user.click(screen.getByRole('button', { name: 'Half a point more' }));
    await user.click(screen.getByRole('button', { name: 'Feel' }));
    await user.click(screen.getByRole('button', { name: 'Half a point less' }));
    await user.click(screen.getByRole('button', { name: 'Hand the sheet in' }));
    expect(await screen.findByText('Handed in. Thank you.')).toBeTruthy();
    expect(screen.getByText('2 of 3 raters have handed in. The marks open when all have.')).toBeTruthy();
    expect(told.map(({ address, body }) => [address, body.value])).toEqual([
      [at('/ratings/smell'), 6.5],
      [at('/ratings/feel'), 4.5],
      [at('/hand-in'), undefined],
    ]);
  });

  it('thanks when all are in', async () => {
    rate(sheetWith({ handedIn: true, ratersIn: 3 }));
    expect(await screen.findByText('All are in. Thank you.')).toBeTruthy();
  });
});
