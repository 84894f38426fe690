import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { describe, expect, it } from 'vitest';
import { NameUnderstood } from './NameUnderstood';

function Naming({ name, first = '' }: { readonly name: string; readonly first?: string }): ReactElement {
  const [classId, setClassId] = useState(first);
  return (
    <>
      <NameUnderstood name={name} classId={classId} onClass={setClassId} />
      <output>{classId}</output>
    </>
  );
}

const said = (): string => screen.getAllByRole('status').at(-1)?.textContent ?? '';

describe('a typed name', () => {
  it('is shown as it was understood, with the reason, and can be taken back', async () => {
    render(<Naming name="coco peat" first="coir-pith" />);
    expect(screen.getByText(/“coco peat” is a common name of it/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'It is something else' }));
    expect(said()).toBe('');
  });

  it('that can be several things asks which, and takes the answer', async () => {
    render(<Naming name="perlite" />);
    expect(screen.getByText(/How large are its grains\?/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /coarse/ }));
    expect(said()).toBe('perlite-coarse');
    expect(screen.getByText(/Read as/)).toBeTruthy();
  });

  it('that nobody knows fills in nothing, and may stay open', () => {
    render(<Naming name="the grey stuff" />);
    expect(screen.getByText(/measuring tells more than any name/)).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('of what is dosed says how much is safe, and what to mind', () => {
    render(<Naming name="neem cake" />);
    expect(screen.getByText(/g to the litre, not poured/)).toBeTruthy();
    expect(screen.getByText(/nothing for seed/)).toBeTruthy();
    expect(screen.getByText(/Castor cake holds ricin/)).toBeTruthy();
  });

  it('says nothing while there is none', () => {
    const { container } = render(<NameUnderstood name=" " classId="" onClass={() => undefined} />);
    expect(container.textContent).toBe('');
  });
});
