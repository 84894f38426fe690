import type { BlendPage } from '@bent-pail/contract';
import type { DeskResult } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import { day } from '../../kit/format';
import { useSession } from '../../shared/useSession';
import { NEW, useDrafts, type BlendDraft } from '../../shared/blends/draftStore';
import { undoable } from '../../kit/toasts';
import { movedOn } from './movedOn';
import { Button } from '../../kit/Button';

interface VersionLineProps {
  readonly page: BlendPage | undefined;
  readonly shown: number | undefined;
  readonly changed: boolean;
  readonly result: DeskResult | undefined;
  readonly draftKey: string;
}

/** Which version this is, and whether the lots have been measured again since it was kept. */
export function VersionLine({ page, shown, changed, result, draftKey }: VersionLineProps): ReactElement {
  const { notebook } = useSession();
  const drop = useDrafts((state) => state.drop);
  const draft = useDrafts((state) => state.drafts[NEW]);
  const latest = page?.versions[0];
  if (page === undefined || latest === undefined)
    return (
      <>
        Predicted, not weighed yet. Not kept yet.{' '}
        {draftKey === NEW && draft !== undefined && <EmptyDesk draft={draft} />}
      </>
    );
  const version = page.versions.find((one) => one.n === shown) ?? latest;
  const moved = changed || result === undefined ? undefined : movedOn(version, result);
  return (
    <>
      {changed
        ? `Changed since version ${String(latest.n)}. `
        : `Version ${String(version.n)}, kept ${day(version.keptAt, notebook.zone)} by ${version.keptBy}. `}
      {changed && (
        <Button
          look="small"
          className="min-h-0"
          onClick={() => {
            drop(draftKey);
          }}
        >
          Back to it
        </Button>
      )}
      {moved}
      {page.versions.length > 1 && (
        <>
          {' '}
          Versions{' '}
          {page.versions.map((one) => (
            <Link key={one.id} className="mr-1" to={`/blend/${page.id}/versions/${String(one.n)}`}>
              {one.n}
            </Link>
          ))}
        </>
      )}
    </>
  );
}

/** Clears what was never kept; it can be had back for a while. */
function EmptyDesk({ draft }: { readonly draft: BlendDraft }): ReactElement {
  const { drop, change } = useDrafts.getState();
  const navigate = useNavigate();
  return (
    <Button
      look="small"
      className="min-h-0"
      onClick={() => {
        // Without what the address asked for, nor what is in hand: the desk is bare.
        change(NEW, { name: '', recipe: { ...draft.recipe, lines: [] } });
        void navigate('/blend/desk', { replace: true });
        undoable('The desk is empty.', () => {
          drop(NEW);
          change(NEW, draft);
        });
      }}
    >
      Empty the desk
    </Button>
  );
}
