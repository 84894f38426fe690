import type { FillingRow, VesselRow } from '@bent-pail/contract';
import { fireEvent, screen, within, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { AMERICAN, openPage } from '../testing/page';
import { idOf } from '../testing/ids';
import { VesselsPage } from './VesselsPage';

const VESSELS: readonly VesselRow[] = [
  { id: 'v1', name: 'V1', kind: 'vessel', height_cm: 12, volume_mL: 1051.9, fillings: 2 },
  {
    id: 'v2',
    name: 'Tub',
    kind: 'pot',
    height_cm: 20,
    topDiameter_cm: 22,
    baseDiameter_cm: 16,
    volume_mL: 5692,
    fillings: 0,
  },
  { id: 'v3', name: 'New', kind: 'vessel', fillings: 0 },
];
const at = '2026-11-24T08:00:00Z';
const FILLINGS: readonly FillingRow[] = [
  { id: idOf('f2'), scale: { empty_g: 300, full_g: 1351, waterTemp_C: 20 }, volume_mL: 1052.9, keptAt: at, by: 'Tam' },
  {
    id: 'f1',
    scale: { empty_g: 300, full_g: 301, waterTemp_C: 20 },
    volume_mL: 1,
    keptAt: at,
    by: 'Group K',
    out: 'a pupil’s joke',
  },
];
const ASK = {
  error: { code: 'ask', message: '1 mL by this filling, 1052 mL by the 2 before. Fill and weigh it again.' },
};

const open = (answers: object = {}, role: 'lead' | 'reader' = 'lead') =>
  openPage(<VesselsPage />, { role, answers: { '/vessels': VESSELS, '/vessels/v1/fillings': FILLINGS, ...answers } });
const logOf = async (name: string): Promise<HTMLElement> => {
  const item = (await screen.findByText(name)).closest('li') as HTMLElement;
  fireEvent.click(within(item).getByRole('button', { name: 'Fillings' }));
  return item;
};

describe('vessels', () => {
  it('say how much they hold and how that is known', async () => {
    open();
    expect(await screen.findByText(/^1.?052 mL$/)).toBeTruthy();
    expect(screen.getByText(/mean of 2/)).toBeTruthy();
    expect(screen.getByText(/by its inner sizes · pot, 20.0 cm deep, 16.0 to 22.0 cm wide/)).toBeTruthy();
    expect(screen.getByText(/not measured yet · test vessel, depth not told yet/)).toBeTruthy();
  });

  it('show every filling with who made it, and which counts no more and why', async () => {
    open();
    const item = await logOf('V1');
    expect(await within(item).findByText(/Group K · counts no more, a pupil’s joke/)).toBeTruthy();
    // One that counts no more is neither corrected nor left out again.
    expect(within(item).getAllByRole('button', { name: 'leave out' })).toHaveLength(1);
  });

  it('have a filling corrected, with its reason', async () => {
    const told = open();
    const item = await logOf('V1');
    fireEvent.click(await within(item).findByRole('button', { name: 'correct' }));
    const form = screen.getByRole('form', { name: 'Correct a filling of V1' });
    fireEvent.change(within(form).getByLabelText('Full of water, g'), { target: { value: '1350,5' } });
    fireEvent.change(within(form).getByLabelText('Why it is corrected'), { target: { value: 'misread' } });
    fireEvent.submit(form);
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]?.body).toMatchObject({ empty_g: 300, full_g: 1350.5, corrects: idOf('f2'), reason: 'misread' });
  });

  it('have a filling left out, with its reason', async () => {
    const told = open();
    const item = await logOf('V1');
    fireEvent.click(await within(item).findByRole('button', { name: 'leave out' }));
    const form = screen.getByRole('form', { name: 'Leave a filling out' });
    fireEvent.change(within(form).getByLabelText(/^Why 1.?052.9 mL/), { target: { value: 'leaked' } });
    fireEvent.submit(form);
    await screen.findByText(/^1.?052 mL$/);
    expect(told[0]).toMatchObject({
      address: `/vessels/v1/fillings/${idOf('f2')}/exclusion`,
      body: { reason: 'leaked' },
    });
  });

  it('are nothing for a reader to change', async () => {
    open({}, 'reader');
    const item = await logOf('V1');
    await within(item).findByText(/Group K/);
    expect(within(item).queryByRole('button', { name: 'correct' })).toBeNull();
    expect(within(item).queryByRole('button', { name: 'Measure it again' })).toBeNull();
  });
});

