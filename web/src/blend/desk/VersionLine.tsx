import type { BlendPage } from '@bent-pail/contract';
import type { DeskResult } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { day } from '../../kit/format';
import { useSession } from '../../shared/useSession';
import { useDrafts } from './draftStore';
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
  const latest = page?.versions[0];
  if (page === undefined || latest === undefined) return <>Predicted, not weighed yet. Not kept yet.</>;
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
