import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { ApiProblem } from '../api';
import { BodyForm } from './BodyForm';
import { check } from './check';
import { forgetDraft, keepDraft, readDraft } from './drafts';
import { TextField } from './fields';
import { Mistyped, typedNumber } from './Mistyped';
import { useBodyForm } from './useBodyForm';

interface Typed {
  readonly code: string;
  readonly price: string;
}

const NOTHING: Typed = { code: '', price: '' };
const kept: Typed[] = [];
let refusal: Error | undefined;

beforeEach(() => {
  localStorage.clear();
  kept.length = 0;
  refusal = undefined;
});

function Trial(): ReactElement {
  const form = useBodyForm({
    body: 'EditLot',
    start: NOTHING,
    draft: 'trial',
    read: ({ price }) => ({ version: 1, price: price === '' ? null : typedNumber(price, 'price') }),
    send: (_, typed) => {
      if (refusal !== undefined) return Promise.reject(refusal);
      kept.push(typed);
      return Promise.resolve('kept');
    },
    onKept: () => undefined,
  });
  return (
    <BodyForm form={form} label="Trial">
      <TextField name="code" label="Code" />
      <TextField name="price" label="Price" />
      <button type="submit">Keep</button>
    </BodyForm>
  );
}

const fill = async (price: string): Promise<ReturnType<typeof userEvent.setup>> => {
  const user = userEvent.setup();
  openPage(<Trial />);
  await user.type(screen.getByLabelText('Price'), price);
  await user.click(screen.getByRole('button', { name: 'Keep' }));
  return user;
};

describe('a form for a body of the contract', () => {
  it('says the contract’s sentence at its field, and sends nothing', async () => {
    await fill('-4');
    const price = screen.getByLabelText('Price');
    expect((await screen.findByRole('alert')).textContent).toBe('The price cannot be negative.');
    expect(price.getAttribute('aria-invalid')).toBe('true');
    expect(document.getElementById(price.getAttribute('aria-describedby') ?? '')?.textContent).toMatch(/negative/);
    expect(document.activeElement).toBe(price);
    expect(kept).toEqual([]);
  });

  it.each([
    ['four', /four/],
    ['1,234', /Is 1,234 1.234 or 1234\?/],
  ])('says why %j cannot be read', async (typed, sentence) => {
    await fill(typed);
    expect((await screen.findByRole('alert')).textContent).toMatch(sentence);
    expect(kept).toEqual([]);
  });

  it('takes the server’s sentence to its field, or below where it has none', async () => {
    refusal = new ApiProblem(409, { code: 'taken', path: 'code', message: 'There is a lot of that code.' });
    const user = await fill('4');
    await waitFor(() => {
      expect(screen.getByLabelText('Code').getAttribute('aria-invalid')).toBe('true');
    });
    expect(screen.getAllByRole('alert')).toHaveLength(1);
    refusal = new ApiProblem(409, { code: 'stale', path: 'version', message: 'Somebody else changed it.' });
    await user.type(screen.getByLabelText('Code'), 'B');
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    expect(await screen.findByText('Somebody else changed it.')).toBeTruthy();
    expect(screen.getByLabelText('Code').getAttribute('aria-invalid')).toBe('false');
  });

  it('has what was typed after a reload, until it is kept or begun anew', async () => {
    keepDraft('the-lead', 'trial', { code: 'PM-9', price: '' });
    const user = userEvent.setup();
    openPage(<Trial />);
    expect(screen.getByLabelText<HTMLInputElement>('Code').value).toBe('PM-9');
    expect(screen.getByText(/What you typed here before is still there/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Begin anew' }));
    expect(screen.getByLabelText<HTMLInputElement>('Code').value).toBe('');
    await user.type(screen.getByLabelText('Code'), 'PM-10');
    expect(readDraft('the-lead', 'trial', { code: '', price: '' })).toEqual({ code: 'PM-10', price: '' });
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    await waitFor(() => {
      expect(kept).toEqual([{ code: 'PM-10', price: '' }]);
    });
    expect(readDraft('the-lead', 'trial', { code: '', price: '' })).toBeUndefined();
  });
});

describe('a draft', () => {
  it('is one’s own', () => {
    keepDraft('tam', 'lot', { name: 'Bark' });
    expect(readDraft('isla', 'lot', { name: '' })).toBeUndefined();
    forgetDraft('tam', 'lot');
    expect(readDraft('tam', 'lot', { name: '' })).toBeUndefined();
  });

  it('of a form that has other fields by now keeps those that are left; what is no draft is none', () => {
    keepDraft('tam', 'lot', { name: 'Bark', gone: 'x', count: 'three' });
    expect(readDraft('tam', 'lot', { name: '', count: 0, fresh: 'y' })).toEqual({ name: 'Bark', count: 0, fresh: 'y' });
    localStorage.setItem('bent-pail form tam odd', '{"name":');
    expect(readDraft('tam', 'odd', { name: '' })).toBeUndefined();
  });
});

it.each([
  [
    'NewUser',
    { name: ' ', role: 'tester', password: 'a pail of grey water' },
    { name: 'Type a name of 1 to 80 letters.' },
  ],
  ['NewLot', { materialId: 'x', code: 'A' }, { materialId: 'Say which material it is a lot of.' }],
  ['StockCount', { stock_L: 12 }, {}],
] as const)('%s of %j is told %j', async (name, body, sentences) => {
  const errors = await check(name, body);
  expect(Object.fromEntries(Object.entries(errors).map(([field, found]) => [field, found?.message]))).toEqual(
    sentences,
  );
});

it('a number that cannot be read names its field', () => {
  expect(() => typedNumber('x', 'price')).toThrow(Mistyped);
  expect(typedNumber('0,5', 'price')).toBe(0.5);
});
