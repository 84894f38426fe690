import type { SittingPage as Page, SittingRater } from '@bent-pail/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { idOf } from '../../testing/ids';
import { openPage, type Told } from '../../testing/page';
import { SittingPage } from './SittingPage';

const rater = (name: string, more: Partial<SittingRater> = {}): SittingRater => ({
  id: idOf(name),
  name,
  handedIn: [],
  marked: 0,
  toMark: 6,
  knows: [],
  ...more,
});

const SITTING: Page = {
  id: 'g1',
  label: 'Spring bags',
  rubricLabel: 'Pots, all-round',
  openedBy: 'Tam',
  openedAt: '2026-11-24T08:00:00Z',
  revealed: false,
  samples: [
    {
      cardId: 'c1',
      sampleCode: 'K7',
      toAgree: 0,
      product: { lotId: 'bag', name: 'Moorland', lotCode: 'MA-1' },
    },
    { cardId: 'c2', sampleCode: 'D5', toAgree: 0 },
  ],
  raters: [
    rater('Wyn', { handedIn: ['c1', 'c2'], marked: 6 }),
    rater('Petra', { handedIn: ['c1'], marked: 4, knows: [{ cardId: 'c1', reason: 'filled the cups' }] }),
    rater('Isla', { excused: 'has a cold' }),
  ],
};

const people = ['Wyn', 'Petra', 'Isla', 'Late'].map((name) => ({
  id: idOf(name),
  name,
  role: 'panellist',
  active: true,
}));

const open = (more: Partial<Page> = {}, role: 'lead' | 'reader' = 'lead'): readonly Told[] =>
  openPage(<SittingPage />, {
    role,
    at: '/score/sittings/g1',
    path: '/score/sittings/:id',
    answers: {
      '/sittings/g1': { ...SITTING, ...more },
      '/users': people,
      '/panel': {
        raters: [{ id: idOf('Wyn'), name: 'Wyn' }],
        items: [
          { cardId: 'c1', sample: 'Moorland, MA-1', criterion: 'Smell', marks: [7] },
          { cardId: 'elsewhere', sample: 'Other, O-1', criterion: 'Smell', marks: [2] },
        ],
      },
      '/sittings/g1/raters': SITTING,
      [`/sittings/g1/raters/${idOf('Petra')}/excused`]: SITTING,
    },
  });

describe('a sitting', () => {
  it('says whose sheets are in, sample by sample, who is not blind and who does not come; never a mark', async () => {
    open();
    // Two of Wyn's, one of Petra's, and none of Isla's is waited for.
    expect(await screen.findByText(/^Blind: 3 of 4 sheets are in/)).toBeTruthy();
    const petra = within(screen.getByRole('row', { name: /^Petra/ }));
    expect(petra.getAllByRole('img').map((dot) => dot.getAttribute('aria-label'))).toEqual(['K7: in', 'D5: out']);
    expect(petra.getByText('not blind on 1: filled the cups')).toBeTruthy();
    expect(petra.getByText('4 of 6')).toBeTruthy();
    const isla = within(screen.getByRole('row', { name: /^Isla/ }));
    expect(isla.getByText('closed without them: has a cold')).toBeTruthy();
    expect(isla.getAllByRole('img').map((dot) => dot.getAttribute('aria-label'))).toEqual(['K7: closed', 'D5: closed']);
  });

  it('shows what is behind a code to whoever may know, and covers it else', async () => {
    open();
    expect((await screen.findByRole('link', { name: 'Moorland, MA-1' })).getAttribute('href')).toBe('/score/cards/c1');
    const covered = within(screen.getByRole('row', { name: /^D5/ }));
    expect(covered.getByText('covered while you judge it')).toBeTruthy();
  });

  it('takes somebody who comes late, and goes on without somebody who does not, with the reason', async () => {
    const user = userEvent.setup();
    const told = open();
    await user.click(await screen.findByRole('combobox', { name: 'Somebody comes late' }));
    await user.click(await screen.findByRole('option', { name: 'Late' }));
    await user.click(screen.getByRole('button', { name: 'Let them rate too' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({ address: '/sittings/g1/raters', body: { raterId: idOf('Late') } });
    expect(screen.queryByRole('button', { name: 'Go on without Wyn' })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Go on without Petra' }));
    await user.type(screen.getByLabelText('Why'), 'had to leave');
    await user.click(screen.getByRole('button', { name: 'Close their sheets' }));
    await waitFor(() => {
      expect(told[1]).toMatchObject({
        address: `/sittings/g1/raters/${idOf('Petra')}/excused`,
        body: { reason: 'had to leave' },
      });
    });
  });

  it('once open says what is to be agreed on and how near the warm-up was, and takes nobody any more', async () => {
    open({
      revealed: true,
      samples: SITTING.samples.map((sample) => ({ ...sample, toAgree: 2 })),
      raters: [rater('Wyn', { warmUp: { off: 1.5, lean: 1.5, sentence: '' } })],
    });
    expect(await screen.findAllByText('2 marks to agree on')).toHaveLength(2);
    expect(screen.getByText('warm-up: 1.5 from what is known, higher')).toBeTruthy();
    // The marks of this sitting, and of no other.
    expect(await screen.findByRole('img', { name: 'Smell: Moorland, MA-1 7.0' })).toBeTruthy();
    expect(screen.queryByRole('combobox', { name: 'Somebody comes late' })).toBeNull();
  });

  it('lets a reader only look', async () => {
    open({}, 'reader');
    expect(await screen.findByText('Spring bags')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Go on without/ })).toBeNull();
    expect(screen.queryByRole('combobox', { name: 'Somebody comes late' })).toBeNull();
  });
});
