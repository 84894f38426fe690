import type { SavedPage, SavedView } from '@bent-pail/contract';
import { SAVED_PAGES } from '@bent-pail/contract/choices';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link, useLocation } from 'react-router';
import { Button } from '../../kit/Button';
import { Popover } from '../../kit/Popover';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../api';
import { BodyForm } from '../forms/BodyForm';
import { TextField } from '../forms/fields';
import { useBodyForm } from '../forms/useBodyForm';
import { once } from '../once';
import { queryClient } from '../resources/client';
import { savedViewsQuery } from '../resources/savedViews';
import { useMe, useWorks } from '../useSession';

const isSaved = (path: string): path is SavedPage => (SAVED_PAGES as readonly string[]).includes(path);
const READ_BY = ['lead', 'tester', 'reader'];

/** Lists of this page that somebody kept under a name, and the way to keep this one. */
export function SavedViews(): ReactElement | null {
  const { pathname, search } = useLocation();
  const { role } = useMe();
  if (!isSaved(pathname) || !READ_BY.includes(role)) return null;
  return <OfPage page={pathname} query={search.replace(/^\?/, '')} />;
}

const KEPT = 'Kept lists';

function OfPage({ page, query }: { readonly page: SavedPage; readonly query: string }): ReactElement {
  const works = useWorks();
  const [open, setOpen] = useState(false);
  const { data = [] } = useQuery(savedViewsQuery);
  const views = data.filter((one) => one.page === page);
  const shown = views.find((one) => one.query === query);
  return (
    <Popover
      opener={shown?.name ?? KEPT}
      label={shown === undefined ? KEPT : `${shown.name}: one of the kept lists`}
      look="small"
      open={open}
      onOpenChange={setOpen}
      className="w-80 p-4 text-small"
    >
      {views.length === 0 ? (
        <p className="text-ink2">Ask, sort and group as you like it; then keep it under a name.</p>
      ) : (
        <ul aria-label="Kept lists" className="-mt-2">
          {views.map((view) => (
            <Kept
              key={view.id}
              view={view}
              onGo={() => {
                setOpen(false);
              }}
            />
          ))}
        </ul>
      )}
      {works && query !== '' && shown === undefined && <KeepThis page={page} query={query} />}
    </Popover>
  );
}

interface KeptProps {
  readonly view: SavedView;
  readonly onGo: () => void;
}

function Kept({ view: { id, page, name, query, by }, onGo }: KeptProps): ReactElement {
  const works = useWorks();
  const drop = useMutation({
    mutationFn: () => api.remove<SavedView[]>(`/saved-views/${id}`),
    onSuccess: (left) => {
      queryClient.setQueryData(savedViewsQuery.queryKey, left);
    },
  });
  return (
    <li className="flex items-center gap-3 not-last:border-b not-last:border-zinc2">
      <Link className="flex min-h-11 flex-1 items-center" to={`${page}?${query}`} onClick={onGo}>
        {name}
      </Link>
      <small className="text-ink2">{by}</small>
      {works && (
        <Button
          look="small"
          aria-label={`Forget the list ${name}`}
          disabled={drop.isPending}
          onClick={() => {
            drop.mutate();
          }}
        >
          forget
        </Button>
      )}
      {drop.error !== null && <Sorry>{sentenceOf(drop.error)}</Sorry>}
    </li>
  );
}

function KeepThis({ page, query }: { readonly page: SavedPage; readonly query: string }): ReactElement {
  const form = useBodyForm({
    body: 'NewSavedView',
    start: { name: '' },
    read: ({ name }) => ({ page, name, query }),
    send: (said) => once(['saved-view', said], (id) => api.post<SavedView[]>('/saved-views', { id: id(), ...said })),
    onKept: (views) => {
      queryClient.setQueryData(savedViewsQuery.queryKey, views);
    },
  });
  return (
    <BodyForm form={form} label="Keep this list" className="mt-3 flex flex-wrap items-end gap-3">
      <TextField name="name" label="Name of this list" placeholder="bark, cheapest first" className="flex-1" />
      <Button type="submit" disabled={form.isBusy}>
        Keep
      </Button>
    </BodyForm>
  );
}
