import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { beforeEach, describe, expect, it } from 'vitest';
import { Keypad } from './Keypad';

let shown = '';
const typed = (): string => shown;

function show(signed = false): { readonly kept: () => number } {
  let kept = 0;
  function Trial(): ReactElement {
    const [text, type] = useState('');
    return (
      <Keypad
        text={text}
        onText={(next) => {
          shown = next;
          type(next);
        }}
        onKeep={() => {
          kept += 1;
        }}
        isSigned={signed}
      />
    );
  }
  render(<Trial />);
  return { kept: () => kept };
}

const press = async (...names: readonly string[]): Promise<void> => {
  for (const name of names) await userEvent.click(screen.getByRole('button', { name }));
};

beforeEach(() => {
  shown = '';
});

describe('keys for wet hands', () => {
  it('type into the lit cell, rub out, and keep what is shown on the key', async () => {
    const { kept } = show();
    await press('3', '1', '2', '.', '4', '7', 'Delete');
    expect(typed()).toBe('312.4');
    await press('Keep 312.4');
    expect(kept()).toBe(1);
  });

  it('have a minus only where what is typed may lie under zero', () => {
    show();
    expect(screen.queryByRole('button', { name: 'minus' })).toBeNull();
  });

  it('turn the sign over', async () => {
    show(true);
    await press('5', '8', 'minus');
    expect(typed()).toBe('-58');
    await press('minus');
    expect(typed()).toBe('58');
  });
});
