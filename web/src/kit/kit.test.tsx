import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { choicesOf, choose, isTicked } from '../testing/choose';
import { Check } from './Check';
import { Choice, type Option } from './Choice';
import { Find } from './Find';
import { OneOf } from './OneOf';

const PACKED: readonly Option<string>[] = [
  { key: '', words: 'not noted' },
  { key: 'tapped', words: 'tapped' },
  { key: 'pressed', words: 'pressed', group: 'With a load' },
  { key: 'dropped', words: 'dropped' },
];

function Packed({ said }: { readonly said: (key: string) => void }): ReactElement {
  const [value, setValue] = useState('tapped');
  return (
    <Choice
      label="Packed"
      value={value}
      options={PACKED}
      onChange={(key) => {
        setValue(key);
        said(key);
      }}
    />
  );
}

describe('a choice', () => {
  it('shows what is chosen, offers the rest with groups together, and says what was taken', async () => {
    const said = vi.fn();
    render(<Packed said={said} />);
    const choice = screen.getByLabelText('Packed');
    expect(choice.textContent).toBe('tapped');
    expect(await choicesOf(choice)).toEqual(['not noted', 'tapped', 'dropped', 'pressed']);
    await choose(choice, 'pressed');
    expect(choice.textContent).toBe('pressed');
    expect(said.mock.calls).toEqual([['pressed']]);
  });

  it('takes “none of them” for a choice like any other', async () => {
    const said = vi.fn();
    render(<Packed said={said} />);
    await choose(screen.getByLabelText('Packed'), 'not noted');
    expect(said).toHaveBeenLastCalledWith('');
    expect(screen.getByLabelText('Packed').textContent).toBe('not noted');
  });

  it('goes by keyboard alone: opened, found by its first letters, taken', async () => {
    const said = vi.fn();
    const user = userEvent.setup();
    render(<Packed said={said} />);
    await user.tab();
    await user.keyboard('{Enter}');
    await user.keyboard('dr{Enter}');
    expect(said).toHaveBeenLastCalledWith('dropped');
    expect(document.activeElement).toBe(screen.getByLabelText('Packed'));
  });

  it('says what to do where nothing is chosen, and stays so where it only adds', async () => {
    const added = vi.fn();
    render(
      <Choice label="Add a lot" value="" unchosen="choose from the shelf" options={PACKED.slice(1)} onChange={added} />,
    );
    expect(screen.getByLabelText('Add a lot').textContent).toBe('choose from the shelf');
    await choose(screen.getByLabelText('Add a lot'), 'tapped');
    await choose(screen.getByLabelText('Add a lot'), 'tapped');
    expect(added).toHaveBeenCalledTimes(2);
    expect(screen.getByLabelText('Add a lot').textContent).toBe('choose from the shelf');
  });

  it('is named where its label is only read out', () => {
    render(<Choice label="Target" look="bare" value="tapped" options={PACKED} onChange={vi.fn()} disabled />);
    expect(screen.getByRole('combobox', { name: 'Target' })).toHaveProperty('disabled', true);
  });
});

describe('a box', () => {
  function Must(): ReactElement {
    const [checked, setChecked] = useState(false);
    return <Check label="a must" checked={checked} onChange={setChecked} />;
  }

  it('is ticked by a press on it, on its label, and by the space bar', async () => {
    const user = userEvent.setup();
    render(<Must />);
    const box = screen.getByRole('checkbox', { name: 'a must' });
    await user.click(box);
    expect(isTicked(box)).toBe(true);
    await user.click(screen.getByText('a must'));
    expect(isTicked(box)).toBe(false);
    await user.keyboard(' ');
    expect(isTicked(box)).toBe(true);
  });
});

describe('one of a few', () => {
  it('tells which, by press and by arrow', async () => {
    const user = userEvent.setup();
    const said = vi.fn();
    render(<OneOf label="Packed" value="tapped" options={PACKED.slice(1)} onChange={said} />);
    expect(screen.getByRole('radiogroup', { name: 'Packed' })).toBeTruthy();
    await user.click(screen.getByLabelText('dropped'));
    expect(said).toHaveBeenLastCalledWith('dropped');
    expect(isTicked(screen.getByRole('radio', { name: 'tapped' }))).toBe(true);
  });
});

describe('finding one among thousands', () => {
  const ALL = ['Bark, fine', 'Coir pith', 'Pumice 3-8 mm', 'Pumice 8-12 mm'];
  function Shelf({ said }: { readonly said: (key: string) => void }): ReactElement {
    const [text, setText] = useState('');
    const [chosen, setChosen] = useState<string>();
    const found = ALL.filter((name) => name.toLowerCase().includes(text.toLowerCase()));
    return (
      <Find
        label="Lot"
        chosen={chosen}
        unchosen="say which"
        found={found.slice(0, 3).map((name) => ({ key: name, words: name, note: 'not measured yet' }))}
        total={found.length}
        text={text}
        placeholder="name, code"
        onText={setText}
        onChoose={(key) => {
          setChosen(key);
          said(key);
        }}
      />
    );
  }

  it('takes words, shows what answers and how many are not shown, and closes with what was taken', async () => {
    const said = vi.fn();
    const user = userEvent.setup();
    render(<Shelf said={said} />);
    const find = screen.getByLabelText('Lot');
    expect(find.textContent).toBe('say which');
    await user.click(find);
    expect(screen.getByText(/The first 3 of 4/)).toBeTruthy();
    await user.type(screen.getByPlaceholderText('name, code'), 'pum');
    expect(screen.getAllByRole('option').map(({ textContent }) => textContent)).toEqual([
      'Pumice 3-8 mmnot measured yet',
      'Pumice 8-12 mmnot measured yet',
    ]);
    await user.keyboard('{ArrowDown}{Enter}');
    expect(said.mock.calls).toEqual([['Pumice 8-12 mm']]);
    expect(screen.queryByRole('option')).toBeNull();
    expect(find.textContent).toBe('Pumice 8-12 mm');
  });

  it('says so where nothing answers, and forgets the words when it is closed', async () => {
    const user = userEvent.setup();
    render(<Shelf said={vi.fn()} />);
    await user.click(screen.getByLabelText('Lot'));
    await user.type(screen.getByPlaceholderText('name, code'), 'gravel');
    expect(screen.getByText('Nothing is called so.')).toBeTruthy();
    await user.keyboard('{Escape}');
    await user.click(screen.getByLabelText('Lot'));
    expect(screen.getAllByRole('option')).toHaveLength(3);
  });
});
