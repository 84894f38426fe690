import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useDrafts } from '../../shared/blends/draftStore';
import { blendRow, classRow, deskViewOf, profileCalled, SHELF, thinkHere } from '../../testing/desk';
import { openPage } from '../../testing/page';
import { BatchPanel } from './BatchPanel';
import { FoodPanel } from './FoodPanel';
import { LinesPanel } from './LinesPanel';
import { OpenChoices } from './OpenChoices';
import { PotPanel } from './PotPanel';
import { SchoolsPanel } from './SchoolsPanel';
import { Substitute } from './Substitute';
import { Triangle } from './Triangle';
import { choose } from '../../testing/choose';

vi.mock('../../shared/thinking/thinker', () => ({ think: thinkHere }));

const lines = [
  { lotId: 'bark-graded', parts: 3 },
  { lotId: 'coir-pith', parts: 1 },
];
beforeEach(() => {
  // What was wanted of a blend stays with it; each test begins with nothing wanted.
  useDrafts.setState({ wants: {} });
});
const row = (name: RegExp) => screen.findByRole('row', { name });

describe('what each line does', () => {
  it('is checked against the job that it is in for', async () => {
    const view = deskViewOf([
      { lotId: 'bark-graded', parts: 3, job: 'water' },
      { lotId: 'coir-pith', parts: 1, job: 'water' },
    ]);
    openPage(<LinesPanel view={view} />);
    expect(await row(/^Bark .*water: it does not; water it holds hardly moves/)).toBeTruthy();
    expect(await row(/^Coir .*water: it does$/)).toBeTruthy();
  });

  it('says how much of a salty one the use bears', async () => {
    const view = deskViewOf([...lines, { lotId: 'compost-green', parts: 4 }], { profile: profileCalled('cuttings') });
    openPage(<LinesPanel view={view} />);
    expect(await screen.findByText(/Of Compost at most/)).toBeTruthy();
  });
});

describe('what is left open', () => {
  it('is predicted every way, with what lies at the lower end', async () => {
    openPage(
      <OpenChoices
        view={deskViewOf([{ lotId: 'bark-graded', parts: 2, least: 1, most: 3 }, lines[1] ?? { parts: 1 }])}
      />,
    );
    const air = await row(/^Air space/);
    expect(within(air).getByText('1 Bark')).toBeTruthy();
  });

  it('is nothing where nothing is, and says how to leave something open', () => {
    openPage(<OpenChoices view={deskViewOf(lines)} />);
    expect(screen.getByText(/Nothing is left open/)).toBeTruthy();
  });
});

describe('a filled pot', () => {
  it('opens the working of its days, and warns of what is heavy', async () => {
    const user = userEvent.setup();
    openPage(<PotPanel view={deskViewOf([{ lotId: 'pumice-coarse', parts: 1 }])} />);
    expect(screen.getByRole('button', { name: /^Days between waterings: [\d.]+ d. Show working/ })).toBeTruthy();
    expect(screen.queryByText(/two people or a trolley/)).toBeNull();
    await user.type(screen.getByLabelText('Pot itself, kg'), '25');
    expect(screen.getAllByText(/two people or a trolley/)).not.toHaveLength(0);
    expect(screen.getByText('100 % quarried')).toBeTruthy();
  });

  it('says how fast water runs through it once it ran through every part, and sends to the bench before', () => {
    const run = (ran: readonly string[]): void => {
      const lots = SHELF.map((lot) => {
        const { component } = lot;
        if (component === undefined || !ran.includes(lot.id)) return lot;
        return { ...lot, component: { ...component, facts: { ...component.facts, k20_cms: 0.3 } } };
      });
      openPage(<PotPanel view={deskViewOf(lines, { lots })} />);
    };
    run(['bark-graded']);
    expect(screen.getByText('never run through Coir')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'run it through COIR' }).getAttribute('href')).toBe(
      '/bench?lot=coir-pith&protocol=constant-head',
    );
    cleanup();
    run(['bark-graded', 'coir-pith']);
    expect(screen.getByRole('button', { name: /^Saturated conductivity: [\d.]+ cm\/s. Show working/ })).toBeTruthy();
    expect(screen.getByText(/^rough: [\d.]+ to [\d.]+$/)).toBeTruthy();
  });
});

