import type { RaterSheet } from '@bent-pail/contract';
import { RUBRICS, type Rubric } from '@bent-pail/core';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage, type Told } from '../../testing/page';
import { RatePage } from './RatePage';
import { isTicked } from '../../testing/choose';

const ID = '0190a000-0000-7000-8000-0000000000c1';
const rated = (criterion: string, value: number) => ({ criterion, value, tags: [], words: '' });
const sheetWith = (more: Partial<RaterSheet> = {}): RaterSheet => ({
  scorecardId: ID,
  sittingLabel: 'Spring bags',
  place: 1,
  samples: 1,
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
    await user.click(screen.getByRole('button', { name: /half a point more/ }));
    expect(screen.getByRole('slider').getAttribute('aria-valuenow')).toBe('10');
    await user.click(screen.getByRole('button', { name: /^Smell/ }));
    await user.click(screen.getByRole('button', { name: /half a point less/ }));
    expect(screen.getByRole('slider').getAttribute('aria-valuenow')).toBe('4.5');
    expect(screen.getAllByText('no smell')).not.toHaveLength(0);
  });

  it('keeps a mark with its tags and goes on to the next', async () => {
    const user = userEvent.setup();
    const told = rate(sheetWith(), sheetWith({ ratings: [rated('smell', 5.5)] }));
    await user.click(await screen.findByRole('button', { name: /half a point more/ }));
    await user.click(screen.getByLabelText('mould'));
    await user.click(screen.getByRole('button', { name: /^Keep, next: look/ }));
    expect(told).toEqual([
      { method: 'PUT', address: at('/ratings/smell'), body: { value: 5.5, tags: ['mould'], words: '' } },
    ]);
    expect(await screen.findByRole('heading', { name: 'Look' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Smell ✓' })).toBeTruthy();
  });

  it('loses no mark that was moved and not kept while another one is looked at', async () => {
    const user = userEvent.setup();
    rate(sheetWith());
    await user.click(await screen.findByRole('button', { name: /half a point more/ }));
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
    await user.click(screen.getByRole('button', { name: /half a point more/ }));
    await user.click(screen.getByRole('button', { name: 'Feel' }));
    await user.click(screen.getByRole('button', { name: /half a point less/ }));
    await user.click(screen.getByRole('button', { name: 'Hand the sheet in' }));
    expect(await screen.findByText('Handed in. Thank you.')).toBeTruthy();
    expect(screen.getByText('2 of 3 raters have handed in. Marks open once everyone has handed in.')).toBeTruthy();
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

  it('keeps marks that are not kept yet through a reload, for this rater and this sheet', async () => {
    const user = userEvent.setup();
    rate(sheetWith());
    await user.click(await screen.findByRole('button', { name: /half a point more/ }));
    await user.type(screen.getByLabelText('In your words'), 'wet shed');
    cleanup();
    rate(sheetWith());
    expect((await screen.findByRole('slider')).getAttribute('aria-valuenow')).toBe('5.5');
    expect(screen.getByLabelText<HTMLInputElement>('In your words').value).toBe('wet shed');
  });

  it('says what to do with mould, and that long words are too long', async () => {
    const user = userEvent.setup();
    rate(sheetWith());
    await user.click(await screen.findByRole('button', { name: /half a point more/ }));
    expect(screen.queryByText(/Do not smell or stir it any further/)).toBeNull();
    await user.click(screen.getByLabelText('mould'));
    expect(screen.getByText(/Do not smell or stir it any further/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText('In your words'), { target: { value: 'x'.repeat(201) } });
    expect(screen.getByText('Keep it under 200 letters.')).toBeTruthy();
    expect(screen.getByRole('button', { name: /^Keep, next/ }).hasAttribute('disabled')).toBe(true);
  });

  it('leads on to the next sample in the rater’s own order', async () => {
    rate(sheetWith({ handedIn: true, place: 1, samples: 3, next: { scorecardId: 'c9', sampleCode: 'D5' } }));
    const next = await screen.findByRole('link', { name: 'Next: sample D5' });
    expect(next.getAttribute('href')).toBe('/score/sheets/c9');
  });

  it('says why a sheet was closed', async () => {
    rate(sheetWith({ excused: 'has a cold' }));
    expect(await screen.findByText('The panel goes on without it: has a cold.')).toBeTruthy();
    expect(screen.queryByRole('slider')).toBeNull();
  });

  it('takes from a rater that they know what it is', async () => {
    const user = userEvent.setup();
    const told = openPage(<RatePage />, {
      role: 'panellist',
      at: `/score/sheets/${ID}`,
      path: '/score/sheets/:id',
      answers: { [at('')]: sheetWith(), [at('/known')]: sheetWith({ knows: 'filled the cups' }) },
    });
    await user.click(await screen.findByRole('button', { name: 'I know what this is' }));
    await user.type(screen.getByLabelText('How do you know it?'), 'filled the cups');
    await user.click(screen.getByRole('button', { name: 'Mark me as not blind' }));
    expect(await screen.findByText(/^Marked as not blind: filled the cups/)).toBeTruthy();
    expect(told).toEqual([{ method: 'POST', address: at('/known'), body: { reason: 'filled the cups' } }]);
  });

  it('begins with the warm-up: marks first, then what is known beside them', async () => {
    const user = userEvent.setup();
    const warmUp = { sittingId: 'g1', sampleCode: 'B9', what: 'leaf mould', criteria: ['smell'], marks: [] };
    const known = [{ criterion: 'smell', value: 7 }];
    const marked = { ...warmUp, marks: [{ criterion: 'smell', value: 5.5 }], known };
    const said = { off: 1.5, lean: -1.5, sentence: 'You mark lower than what is known.' };
    const told = openPage(<RatePage />, {
      role: 'panellist',
      at: `/score/sheets/${ID}`,
      path: '/score/sheets/:id',
      answers: {
        [at('')]: sheetWith({ warmUp }),
        [at('/warm-up/smell')]: sheetWith({ warmUp: { ...marked, said } }),
      },
    });
    expect(await screen.findByText('B9')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /half a point more/ }));
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText('You mark lower than what is known.')).toBeTruthy();
    const row = within(screen.getByRole('row', { name: /^Smell/ }));
    expect(row.getAllByRole('cell').map(({ textContent }) => textContent)).toEqual(['5.5', '7.0']);
    expect(told).toEqual([{ method: 'PUT', address: at('/warm-up/smell'), body: { value: 5.5 } }]);
    await user.click(screen.getByRole('button', { name: 'Go on to sample K7' }));
    expect(await screen.findByRole('heading', { name: 'Smell' })).toBeTruthy();
    expect(screen.getByText('K7')).toBeTruthy();
  });
});
