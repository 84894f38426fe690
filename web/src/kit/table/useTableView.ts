import { useSearchParams } from 'react-router';
import type { TableView } from './column';

/** In the address: nothing stands together. */
const NONE = 'none';

/** How a table is looked at, as it stands in the address; without a word there, rows stand together as `group` says. */
export function useTableView(group?: string): readonly [TableView, (view: TableView) => void] {
  const [params, setParams] = useSearchParams();
  const read = (key: string): string | undefined => {
    const value = params.get(key) ?? '';
    return value === '' ? undefined : value;
  };
  const sort = read('sort');
  const direction = read('direction');
  const together = read('group') ?? group;
  const view: TableView = {
    ...(sort === undefined ? {} : { sort }),
    ...(direction === 'up' || direction === 'down' ? { direction } : {}),
    ...(together === undefined || together === NONE ? {} : { group: together }),
    without: read('without')?.split(',') ?? [],
  };
  const change = (next: TableView): void => {
    const shown = next.group ?? NONE;
    const words: Readonly<Record<string, string | undefined>> = {
      sort: next.sort,
      direction: next.direction,
      group: shown === (group ?? NONE) ? undefined : shown,
      without: next.without.length === 0 ? undefined : next.without.join(','),
    };
    setParams(
      (before) => {
        for (const [key, value] of Object.entries(words))
          if (value === undefined) before.delete(key);
          else before.set(key, value);
        return before;
      },
      { replace: true },
    );
  };
  return [view, change];
}

/** What of it a server is asked for. */
export const askedOf = ({ sort, direction, group }: TableView): Omit<TableView, 'without'> => ({
  ...(sort === undefined ? {} : { sort }),
  ...(direction === undefined ? {} : { direction }),
  ...(group === undefined ? {} : { group }),
});

/** Sorted by a column: first its usual way, then the other, then not at all. */
export function sortedBy(view: TableView, key: string, usual: 'up' | 'down'): TableView {
  const { sort, direction, ...others } = view;
  if (sort !== key) return { ...others, sort: key };
  return direction === undefined ? { ...others, sort, direction: usual === 'up' ? 'down' : 'up' } : others;
}