describe('food', () => {
  it('says that nobody knows where nothing was reported', () => {
    openPage(<FoodPanel view={deskViewOf(lines)} />);
    expect(screen.getByText(/No part has a laboratory report/)).toBeTruthy();
  });

  it('names what runs short, and puts feeds into Today', async () => {
    const user = userEvent.setup();
    const lots = SHELF.map((lot) => {
      const { component } = lot;
      if (component === undefined) return lot;
      const nutrients_mgL = { labNitrate: 120, labPotassium: 200, labMagnesium: 2 };
      return { ...lot, component: { ...component, facts: { ...component.facts, nutrients_mgL } } };
    });
    const told = openPage(<FoodPanel view={deskViewOf(lines, { lots })} />, { role: 'tester' });
    expect(screen.getByText('Magnesium runs short first.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Put the next feeds into Today' }));
    expect(await screen.findByRole('button', { name: 'They stand in Today' })).toBeTruthy();
    const jobs = told[0]?.body.jobs as { what: string; where: string }[];
    expect(jobs[0]).toMatchObject({
      where: 'Tub mix',
      what: expect.stringMatching(/^Feed \d+ mL a pot at 200 mg/) as string,
    });
  });
});

describe('schools', () => {
  it('each say their own, and offer their mix for the same pot', async () => {
    const user = userEvent.setup();
    const view = deskViewOf(lines);
    openPage(<SchoolsPanel view={view} />);
    const mineral = within(screen.getByRole('article', { name: 'Open mineral blends' }));
    expect(mineral.getByText(/Only 0 % of it is stone/)).toBeTruthy();
    expect(await mineral.findByText(/^air 0\.\d\d water 0\.\d\d/)).toBeTruthy();
    await user.click(mineral.getByRole('button', { name: 'Try it' }));
    expect(view.taken[0]).toEqual([
      { lotId: 'pumice-coarse', parts: 15 },
      { lotId: 'bark-graded', parts: 5 },
    ]);
    const loam = within(screen.getByRole('article', { name: /^Loam-rich/ }));
    expect(loam.getByText(/the shelf has no loam/)).toBeTruthy();
  });
});

describe('a substitute', () => {
  it('is offered nearest first, and taken with its own amount', async () => {
    const user = userEvent.setup();
    const again = classRow('bark-graded', 'Bark again', { id: 'again' });
    const view = deskViewOf(lines, { lots: [...SHELF, again] });
    openPage(<Substitute view={view} />);
    await choose(screen.getByLabelText('The lot that is missing'), /^Bark/, user);
    const [first] = await screen.findAllByRole('button', { name: 'Swap' });
    if (first === undefined) throw new Error('no swap');
    await user.click(first);
    expect(view.taken[0]).toEqual([
      { lotId: 'again', parts: 3 },
      { lotId: 'coir-pith', parts: 1 },
    ]);
  });
});

describe('a substitute inside a blend', () => {
  it('takes the recipe apart to its lots, and leaves it whole where the line is its own', async () => {
    const user = userEvent.setup();
    const base = blendRow('0190a000-0000-7000-8000-000000000001', 'Base', lines);
    const nested = [
      { blend: { id: base.id, n: 1 }, parts: 2 },
      { lotId: 'perlite-coarse', parts: 1 },
    ];
    const view = deskViewOf(nested, { blends: [base] });
    openPage(<Substitute view={view} />);
    const swap = async (missing: RegExp): Promise<void> => {
      await choose(screen.getByLabelText('The lot that is missing'), missing, user);
      const [first] = await screen.findAllByRole('button', { name: 'Swap' });
      if (first !== undefined) await user.click(first);
    };
    await swap(/^Perlite/);
    expect(view.taken[0]?.[0]).toEqual(nested[0]);
    expect(view.taken[0]?.[1]?.lotId).toBe('pumice-coarse');
    await swap(/^Coir/);
    expect(view.taken.at(-1)?.map(({ lotId }) => lotId)).toEqual(['bark-graded', expect.any(String), 'perlite-coarse']);
  });
});

