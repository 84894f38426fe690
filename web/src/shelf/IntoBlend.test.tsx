import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { NEW, useDrafts, type BlendDraft } from '../shared/blends/draftStore';
import { classRow } from '../testing/desk';
import { lists } from '../testing/lists';
import { openPage } from '../testing/page';
import { IntoBlend } from './IntoBlend';

const bark = classRow('bark-graded', 'Bark');
const pumice = classRow('pumice-coarse', 'Pumice');
const draftOf = (name: string, lotId: string): BlendDraft => ({
  name,
  recipe: {
    lines: [{ lotId, parts: 2 }],
    potName: 'Pot 9 cm',
    pot: { height_cm: 8.5 },
    model: 'packing',
    lime_meqPerL: 0,
  },
});
const open = () =>
  openPage(<IntoBlend lot={pumice} />, {
    answers: lists({ lots: [bark, pumice] }),
    at: '/shelf/lots/x',
    path: '/shelf/lots/:id',
  });

beforeEach(() => {
  useDrafts.setState({ drafts: {} });
});

describe('a lot goes into a blend', () => {
  it('that is new, where nothing is being composed', () => {
    open();
    expect(screen.getByRole('link', { name: 'Put into a new blend' }).getAttribute('href')).toBe(
      `/blend/desk?lot=${pumice.id}`,
    );
  });

  it('that is being composed, which says what is in it, or a changed one, or a new one', async () => {
    useDrafts.setState({ drafts: { [NEW]: draftOf('', bark.id), tub: draftOf('Tub mix', bark.id) } });
    const user = userEvent.setup();
    open();
    await user.click(screen.getByRole('button', { name: 'Put into a blend' }));
    expect((await screen.findByRole('button', { name: /^Into the one on the desk/ })).textContent).toContain('Bark');
    expect(screen.getByRole('button', { name: /^Into Tub mix/ })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Into a new one/ }));
    expect(useDrafts.getState().drafts[NEW]).toBeUndefined();
    expect(useDrafts.getState().drafts.tub).toBeDefined();
    expect(await screen.findByText('another page')).toBeTruthy();
  });
});
