import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { DateField } from './DateField';
import { readDay } from './readDay';
import { readTime } from './readTime';
import { shownDay } from './shownDay';
import { TimeField } from './TimeField';

const TODAY = new Date(2026, 10, 28);

describe('a day that is written', () => {
  it.each([
    ['2026-11-24', '2026-11-24'],
    ['24 Nov 2026', '2026-11-24'],
    ['24 november 2026', '2026-11-24'],
    ['24/11/2026', '2026-11-24'],
    ['1.2.2026', '2026-02-01'],
    ['24 Nov', '2026-11-24'],
    ['3/4', '2026-04-03'],
    ['24 Nov 26', '2026-11-24'],
    [' today ', '2026-11-28'],
    ['29 Feb 2028', '2028-02-29'],
  ])('%s is %s', (text, iso) => {
    expect(readDay(text, TODAY)).toBe(iso);
  });

  it.each(['', 'soon', '31 Apr 2026', '29 Feb 2026', '24/13/2026', '24 Nov 20266', '12345'])('“%s” is none', (text) => {
    expect(readDay(text, TODAY)).toBeUndefined();
  });

  it('is shown with its month in letters, whatever day it is', () => {
    expect(shownDay('2026-03-01')).toBe('1 Mar 2026');
    expect(readDay(shownDay('1999-12-31'), TODAY)).toBe('1999-12-31');
    expect(readDay(shownDay('2026-09-08'), TODAY)).toBe('2026-09-08');
  });
});

it.each([
  ['8', '08:00'],
  ['8:30', '08:30'],
  ['0830', '08:30'],
  ['17.05', '17:05'],
  ['24', undefined],
  ['8:60', undefined],
  ['noon', undefined],
])('the time %s is %s', (text, time) => {
  expect(readTime(text)).toBe(time);
});

describe('a field for a day', () => {
  function Came({ said }: { readonly said: (iso: string) => void }): ReactElement {
    const [value, setValue] = useState('2026-11-24');
    return (
      <DateField
        label="Arrived on"
        value={value}
        onChange={(iso) => {
          setValue(iso);
          said(iso);
        }}
      />
    );
  }

  it('takes what is typed when it is left, and shows it in one way', async () => {
    const said = vi.fn();
    const user = userEvent.setup();
    render(<Came said={said} />);
    const field = screen.getByLabelText<HTMLInputElement>('Arrived on');
    expect(field.value).toBe('24 Nov 2026');
    await user.clear(field);
    await user.type(field, '1/12/2026');
    expect(said).not.toHaveBeenCalled();
    await user.tab();
    await waitFor(() => {
      expect(said).toHaveBeenLastCalledWith('2026-12-01');
    });
    expect(field.value).toBe('1 Dec 2026');
  });

  it('says what is no day, keeps the text, and asks for nothing while it is being typed', async () => {
    const said = vi.fn();
    const user = userEvent.setup();
    render(<Came said={said} />);
    const field = screen.getByLabelText<HTMLInputElement>('Arrived on');
    await user.clear(field);
    await user.type(field, '31 Apr 2026');
    expect(screen.queryByRole('alert')).toBeNull();
    await user.tab();
    expect((await screen.findByRole('alert')).textContent).toBe('Write the day as 24 Nov 2026.');
    expect(field.value).toBe('31 Apr 2026');
    expect(said).not.toHaveBeenCalled();
  });

  it('can be emptied', async () => {
    const said = vi.fn();
    const user = userEvent.setup();
    render(<Came said={said} />);
    await user.clear(screen.getByLabelText('Arrived on'));
    await user.tab();
    expect(said).toHaveBeenLastCalledWith('');
  });

  it('is chosen from a month that begins where the day is', async () => {
    const said = vi.fn();
    const user = userEvent.setup();
    render(<Came said={said} />);
    await user.click(screen.getByRole('button', { name: 'Arrived on: choose from a month' }));
    await user.click(await screen.findByRole('button', { name: /10(th)? November 2026|November 10(th)?, 2026/ }));
    expect(said).toHaveBeenLastCalledWith('2026-11-10');
    expect(screen.getByLabelText<HTMLInputElement>('Arrived on').value).toBe('10 Nov 2026');
  });
});

it('a time that is none gives way to the one before', async () => {
  const said = vi.fn();
  const user = userEvent.setup();
  render(<TimeField label="at" value="08:00" onChange={said} />);
  const field = screen.getByLabelText<HTMLInputElement>('at');
  await user.clear(field);
  await user.type(field, 'noon');
  await user.tab();
  expect(said).not.toHaveBeenCalled();
  expect(field.value).toBe('08:00');
  await user.clear(field);
  await user.type(field, '930');
  await user.tab();
  expect(said).toHaveBeenCalledWith('09:30');
});
