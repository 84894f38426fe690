import type { FilledPotPage as Page, PotEntryKind, PotEntryLine } from '@bent-pail/contract';
import { POT_ENTRY_KINDS } from '@bent-pail/contract/choices';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { simulatedDevice, useDevices } from '../../shared/devices/deviceStore';
import { outboxOf } from '../../shared/outbox/store';
import { serverNow } from '../../shared/serverClock';
import { choose } from '../../testing/choose';
import { SHELF, thinkHere } from '../../testing/desk';
import { lists } from '../../testing/lists';
import { openPage } from '../../testing/page';
import { FilledPotPage } from './FilledPotPage';
import { verdictOf } from './PourTests';
import { ENTRY_CAUTIONS, ENTRY_WORDS } from './words';

vi.mock('../../shared/thinking/thinker', () => ({ think: thinkHere }));
vi.mock('../../shared/chart/Chart', () => ({ Chart: ({ says }: { readonly says: string }) => <p>{says}</p> }));

const WAIT = { timeout: 20_000 };
const hoursAgo = (hours: number): string => new Date(serverNow() - hours * 3600 * 1000).toISOString();
const line = (hours: number, more: Pick<PotEntryLine, 'kind'> & Partial<PotEntryLine>): PotEntryLine => ({
  id: `l${String(hours)}`,
  at: hoursAgo(hours),
  by: 'Tam',
  ...more,
});
const PAGE: Page = {
  id: 'pot-1',
  name: 'By the gate',
  count: 1,
  mediumKind: 'lot',
  mediumId: 'bark-graded',
  medium: 'Bark, BARK',
  shape: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 },
  filledOn: hoursAgo(24 * 30).slice(0, 10),
  stand: 'mild',
  entries: 0,
  diary: [],
};

function open(page: Page) {
  openPage(<FilledPotPage />, {
    at: '/pot/diary/pot-1',
    path: '/pot/diary/:id',
    answers: { ...lists({ lots: SHELF, blends: [] }), '/pots/pot-1': page },
  });
  return userEvent.setup();
}
const entries = outboxOf('the-lead').entries;
beforeEach(() => entries.clear());
const queued = async () =>
  (await entries.orderBy('place').toArray()).flatMap((one) => ('line' in one ? [one.line] : []));
const form = () => screen.findByRole('form', { name: 'A line for the diary' }, WAIT);

