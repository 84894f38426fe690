import type { RatioOfMedium, TrialRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { counted, day, fixed } from '../../kit/format';
import { trialsOfMediumQuery } from '../resources/trials';
import { useSession } from '../useSession';

interface GrownInProps {
  readonly of: { readonly lot: string } | { readonly blend: string };
}

/** Finished trials in which a lot or a blend grew, and how well beside the reference, version by version. */
export function GrownIn({ of }: GrownInProps): ReactElement | null {
  const { data = [] } = useQuery(trialsOfMediumQuery(of));
  if (data.length === 0) return null;
  const id = 'lot' in of ? of.lot : of.blend;
  return (
    <details className="mt-3">
      <summary>It grew in {counted(data.length, 'trial', 'trials')}</summary>
      <ul className="text-small">
        {data.map((trial) => (
          <GrownLine key={trial.id} trial={trial} mediumId={id} />
        ))}
      </ul>
    </details>
  );
}

function GrownLine({ trial, mediumId }: { readonly trial: TrialRow; readonly mediumId: string }): ReactElement {
  const { notebook } = useSession();
  const own = trial.ratios?.filter((one) => one.mediumId === mediumId) ?? [];
  return (
    <li className="py-1">
      <Link to={`/grow/${trial.id}`}>{trial.name}</Link>, sown {day(trial.sownOn, notebook.zone)}:{' '}
      {own.length === 0
        ? 'it was the reference, or nothing could be told of it.'
        : `${own.map(ratioSaid).join('; ')} of what grew in ${trial.reference}.`}
    </li>
  );
}

const ratioSaid = ({ ratio, se, mediumN }: RatioOfMedium): string =>
  `${mediumN === undefined ? '' : `version ${String(mediumN)} `}${fixed(ratio, 2)}${se === undefined ? '' : ` ± ${fixed(2 * se, 2)}`}`;
