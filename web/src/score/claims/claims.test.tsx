import type { ClaimsPage as Page } from '@bent-pail/contract';
import { lotCard, productKind, silences, type LotCard, type ProductKind } from '@bent-pail/core';
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { choose } from '../../testing/choose';
import { classRow } from '../../testing/desk';
import { openPage, type Told } from '../../testing/page';
import { ClaimsPage } from './ClaimsPage';
import { letterFor } from './Silences';

const row = classRow('compost-green', 'Moorland', { kind: 'product' });
const card: LotCard = {
  ...lotCard({ id: 'bag', name: 'Moorland', code: 'M-1', materialId: 'm', price: 9, packVolume_L: 50, runs: [] }),
};
/** The lot's card with a true volume that somebody poured. */
const poured = (litres: number): LotCard => ({
  ...card,
  figures: [
    ...card.figures,
    {
      ...(card.figures[0] as LotCard['figures'][number]),
      property: 'bagVolume_L',
      origin: 'measured',
      summary: { mean: litres, n: 2 },
      runs: [{ id: 'r', number: 1, finishedAt: '2026-11-20T08:00:00Z' }],
    },
  ],
});

const valueOf = (field: HTMLElement): string => (field as HTMLInputElement).value;

const PAGE: Page = { lotId: 'bag', name: 'Moorland', code: 'M-1', before: [] };

function open(page: Partial<Page> = {}, role: 'tester' | 'reader' = 'tester', found = poured(43)): readonly Told[] {
  return openPage(<ClaimsPage />, {
    role,
    at: '/score/claims/bag',
    path: '/score/claims/:id',
    answers: {
      '/lots/bag/claims': { ...PAGE, ...page },
      '/lots/bag/photos': [
        { id: 'p1', caption: 'front of the bag', width: 4, height: 3, by: 'Tam', keptAt: '2026-11-20T08:00:00Z' },
      ],
      '/lots/bag': { lot: { ...row, packVolume_L: 50 }, card: found, kin: [], currency: '£' },
    },
  });
}

describe('a claims sheet', () => {
  it('reads the claims out of the words, and proposes what the bench found of them', async () => {
    const user = userEvent.setup();
    const told = open();
    await user.type(
      await screen.findByLabelText(/^Its words, footnotes/),
      'Contains 50 L{Enter}With living microbes{Enter}Feeds for months*{Enter}* at 18 °C',
    );
    await user.click(screen.getByRole('button', { name: 'Read the claims out of it' }));
    const claims = within(screen.getByRole('region', { name: 'Its claims' })).getAllByRole('listitem');
    expect(claims).toHaveLength(3);
    const [volume, microbes, feeds] = [0, 1, 2].map((i) => within(claims[i] as HTMLElement));
    if (volume === undefined || microbes === undefined || feeds === undefined) throw new Error('no three claims');
    expect(volume.getByText(/Short by 14 %/)).toBeTruthy();
    expect(valueOf(feeds.getByLabelText('Footnote, small print'))).toBe('at 18 °C');
    await user.click(volume.getByRole('button', { name: 'Take it: not supported' }));
    expect(valueOf(volume.getByLabelText('Why'))).toMatch(/^Short by 14 %/);
    expect(volume.queryByRole('button', { name: /^Take it/ })).toBeNull();
    expect(microbes.getByRole('button', { name: 'Take it: cannot be tested here' })).toBeTruthy();
    await choose(screen.getByRole('combobox', { name: 'Who has an interest in it' }), 'no interest in it', user);
    await user.click(screen.getByRole('button', { name: 'Keep this sheet' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({
      address: '/lots/bag/claims',
      body: {
        version: 0,
        interest: 'none',
        claims: [
          { text: 'Contains 50 L', kind: 'volume', verdict: 'notSupported', evidence: 'measured' },
          { text: 'With living microbes' },
          { text: 'Feeds for months', footnote: 'at 18 °C' },
        ],
      },
    });
  });

  it('reads the same words twice without doubling a claim', async () => {
    const user = userEvent.setup();
    open();
    await user.type(await screen.findByLabelText(/^Its words, footnotes/), 'Contains 50 L');
    const read = screen.getByRole('button', { name: 'Read the claims out of it' });
    await user.click(read);
    await user.click(read);
    expect(within(screen.getByRole('region', { name: 'Its claims' })).getAllByRole('listitem')).toHaveLength(1);
  });

  it('says what such a product should say and does not, with the questions as a letter', async () => {
    const user = userEvent.setup();
    open();
    await choose(await screen.findByRole('combobox', { name: 'What it is' }), 'Compost or soil improver', user);
    const silent = within(screen.getByRole('region', { name: 'What it does not say' }));
    expect(silent.getByText('9 of 9 things that such a product should say')).toBeTruthy();
    await user.type(screen.getByLabelText(/^Its words, footnotes/), 'Screened to 10 mm, 50 L');
    expect(silent.getByText('7 of 9 things that such a product should say')).toBeTruthy();
    await user.click(silent.getByRole('button', { name: 'The questions as a letter' }));
    const letter = silent.getByLabelText<HTMLTextAreaElement>('To copy, print or send').value;
    expect(letter).toMatch(/^About Moorland, M-1:\n1\. /);
    expect(letter).toMatch(/How hot did the heap get/);
    expect(letter).not.toMatch(/To what size/);
    const [answer] = silent.getAllByLabelText('Answer');
    await user.type(answer as HTMLElement, 'from parks');
    expect(silent.getByText('6 of 9 things that such a product should say')).toBeTruthy();
  });

  it('keeps what is written through a reload', async () => {
    const user = userEvent.setup();
    open();
    await user.type(await screen.findByLabelText(/^Its words, footnotes/), 'Holds water');
    cleanup();
    open();
    expect((await screen.findByLabelText<HTMLTextAreaElement>(/^Its words, footnotes/)).value).toBe('Holds water');
  });

  it('shows how the words have changed since another lot', async () => {
    open({ other: { lotId: 'old', code: 'M-0', text: '60 L\nPeat-free' } });
    const user = userEvent.setup();
    await user.type(await screen.findByLabelText(/^Its words, footnotes/), '50 L{Enter}Peat-free');
    const note = within(screen.getByRole('note', { name: 'Beside lot M-0' }));
    expect(note.getByText('60 L').tagName).toBe('S');
    expect(note.getByText('50 L').tagName).toBe('B');
    expect(note.queryByText('Peat-free')).toBeNull();
  });

  it('has a photo of the label beside its words', async () => {
    open();
    const photo = await screen.findByRole('img', { name: 'front of the bag' });
    expect(photo.getAttribute('src')).toBe('/api/album-photos/p1');
    expect(screen.getByLabelText('A photo of its label or bag; it shows')).toBeTruthy();
  });

  it('lets a reader read', async () => {
    open({}, 'reader');
    expect(await screen.findByText(/^What Moorland, M-1 claims/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Keep this sheet' })).toBeNull();
  });
});

describe('the letter', () => {
  it('asks only what is neither said nor answered', () => {
    const kind = productKind('seed') as ProductKind;
    const letter = letterFor('A bag', silences(kind, 'pH 6. EC 0.4. 10 mm', new Set(['weeds'])));
    expect(letter.split('\n')).toHaveLength(4);
  });
});
