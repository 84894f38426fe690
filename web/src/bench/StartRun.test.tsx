import type { LotRow, ProtocolRow, VesselRow } from '@bent-pail/contract';
import { PROTOCOLS } from '@bent-pail/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { cardPageOf, sheetOf } from '../testing/fixtures';
import { lists } from '../testing/lists';
import { openPage } from '../testing/page';
import { StartRun } from './StartRun';
import { idOf } from '../testing/ids';
import { choose } from '../testing/choose';

const lot = (id: string, classId: string): LotRow => ({ ...cardPageOf([]).lot, id, classId, name: classId });
const vessel = (i: number, height_cm: number): VesselRow => ({
  id: idOf(`v${String(i)}`),
  name: `V${String(i)}`,
  kind: 'vessel',
  height_cm,
  volume_mL: 1050,
  fillings: 1,
});
const vessels = [vessel(1, 12), vessel(2, 12), vessel(3, 12), vessel(4, 5), vessel(5, 5)];
const protocols: readonly ProtocolRow[] = PROTOCOLS.map((protocol) => ({ protocol }));

const open = (protocolKey?: string, lotId = idOf('pumice')) =>
  openPage(<StartRun lotId={lotId} protocolKey={protocolKey} />, {
    answers: {
      ...lists({ lots: [lot(idOf('pumice'), 'pumice-coarse'), lot(idOf('peat'), 'peat-light-fine')] }),
      '/vessels': vessels,
      '/protocols': protocols,
      '/users': [],
      '/runs/several': {},
      '/runs': sheetOf('heft', { tare: [1], full: [2] }),
    },
  });

const press = async () => userEvent.click(await screen.findByRole('button', { name: 'Open the sheet' }));

describe('starting a run', () => {
  it('takes the usual replicates in the first vessels, soaked as long as the class needs', async () => {
    const told = open();
    await press();
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]?.body).toMatchObject({
      lotId: idOf('pumice'),
      protocol: 'saturate-drain-dry',
      replicates: 3,
      vesselIds: ['v1', 'v2', 'v3'].map(idOf),
      settings: { packingHabit: 'tapped', soak_min: 1440 },
    });
    expect(told[0]?.body.sample).toBeUndefined();
  });

  it('begins the suction table with the shallowest vessels', async () => {
    open('suction-table');
    expect(await screen.findByText(/In V4/)).toBeDefined();
  });

  it('tells of moistening where a medium sheds water, and not elsewhere', async () => {
    open(undefined, idOf('peat'));
    expect(await screen.findByText(/First moisten it/)).toBeDefined();
  });

  it('asks for the load where it is pressed, and sends the sample as it was noted', async () => {
    const told = open();
    await choose(await screen.findByLabelText('Packed'), /^pressed/i);
    await userEvent.clear(screen.getByLabelText('Load, g/cm²'));
    await userEvent.type(screen.getByLabelText('Load, g/cm²'), '25');
    await choose(screen.getByLabelText('Taken from'), /bag|like of Old Sluice/);
    await press();
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]?.body).toMatchObject({
      settings: { packingHabit: 'pressed', press_gcm2: 25 },
      sample: { from: 'bag', increments: 9, combined: 'quartered' },
    });
  });

  it('opens a sheet for each group in one step, without names of pupils', async () => {
    const told = open('kitchen-form');
    await userEvent.type(await screen.findByLabelText('Replicates'), '1');
    await userEvent.type(screen.getByLabelText('Groups that measure each'), '3');
    await press();
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]?.address).toBe('/runs/several');
    const runs = told[0]?.body.runs as { readonly groupName: string; readonly vesselIds: readonly string[] }[];
    expect(runs.map(({ groupName, vesselIds }) => [groupName, ...vesselIds])).toEqual([
      ['Group 1', idOf('v1')],
      ['Group 2', idOf('v2')],
      ['Group 3', idOf('v3')],
    ]);
  });

  it('opens no part of a group', async () => {
    const told = open('heft');
    await userEvent.type(await screen.findByLabelText('Groups that measure each'), '2.5');
    await press();
    expect((await screen.findByRole('alert')).textContent).toBe('Groups are a whole number from 1 to 48.');
    expect(told).toEqual([]);
  });

  it('makes the vessels that are lacking, and takes those that are ticked', async () => {
    const told = open();
    await userEvent.type(await screen.findByLabelText('Replicates'), '7');
    await userEvent.click(screen.getByRole('button', { name: 'Add V6 to V7' }));
    await waitFor(() => {
      expect(told.map(({ body }) => body.name)).toEqual(['V6', 'V7']);
    });
    await userEvent.clear(screen.getByLabelText('Replicates'));
    await userEvent.type(screen.getByLabelText('Replicates'), '2');
    await userEvent.click(screen.getByRole('button', { name: /^Which ones/ }));
    await userEvent.click(screen.getByRole('checkbox', { name: /V1/ }));
    await userEvent.click(screen.getByRole('checkbox', { name: /V5/ }));
    await userEvent.keyboard('{Escape}');
    await press();
    await waitFor(() => {
      expect(told.at(-1)?.body.vesselIds).toEqual([idOf('v2'), idOf('v5')]);
    });
  });

  it('says what is wrong with a number and sends nothing', async () => {
    const told = open();
    await userEvent.clear(await screen.findByLabelText('Replicates'));
    await userEvent.type(screen.getByLabelText('Replicates'), 'some');
    await press();
    expect((await screen.findByRole('alert')).textContent).toMatch(/“some” is not a number/);
    expect(screen.getByLabelText('Replicates').getAttribute('aria-invalid')).toBe('true');
    expect(told).toEqual([]);
  });
});