describe('a line that is written', () => {
  it('waits in this browser, in sight, until the server has it', async () => {
    const user = open(PAGE);
    await form();
    await user.click(screen.getByRole('button', { name: 'Watered now, until it ran' }));
    await waitFor(async () => {
      expect(await queued()).toMatchObject([{ kind: 'watered' }]);
    });
    expect(await screen.findByText('waits for the server')).toBeTruthy();
  });

  it('that was refused stays in sight with the sentence, is sent again or let go', async () => {
    await entries.add({
      potId: 'pot-1',
      line: { id: 'x', at: hoursAgo(1), kind: 'depth', depth_cm: 14 },
      problem: 'No.',
    });
    const user = open(PAGE);
    expect(await screen.findByText('No.', undefined, WAIT)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Send again' }));
    expect(await screen.findByText('waits for the server')).toBeTruthy();
    await entries.toCollection().modify({ problem: 'No.' });
    await user.click(await screen.findByRole('button', { name: 'Let it go' }));
    await waitFor(async () => {
      expect(await queued()).toEqual([]);
    });
  });

  it.each(POT_ENTRY_KINDS)('has the caution of its kind at its step, and no other: %s', async (kind: PotEntryKind) => {
    const user = open(PAGE);
    const fields = within(await form());
    await choose(fields.getByLabelText('Or'), ENTRY_WORDS[kind], user);
    const titles = { lifting: 'Lifting', germs: 'Germs', electric: 'Water and mains' } as const;
    const due = ENTRY_CAUTIONS[kind] as keyof typeof titles | undefined;
    expect(fields.queryAllByRole('note').map((note) => note.textContent.split('.')[0])).toEqual(
      due === undefined ? [] : [titles[due]],
    );
  });

  it('is asked about where a pot is repotted soon after the last time', async () => {
    const user = open(PAGE);
    const fields = within(await form());
    await choose(fields.getByLabelText('Or'), 'repotted', user);
    expect(fields.getByText(/^It was filled a month ago: more often than every six months/)).toBeTruthy();
  });

  it('of a pour takes both drips from one watch', async () => {
    const user = open(PAGE);
    const fields = within(await form());
    await choose(fields.getByLabelText('Or'), 'pour test', user);
    await user.type(fields.getByLabelText(/^Poured on/), '300');
    await user.click(fields.getByRole('button', { name: 'Start the watch' }));
    await user.click(fields.getByRole('button', { name: 'Now' }));
    await user.click(fields.getByRole('button', { name: 'Now' }));
    expect(fields.getByLabelText<HTMLInputElement>('First drip, s').value).toMatch(/^\d/);
    expect(fields.getByLabelText<HTMLInputElement>('Last drip, s').value).toMatch(/^\d/);
    await user.click(fields.getByRole('button', { name: 'Add the line' }));
    await waitFor(async () => {
      expect(await queued()).toMatchObject([{ kind: 'poured', volume_mL: 300, pour: { moisture: 'moist' } }]);
    });
  });
});

describe('the scale of this computer', () => {
  afterEach(() => {
    simulatedDevice('scale').load(0, performance.now());
  });

  it('puts a weight that stands still into the field', async () => {
    useDevices.getState().change('scale', { source: 'simulated' });
    const user = open(PAGE);
    const scale = within(await screen.findByRole('group', { name: 'Scale' }, WAIT));
    await user.clear(await scale.findByLabelText('On it, g'));
    await user.type(scale.getByLabelText('On it, g'), '2345');
    await user.click(scale.getByRole('button', { name: 'Put it on' }));
    const field = screen.getByLabelText<HTMLInputElement>(/^The whole pot weighs/);
    await waitFor(() => {
      expect(Number(field.value)).toBeCloseTo(2345, -1);
    }, WAIT);
    await user.click(screen.getByRole('button', { name: 'Add the line' }));
    await waitFor(async () => {
      expect((await queued())[0]?.mass_g ?? 0).toBeCloseTo(2345, -1);
    });
  });

  it('is not there where none is connected', async () => {
    open(PAGE);
    await form();
    expect(screen.queryByRole('group', { name: 'Scale' })).toBeNull();
  });
});

describe('touch it or not', () => {
  const said = async () => within(await screen.findByRole('region', { name: 'Touch it or not' }, WAIT));

  it('leaves alone what asks for nothing, and says what is not known of its food', async () => {
    open(PAGE);
    expect((await said()).getByText('Leave it alone')).toBeTruthy();
    expect((await said()).getByText(/^Of its food nothing is known/)).toBeTruthy();
  });

  it('gives each act its reason, and the line of the diary that says so', async () => {
    open({ ...PAGE, diary: [line(30, { kind: 'seen', signs: ['diseased'], words: 'spots' })] });
    const items = (await said()).getAllByRole('listitem').map((item) => item.textContent);
    expect(items[0]).toMatch(/^Discard it\. Disease was seen.*: disease\)/);
    expect(items[1]).toMatch(/^Clean what touched it/);
  });

  it('tells its nitrogen where it was fed', async () => {
    open({ ...PAGE, diary: [line(48, { kind: 'fed', feed: { g: 10, n_percent: 10 } })] });
    expect((await said()).getByText(/^Nitrogen left: about/)).toBeTruthy();
  });

  it('has nothing to say of a pot that was emptied, nor takes a line of it', async () => {
    open({ ...PAGE, emptiedAt: hoursAgo(2), diary: [line(2, { kind: 'emptied' })] });
    expect(await screen.findByText(/^It was emptied on/, undefined, WAIT)).toBeTruthy();
    expect(screen.queryByRole('form')).toBeNull();
    expect(screen.queryByRole('region', { name: 'Touch it or not' })).toBeNull();
  });
});

describe('a pour beside its column', () => {
  it('stands on the page with what its column says', async () => {
    const pour = { moisture: 'wet' as const, firstDrip_s: 8, lastDrip_s: 200, runoff_mL: 0 };
    open({ ...PAGE, diary: [line(30, { kind: 'poured', volume_mL: 200, pour })] });
    const section = within(await screen.findByRole('region', { name: 'Poured on it' }, WAIT));
    expect(await section.findByRole('row', { name: /^First drip 8 s \d/ }, WAIT)).toBeTruthy();
  });

  it.each([
    [{ firstDrip_s: 5 }, { firstDrip_s: 60 }, /much earlier/],
    [{ firstDrip_s: 50 }, { firstDrip_s: 60 }, /^About as its column says/],
    [{ firstDrip_s: 200 }, { firstDrip_s: 60 }, /much later/],
    [{ firstDrip_s: 20 }, { firstDrip_s: 2 }, /^About as/],
    [{ firstDrip_s: 50 }, {}, /^By its column nothing should drip/],
    [{}, { firstDrip_s: 60 }, /was not timed/],
    [{ firstDrip_s: 50, runoff_mL: 80 }, { firstDrip_s: 60 }, /^More ran over/],
  ])('%j beside %j', (seen, says, sentence) => {
    expect(verdictOf({ moisture: 'moist', ...seen }, { drained_mL: 0, runoff_mL: 0, ...says })).toMatch(sentence);
  });
});