it('a filling that is doubted is kept when somebody says that it is right', async () => {
  const told = openPage(<VesselsPage />, { answers: { '/vessels': VESSELS, '/vessels/v1/fillings': FILLINGS } });
  const item = await logOf('V1');
  fireEvent.click(await within(item).findByRole('button', { name: 'Measure it again' }));
  const answers = [new Response(JSON.stringify(ASK), { status: 422 }), new Response('{}', { status: 201 })];
  const before = globalThis.fetch;
  globalThis.fetch = ((url: string, init: RequestInit) => {
    const answer = init.method === 'POST' ? answers.shift() : undefined;
    if (answer === undefined) return before(url, init);
    void before(url, init);
    return Promise.resolve(answer);
  }) as typeof fetch;
  const form = screen.getByRole('form', { name: 'Measure V1' });
  fireEvent.change(within(form).getByLabelText('Empty, g'), { target: { value: '300' } });
  fireEvent.change(within(form).getByLabelText('Full of water, g'), { target: { value: '301' } });
  fireEvent.submit(form);
  fireEvent.click(await within(form).findByRole('button', { name: 'It is right, keep it' }));
  await within(item).findByRole('button', { name: 'Measure it again' });
  expect(told.map(({ body }) => body.sure)).toEqual([undefined, true]);
});

it('a filling is weighed in ounces by whoever reads ounces; the water that nobody touched stays at 20 °C', async () => {
  const answers = { '/vessels': VESSELS, '/vessels/v1/fillings': FILLINGS };
  const told = openPage(<VesselsPage />, { units: AMERICAN, answers });
  fireEvent.click(await within(await logOf('V1')).findByRole('button', { name: 'Measure it again' }));
  const form = screen.getByRole('form', { name: 'Measure V1' });
  expect(within(form).getByLabelText<HTMLInputElement>('Water, °F').value).toBe('68');
  fireEvent.change(within(form).getByLabelText('Empty, oz'), { target: { value: '10' } });
  fireEvent.change(within(form).getByLabelText('Full of water, oz'), { target: { value: '48' } });
  fireEvent.submit(form);
  await waitFor(() => {
    expect(told).toHaveLength(1);
  });
  const { empty_g, full_g, waterTemp_C } = (told[0]?.body ?? {}) as Record<string, number>;
  expect(empty_g).toBeCloseTo(283.49523125, 6);
  expect(full_g).toBeCloseTo(1360.77711, 5);
  expect(waterTemp_C).toBeCloseTo(20, 9);
});

describe('the list of vessels', () => {
  it('takes another one with its depth', async () => {
    const told = open();
    fireEvent.click(await screen.findByRole('button', { name: 'Another vessel' }));
    const form = screen.getByRole('form', { name: 'Another vessel' });
    fireEvent.change(within(form).getByLabelText('Name, as it is marked'), { target: { value: 'V9' } });
    fireEvent.change(within(form).getByLabelText('Depth inside, cm'), { target: { value: '11,5' } });
    fireEvent.submit(form);
    await waitFor(() => {
      expect(told[0]).toMatchObject({
        address: '/vessels',
        body: { name: 'V9', kind: 'vessel', shape: { height_cm: 11.5 } },
      });
    });
  });

  it('has one named anew, and put away', async () => {
    const told = open({ 'PATCH /vessels/v1': VESSELS[0] });
    const item = await logOf('V1');
    const form = within(item).getByRole('form', { name: 'Name of V1' });
    fireEvent.change(within(form).getByLabelText('Name'), { target: { value: 'The dented one' } });
    fireEvent.submit(form);
    await waitFor(() => {
      expect(told[0]).toMatchObject({ method: 'PATCH', address: '/vessels/v1', body: { name: 'The dented one' } });
    });
    fireEvent.click(within(form).getByRole('button', { name: 'Put it away' }));
    await waitFor(() => {
      expect(told[1]?.body).toEqual({ archived: true });
    });
  });

  it('shows those that were put away where somebody asks', async () => {
    const away = { ...(VESSELS[0] as VesselRow), id: 'v9', name: 'Cracked', archived: true as const };
    open({ '/vessels': [...VESSELS, away] });
    await screen.findByText('V1');
    expect(screen.queryByText('Cracked')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'With those that are put away' }));
    expect(screen.getByText('Cracked')).toBeTruthy();
    expect(screen.getByText(/· put away/)).toBeTruthy();
  });
});

describe('a filling without a scale', () => {
  it('is what the jug read; the next vessel is measured the same way', async () => {
    const told = open();
    fireEvent.click(await within(await logOf('V1')).findByRole('button', { name: 'Measure it again' }));
    const form = screen.getByRole('form', { name: 'Measure V1' });
    fireEvent.click(within(form).getByRole('radio', { name: 'by a jug, mL' }));
    fireEvent.change(within(form).getByLabelText('Water it holds, mL'), { target: { value: '1040' } });
    fireEvent.submit(form);
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ jug_mL: 1040 });
    });
    expect(told[0]?.body).not.toHaveProperty('empty_g');
  });
});
