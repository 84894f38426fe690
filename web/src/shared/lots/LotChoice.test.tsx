import type { LotRow } from '@bent-pail/contract';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { expect, it } from 'vitest';
import { choose } from '../../testing/choose';
import { classRow } from '../../testing/desk';
import { lists } from '../../testing/lists';
import { openPage } from '../../testing/page';
import { LotChoice } from './LotChoice';

const lots = [
  classRow('bark-graded', 'Bark', { grade: '6-12 mm', boughtOn: '2026-11-08' }),
  classRow('coir-pith', 'Coir', { usable: false }),
];

function Choosing(): ReactElement {
  const [lot, setLot] = useState<LotRow>();
  return <LotChoice label="A sample of" chosen={lot} onChoose={setLot} />;
}

it('asks the server for what is typed, and tells lots apart by what stands under their name', async () => {
  const user = userEvent.setup();
  openPage(<Choosing />, { answers: lists({ lots }) });
  await user.click(await screen.findByLabelText('A sample of'));
  expect((await screen.findByRole('option', { name: /^Bark/ })).textContent).toContain('6-12 mm · came 8 Nov');
  expect(screen.getByRole('option', { name: /^Coir/ }).textContent).toContain('nothing known of it yet');
  await user.type(screen.getByPlaceholderText('name, code, source'), 'coi');
  await expect.poll(() => screen.queryByRole('option', { name: /^Bark/ })).toBeNull();
  await user.keyboard('{Enter}');
  expect(screen.getByLabelText('A sample of').textContent).toMatch(/^Coir/);
  await choose(screen.getByLabelText('A sample of'), /^Bark/, user);
  expect(screen.getByLabelText('A sample of').textContent).toMatch(/^Bark/);
});

it('puts on the shelf what nobody has there yet, by its name alone, and chooses it', async () => {
  const user = userEvent.setup();
  const grit = classRow('grit', 'Flint grit');
  const told = openPage(<Choosing />, { answers: { ...lists({ lots }), 'POST /materials': {}, 'POST /lots': grit } });
  await user.click(await screen.findByLabelText('A sample of'));
  await user.type(screen.getByPlaceholderText('name, code, source'), 'Flint grit');
  await user.click(await screen.findByRole('option', { name: 'Put “Flint grit” on the shelf' }));
  await expect.poll(() => screen.getByLabelText('A sample of').textContent).toMatch(/^Flint grit/);
  const [material, lot] = told;
  expect(material).toMatchObject({ address: '/materials', body: { name: 'Flint grit', kind: 'material' } });
  expect(lot).toMatchObject({ address: '/lots', body: { materialId: material?.body.id, code: '1' } });
});

it('makes nothing twice of what is called exactly so', async () => {
  const user = userEvent.setup();
  openPage(<Choosing />, { answers: lists({ lots: [classRow('coir-pith', 'Coir')] }) });
  await user.click(await screen.findByLabelText('A sample of'));
  await user.type(screen.getByPlaceholderText('name, code, source'), 'coir');
  expect(await screen.findByRole('option', { name: /^Coir/ })).toBeTruthy();
  expect(screen.queryByRole('option', { name: /^Put/ })).toBeNull();
});