describe('a triangle', () => {
  it('shows how much of it meets the window', async () => {
    const view = deskViewOf([...lines, { lotId: 'pumice-coarse', parts: 1 }], {
      profile: profileCalled('acid-lovers'),
    });
    openPage(<Triangle view={view} />);
    const drawing = await screen.findByRole('img', { name: /^Air space on a triangle of Bark, Coir, Pumice/ });
    expect(drawing.getAttribute('aria-label')).toMatch(/\d+ % of it meets the window/);
  });

  it('waits for a third line', () => {
    openPage(<Triangle view={deskViewOf(lines)} />);
    expect(screen.getByText(/With three lots/)).toBeTruthy();
  });
});

describe('a batch', () => {
  const version = blendRow('b', 'Tub mix', lines).latest;

  it('says what to take, what does not reach, and what to do when; and mixes it', async () => {
    const user = userEvent.setup();
    const told = openPage(<BatchPanel view={deskViewOf(lines)} blendId="b" version={version} />, { role: 'tester' });
    await user.clear(screen.getByLabelText('Pots'));
    await user.type(screen.getByLabelText('Pots'), '40');
    const taken = screen.getByRole('region', { name: 'What to take' });
    expect(within(taken).getByRole('row', { name: /^Bark, BARK/ }).className).toContain('semibold');
    const work = screen.getByRole('region', { name: 'The work' });
    expect(within(work).getByText(/^Get \d+ L of Bark/)).toBeTruthy();
    await user.click(within(work).getByRole('button', { name: 'Put it into Today' }));
    expect(await within(work).findByRole('button', { name: 'Added to Today' })).toBeTruthy();
    // Another batch is another plan.
    await user.type(screen.getByLabelText('Pots'), '0');
    expect(within(work).getByRole('button', { name: 'Put it into Today' })).toBeTruthy();
    await user.click(within(work).getByRole('button', { name: 'Mix it' }));
    expect(told.map(({ address }) => address)).toEqual(['/jobs', '/blends/b/versions/1/batches']);
  });

  it('keeps how much is wanted with the blend, and follows its pot until somebody says how much one holds', async () => {
    const user = userEvent.setup();
    const view = deskViewOf(lines);
    openPage(<BatchPanel view={view} blendId="b" version={version} />);
    await user.clear(screen.getByLabelText('Pots'));
    await user.type(screen.getByLabelText('Pots'), '45');
    cleanup();
    const wider = {
      ...view,
      input: { ...view.input, container: { height_cm: 20, topDiameter_cm: 20, baseDiameter_cm: 20 } },
    };
    openPage(<BatchPanel view={wider} blendId="b" version={version} />);
    expect(screen.getByLabelText<HTMLInputElement>('Pots').value).toBe('45');
    expect(screen.getByLabelText<HTMLInputElement>(/^Each holds/).value).toBe('6.3');
    cleanup();
    openPage(<BatchPanel view={view} blendId="another" version={version} />);
    expect(screen.getByLabelText<HTMLInputElement>('Pots').value).toBe('12');
    useDrafts.getState().keptAs('b', 'kept');
    expect(useDrafts.getState().wants).toEqual({ kept: { pots: '45' } });
  });

  it('is only planned while the recipe is not kept', () => {
    openPage(<BatchPanel view={deskViewOf(lines)} blendId="new" version={undefined} />);
    expect(screen.queryByRole('button', { name: 'Mix it' })).toBeNull();
    expect(screen.getByText(/Keep the recipe as a version/)).toBeTruthy();
  });

  it('compares with bags of the shelf', () => {
    const bag = classRow('peat-light-fine', 'Old Sluice', { id: 'bag', kind: 'product', price: 6, packVolume_L: 50 });
    openPage(<BatchPanel view={deskViewOf(lines, { lots: [...SHELF, bag] })} blendId="b" version={version} />);
    expect(screen.getByRole('row', { name: /^Old Sluice, \d bags £/ })).toBeTruthy();
  });

  it('asks for a count where the stock is wanted and none was counted', async () => {
    const user = userEvent.setup();
    const view = deskViewOf([{ lotId: 'pumice-coarse', parts: 1 }]);
    openPage(<BatchPanel view={view} blendId="b" version={version} />);
    await choose(screen.getAllByRole('combobox')[0] as HTMLElement, 'all that is there', user);
    expect(screen.getByRole('alert').textContent).toContain('Count the stock');
  });
});
