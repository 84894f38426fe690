import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { PotPicker } from './PotPicker';
import { FIRST_SHAPE, potFor, onMat, potOf, pots, potText } from './pots';
import { useLastPot, usePot } from './usePot';

const FIRST_POT = potFor(FIRST_SHAPE);

describe('a pot in an address', () => {
  it('comes back as it went', () => {
    for (const pot of pots()) expect(potOf(potText(pot.shape))).toEqual(pot);
    const own = potOf('19.5-22-18');
    expect(own).toEqual({
      name: 'Pot 19.5 cm, 22 over 18',
      shape: { height_cm: 19.5, topDiameter_cm: 22, baseDiameter_cm: 18 },
    });
    expect(potText(own?.shape ?? { height_cm: 0 })).toBe('19.5-22-18');
    expect(potOf('30')).toEqual({ name: 'Pot 30 cm, straight', shape: { height_cm: 30 } });
  });

  it('on a mat comes back as it went, and frees again', () => {
    const onOne = onMat(FIRST_POT, 5);
    expect(potText(onOne.shape)).toBe('25-28-22~5');
    expect(potOf('25-28-22~5')).toEqual(onOne);
    expect(onMat(onOne, 0)).toEqual(FIRST_POT);
    expect(onMat(onOne, 8).name).toBe(`${FIRST_POT.name}, on a mat at 8 cm`);
    for (const wrong of ['25-28-22~', '25-28-22~0', '25-28-22~-3', '25-28-22~500', '25-28-22~x'])
      expect(potOf(wrong)).toBeUndefined();
  });

  it.each(['', 'deep', '0', '-4', '20-10', '500', '20-0-10', 'NaN-1-1'])('is none: %j', (text) => {
    expect(potOf(text)).toBeUndefined();
  });
});

/** A page that states its figures for a pot. */
function Page(): ReactElement {
  const [pot, choose] = usePot();
  return (
    <>
      <p>for {pot.name}</p>
      <PotPicker pot={pot} onChange={choose} />
    </>
  );
}

describe('choosing a pot', () => {
  beforeEach(() => {
    useLastPot.setState({ shape: FIRST_SHAPE });
  });
  const open = async (at = '/page'): Promise<ReturnType<typeof userEvent.setup>> => {
    const user = userEvent.setup();
    openPage(<Page />, { at, path: '/page' });
    await user.click(screen.getByRole('button', { name: /^My pot/ }));
    return user;
  };
  const type = async (user: ReturnType<typeof userEvent.setup>, sizes: Readonly<Record<string, string>>) => {
    for (const [label, text] of Object.entries(sizes)) await user.type(screen.getByLabelText(label), text);
    await user.click(screen.getByRole('button', { name: 'Use this pot' }));
  };

  it('takes the address before the one last used', () => {
    openPage(<Page />, { at: '/page?pot=15-16-12', path: '/page' });
    expect(screen.getByText('for Pot 15 cm')).toBeTruthy();
  });

  it('stands it on a mat, keeps the mat with another pot, and lets it drain freely again', async () => {
    const user = await open();
    const again = () => user.click(screen.getByRole('button', { name: /^My pot/ }));
    await user.click(screen.getByRole('button', { name: 'Stand it on one' }));
    expect(screen.getByText(`for ${FIRST_POT.name}, on a mat at 5 cm`)).toBeTruthy();
    await again();
    await user.click(screen.getByRole('button', { name: 'Pot 9 cm' }));
    expect(screen.getByText('for Pot 9 cm, on a mat at 5 cm')).toBeTruthy();
    await again();
    await user.click(screen.getByRole('button', { name: 'Let it drain freely' }));
    expect(screen.getByText('for Pot 9 cm')).toBeTruthy();
  });

  it('takes one of the list, and remembers it', async () => {
    const user = await open();
    await user.click(screen.getByRole('button', { name: 'Pot 9 cm' }));
    expect(screen.getByText('for Pot 9 cm')).toBeTruthy();
    expect(potFor(useLastPot.getState().shape).name).toBe('Pot 9 cm');
  });

  it('takes typed sizes, with a comma too', async () => {
    const user = await open();
    await type(user, { 'Depth, cm': '19,5', 'Top, cm': '22', 'Base, cm': '18' });
    expect(screen.getByText('for Pot 19.5 cm, 22 over 18')).toBeTruthy();
  });

  it('takes a depth alone as a straight pot', async () => {
    const user = await open();
    await type(user, { 'Depth, cm': '30' });
    expect(screen.getByText('for Pot 30 cm, straight')).toBeTruthy();
  });

  it.each([
    [{ 'Depth, cm': '20', 'Top, cm': '10' }, /both diameters or neither/],
    [{ 'Depth, cm': 'deep' }, /number/],
    [{ 'Depth, cm': '400' }, /up to 200 cm/],
  ])('asks again for %j, and keeps what was typed', async (sizes, sentence) => {
    const user = await open();
    await type(user, sizes);
    expect(screen.getByRole('alert').textContent).toMatch(sentence);
    expect(screen.getByLabelText<HTMLInputElement>('Depth, cm').value).toBe(sizes['Depth, cm']);
    expect(screen.getByText(`for ${FIRST_POT.name}`)).toBeTruthy();
  });
});
