import type { LabRequestRow, LotRow } from '@bent-pail/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { choose } from '../testing/choose';
import { openPage } from '../testing/page';
import { ImportReport } from './ImportReport';

const lot = { id: 'lot', name: 'Coir pith', code: 'CO-2' } as unknown as LotRow;
const request: LabRequestRow = {
  id: 'request',
  lot: { id: 'lot', name: 'Coir pith', code: 'CO-2' },
  askedAt: '2026-11-24T08:00:00Z',
  askedBy: 'Tam',
  readyAt: '2026-11-24T09:00:00Z',
  report: 'Nitrate N;62;mg/L\nAmmonium N;4;mg/L\nK2O;210;mg/L',
};

const open = (given?: LabRequestRow) =>
  openPage(<ImportReport firstLot={lot} request={given} />, { answers: { 'POST /runs': { id: 'run' } } });

describe('a report that was pasted', () => {
  it('is read in sight, with what is not taken and why', async () => {
    open();
    expect(screen.getByRole('button', { name: /Keep 0 figures/ })).toHaveProperty('disabled', true);
    await userEvent.click(screen.getByLabelText('The report'));
    await userEvent.paste('Potassium;180;mg/L\nZinc;0.2;mg/kg');
    expect(within(screen.getByLabelText('Taken')).getByText('Potassium')).toBeDefined();
    expect(within(screen.getByLabelText('Not taken')).getByText(/is in mg\/kg/)).toBeDefined();
    expect(screen.getByRole('button', { name: 'Keep 1 figure as a run' })).toHaveProperty('disabled', false);
  });

  it('says so where nothing in it is a figure', async () => {
    open();
    await userEvent.type(screen.getByLabelText('The report'), 'With kind regards');
    expect(screen.getByText(/No line with a name/)).toBeDefined();
  });
});

describe('a report in other words', () => {
  const paste = async (text: string): Promise<void> => {
    await userEvent.click(screen.getByLabelText('The report'));
    await userEvent.paste(text);
  };

  it('is converted in sight, taken back by a press, and asked as what a salt is counted', async () => {
    open();
    await paste('K2O;217;mg/L\nNitrate;62;mg/L');
    expect(within(screen.getByLabelText('Taken')).getByText(/217 mg\/L × 0.83015 \(Potassium in K2O\)/)).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'as NO3' }));
    expect(within(screen.getByLabelText('Taken')).getByText(/Nitrate N in NO3/)).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'Leave Potassium unconverted' }));
    expect(within(screen.getByLabelText('Not taken')).getByText(/not to be converted/)).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'convert it after all' }));
    expect(screen.queryByLabelText('Not taken')).toBeNull();
  });

  it('is by weight with a density, of one sample of several, with its limits of detection', async () => {
    open();
    await paste('Element;Unit;Peat;Bark\nK;mg/kg;900;450\nZn;mg/L;<0.05;<0.1');
    await userEvent.type(screen.getByLabelText(/^Dry bulk density/), '0,2');
    expect(within(screen.getByLabelText('Taken')).getByText('180')).toBeDefined();
    await choose(screen.getByLabelText('Which of its samples'), 'Bark', userEvent.setup());
    expect(within(screen.getByLabelText('Taken')).getByText('90')).toBeDefined();
    expect(screen.getByLabelText('Below detection').textContent).toContain('Zinc is below 0.1 mg/L');
  });

  it('keeps limits and formulas as a note beside the readings', async () => {
    const told = open({ ...request, report: 'K2O;217;mg/L\nZinc;<0.05;mg/L' });
    await userEvent.click(screen.getByRole('button', { name: 'Keep 1 figure as a run' }));
    await waitFor(() => {
      expect(told.find(({ address }) => address === '/runs/run/notes')?.body.text).toBe(
        'Zinc is below 0.05 mg/L. Potassium 180 mg/L = 217 mg/L × 0.83015 (Potassium in K2O).',
      );
    });
  });
});

describe('a report of the practice laboratory', () => {
  it('becomes a run with a reading for each figure, is tied to its request, and finished', async () => {
    const told = open(request);
    await userEvent.click(screen.getByRole('button', { name: 'Keep 3 figures as a run' }));
    await waitFor(() => {
      expect(told.map((one) => one.address)).toEqual([
        '/runs',
        '/runs/run/readings',
        '/runs/run/readings',
        '/runs/run/readings',
        '/runs/run/notes',
        '/laboratory/request/imported',
        '/runs/run/finish',
      ]);
    });
    expect(told[0]?.body).toMatchObject({ lotId: 'lot', protocol: 'lab-report', replicates: 1 });
    expect(told.slice(1, 4).map((one) => [one.body.step, one.body.value])).toEqual([
      ['nitrate', 62],
      ['ammonium', 4],
      ['potassium', 174.33],
    ]);
  });

  it('stays open where the report lacks what the sheet needs', async () => {
    const told = open({ ...request, report: 'Potassium;180;mg/L' });
    await userEvent.click(screen.getByRole('button', { name: 'Keep 1 figure as a run' }));
    await waitFor(() => {
      expect(told.at(-1)?.address).toBe('/laboratory/request/imported');
    });
  });
});
