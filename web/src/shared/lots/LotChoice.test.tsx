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
  await expect.poll(() => screen.getAllByRole('option').length).toBe(1);
  await user.keyboard('{Enter}');
  expect(screen.getByLabelText('A sample of').textContent).toMatch(/^Coir/);
  await choose(screen.getByLabelText('A sample of'), /^Bark/, user);
  expect(screen.getByLabelText('A sample of').textContent).toMatch(/^Bark/);
});
