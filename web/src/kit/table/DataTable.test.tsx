import { fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { MemoryRouter, useLocation } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { choose } from '../../testing/choose';
import type { Column, Further, Grouping } from './column';
import { DataTable } from './DataTable';
import { sortedBy, useTableView } from './useTableView';

interface Jar {
  readonly id: string;
  readonly name: string;
  readonly shelf: string;
  readonly mass_g?: number;
}

const jar = (n: number, more: Partial<Jar> = {}): Jar => ({
  id: `j${String(n)}`,
  name: `Jar ${String(n)}`,
  shelf: 'top',
  mass_g: n,
  ...more,
});
const JARS: readonly Jar[] = [
  jar(10),
  jar(9, { shelf: 'low' }),
  { id: 'none', name: 'Unweighed', shelf: 'top' },
  jar(2, { shelf: 'low' }),
];

const COLUMNS: readonly Column<Jar>[] = [
  {
    key: 'name',
    head: 'Jar',
    place: 'name',
    sort: 'up',
    value: ({ name }) => name,
    cell: ({ id, name }) => <a href={id}>{name}</a>,
  },
  { key: 'mass', head: 'g', sort: 'down', value: ({ mass_g }) => mass_g, cell: ({ mass_g }) => mass_g ?? null },
  { key: 'shelf', head: 'shelf', align: 'left', cell: ({ shelf }) => shelf },
];
const GROUPINGS: readonly Grouping<Jar>[] = [
  { key: 'shelf', words: 'shelf', of: ({ shelf }) => shelf, said: (shelf) => `The ${shelf} shelf` },
];

interface TrialProps {
  readonly rows?: readonly Jar[];
  readonly further?: Further;
  readonly total?: number;
}

function Trial({ rows = JARS, further, total }: TrialProps): ReactElement {
  const [view, setView] = useTableView();
  const [ids, setIds] = useState<readonly string[]>([]);
  return (
    <>
      <DataTable
        label="Jars"
        what={['jar', 'jars']}
        columns={COLUMNS}
        rows={rows}
        keyOf={({ id }) => id}
        view={view}
        onView={setView}
        unsorted="as they stand"
        groupings={GROUPINGS}
        nothing="No jar."
        {...(further === undefined ? {} : { further })}
        {...(total === undefined ? {} : { total })}
        ticking={{ ids, onChange: setIds, label: ({ name }) => `Take ${name}`, actions: <p>taken: {ids.join(' ')}</p> }}
      />
      <output>{useLocation().search}</output>
    </>
  );
}

const open = (props: TrialProps = {}, at = '/') =>
  render(
    <MemoryRouter initialEntries={[at]}>
      <Trial {...props} />
    </MemoryRouter>,
  );
const names = (): string[] => screen.getAllByRole('rowheader').map(({ textContent }) => textContent);
const address = (): string => screen.getByRole('status').textContent;

describe('a table of what is at hand', () => {
  it('is sorted by a head: its usual way, the other, not at all; what has no value comes last', async () => {
    const user = userEvent.setup();
    open();
    const head = screen.getByRole('button', { name: 'g' });
    await user.click(head);
    expect(names()).toEqual(['Jar 10', 'Jar 9', 'Jar 2', 'Unweighed']);
    expect(screen.getByRole('columnheader', { name: 'g' }).getAttribute('aria-sort')).toBe('descending');
    await user.click(head);
    expect(names()).toEqual(['Jar 2', 'Jar 9', 'Jar 10', 'Unweighed']);
    expect(address()).toBe('?sort=mass&direction=up');
    await user.click(head);
    expect(names()).toEqual(JARS.map(({ name }) => name));
    expect(address()).toBe('');
  });

  it('sorts words by the numbers in them', () => {
    open({}, '/?sort=name');
    expect(names()).toEqual(['Jar 2', 'Jar 9', 'Jar 10', 'Unweighed']);
  });

  it('stands in groups with how many each has, and says in the address by what', async () => {
    open();
    await choose(screen.getByLabelText('Together by'), 'shelf');
    expect(names()).toEqual(['The top shelf 2', 'Jar 10', 'Unweighed', 'The low shelf 2', 'Jar 9', 'Jar 2']);
    expect(address()).toBe('?group=shelf');
  });

  it('leaves out columns that nobody wants to see', async () => {
    const user = userEvent.setup();
    open();
    await user.click(screen.getByRole('button', { name: 'Columns' }));
    await user.click(screen.getByRole('checkbox', { name: 'shelf' }));
    expect(address()).toBe('?without=shelf');
    await user.keyboard('{Escape}');
    expect(screen.queryByRole('columnheader', { name: 'shelf' })).toBeNull();
  });

  it('ticks rows for something to be done with them', async () => {
    const user = userEvent.setup();
    open();
    await user.click(screen.getByRole('checkbox', { name: 'Take Jar 9' }));
    await user.click(screen.getByRole('checkbox', { name: 'Take Jar 2' }));
    await user.click(screen.getByRole('checkbox', { name: 'Take Jar 9' }));
    expect(screen.getByText('taken: j2')).toBeTruthy();
  });

  it('is gone through by arrows, past the heads of its groups', () => {
    open({}, '/?group=shelf');
    const at = (name: string): HTMLElement => screen.getByRole('link', { name });
    at('Unweighed').focus();
    fireEvent.keyDown(at('Unweighed'), { key: 'ArrowDown' });
    expect(document.activeElement).toBe(at('Jar 9'));
    fireEvent.keyDown(at('Jar 9'), { key: 'End' });
    expect(document.activeElement).toBe(at('Jar 2'));
    fireEvent.keyDown(at('Jar 2'), { key: 'Home' });
    expect(document.activeElement).toBe(at('Jar 10'));
    fireEvent.keyDown(at('Jar 10'), { key: 'ArrowUp' });
    expect(document.activeElement).toBe(at('Jar 10'));
  });

  it('says so where there is no row', () => {
    open({ rows: [] });
    expect(screen.getByText('No jar.')).toBeTruthy();
    expect(screen.queryByRole('table')).toBeNull();
  });
});

describe('a table of what a server has', () => {
  it('keeps the server’s order, draws what is seen of a thousand rows, and asks for more near their end', () => {
    // Each row as high as is guessed: nothing is laid out here.
    vi.spyOn(HTMLElement.prototype, 'offsetHeight', 'get').mockReturnValue(60);
    const load = vi.fn();
    const rows = Array.from({ length: 1000 }, (_, i) => jar(1000 - i));
    const further = { has: true, isLoading: false, load };
    const { rerender } = open({ rows, further, total: 4000 }, '/?sort=name');
    expect(names()[0]).toBe('Jar 1000');
    expect(names().length).toBeLessThan(60);
    expect(screen.getByRole('table').getAttribute('aria-rowcount')).toBe('4001');
    expect(load).not.toHaveBeenCalled();
    rerender(
      <MemoryRouter>
        <Trial rows={rows.slice(0, 12)} further={further} total={4000} />
      </MemoryRouter>,
    );
    expect(load).toHaveBeenCalled();
  });
});

describe('on a phone', () => {
  const wide = window.matchMedia.bind(window);
  afterEach(() => {
    window.matchMedia = wide;
  });

  it('is a list in which each value stands after its word, and what is not known is left out', async () => {
    window.matchMedia = (query) => Object.assign(wide(query), { matches: query.includes('max-width: 639px') });
    open();
    expect(screen.queryByRole('table')).toBeNull();
    const items = within(screen.getByRole('list', { name: 'Jars' })).getAllByRole('listitem');
    expect(items[1]?.textContent).toBe('Jar 9g9shelflow');
    expect(items[2]?.textContent).toBe('Unweighedshelftop');
    await choose(screen.getByLabelText('Sorted'), 'by g, most first');
    expect(address()).toBe('?sort=mass');
  });
});

it.each([
  [{}, 'up', { sort: 'a' }],
  [{ sort: 'a' }, 'up', { sort: 'a', direction: 'down' }],
  [{ sort: 'a' }, 'down', { sort: 'a', direction: 'up' }],
  [{ sort: 'a', direction: 'up' as const }, 'down', {}],
  [{ sort: 'b', direction: 'up' as const }, 'down', { sort: 'a' }],
] as const)('from %j, usually %s, a press of its head leads to %j', (view, usual, next) => {
  expect(sortedBy({ ...view, without: [] }, 'a', usual)).toEqual({ ...next, without: [] });
});
