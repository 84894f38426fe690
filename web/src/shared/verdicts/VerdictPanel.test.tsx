import { VERDICT_TABLE, type Found } from '@bent-pail/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { choose } from '../../testing/choose';
import { openPage } from '../../testing/page';
import { usePurpose } from './usePurpose';
import { VerdictPanel } from './VerdictPanel';

const answers = { '/verdicts': VERDICT_TABLE.map((line) => ({ ...line, version: 0 })) };
const open = (found: readonly Found[], materialClass?: string) =>
  openPage(<VerdictPanel found={found} materialClass={materialClass} />, { answers });
const overall = () => document.querySelector('[data-verdict]')?.getAttribute('data-verdict');

beforeEach(() => {
  usePurpose.setState({ use: 'containers', conditions: [] });
});

describe('what findings mean', () => {
  it('is said for what it is wanted for, and turned by what holds there', async () => {
    open([{ property: 'squeeze', mean: 2, seen: [2], stated: { moisture: 2 } }]);
    const user = userEvent.setup();
    expect(await screen.findByText('Not for pots and containers as this lot is.')).toBeTruthy();
    await user.click(screen.getByLabelText('The climate is dry'));
    expect(overall()).toBe('bearable');
    expect(screen.getByText(/Here because the climate is dry; otherwise not/)).toBeTruthy();
    await choose(screen.getByLabelText('For'), 'open ground', user);
    expect(overall()).toBe('good');
  });

  it('names what could not be judged, and what is still wanted before ripe', async () => {
    open([
      { property: 'squeeze', mean: 1, seen: [1], stated: { moisture: 0 } },
      { property: 'heating_C', mean: 1 },
    ]);
    expect(await screen.findByText(/It was squeezed dry/)).toBeTruthy();
    expect(
      screen.getByText(/Still to look at: the five days in a bag, the cress, its smell and the bits/),
    ).toBeTruthy();
    expect(overall()).toBeUndefined();
  });

  it('says how much of a ripe compost a mix may have, and by what it is called ripe', async () => {
    open([
      { property: 'heating_C', mean: 1 },
      { property: 'bagSmell', mean: 0, seen: [0] },
      { property: 'cressBeside', mean: 0.97 },
    ]);
    expect(await screen.findByText(/At most 33 % of a mix, from the rooted cutting on/)).toBeTruthy();
    expect(screen.getByText(/Called ripe by/).textContent).toMatch(/the cress/);
  });

  it('is silent where the table says nothing of what was found', async () => {
    open([{ property: 'bulkDensity_gcc', mean: 0.2 }]);
    await expect(screen.findByText('What that means', {}, { timeout: 300 })).rejects.toThrow();
  });
});
