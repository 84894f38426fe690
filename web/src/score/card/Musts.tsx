import type { ScorecardPage } from '@bent-pail/contract';
import type { CardCriterion } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { once } from '../../shared/once';
import { useWorks } from '../../shared/useSession';
import { keptCard } from './keptCard';

interface MustsProps {
  readonly cardId: string;
  readonly criteria: readonly CardCriterion[];
}

/** What must hold, said with yes or no; one that does not caps the whole. */
export function Musts({ cardId, criteria }: MustsProps): ReactElement | null {
  const works = useWorks();
  const musts = criteria.filter(({ criterion }) => criterion.source.from === 'must');
  const say = useMutation({
    mutationFn: (said: { readonly criterion: string; readonly holds: boolean }) =>
      once(['must', cardId, said], (id) =>
        api.post<ScorecardPage>(`/scorecards/${cardId}/musts`, { id: id(), ...said }),
      ),
    onSuccess: keptCard,
  });
  if (musts.length === 0) return null;
  return (
    <section aria-label="Musts" className="mt-4 border-t-[1.5px] pt-2">
      <h3 className="text-body">Must be so</h3>
      {musts.map(({ criterion: { name, label, plain }, found, says }) => (
        <div key={name} className="flex flex-wrap items-center justify-between gap-x-3 border-b border-zinc2 py-1">
          <span>
            <b>{label}</b> <small>{plain}</small>
            {found !== undefined && (
              <small className="block">
                {found > 5 ? 'holds' : 'does not hold'}
                {says === undefined ? '' : `, ${says}`}
              </small>
            )}
          </span>
          {works && (
            <span className="flex gap-2">
              {[true, false].map((holds) => (
                <Button
                  key={String(holds)}
                  look={found !== undefined && found > 5 === holds ? 'slab' : 'low'}
                  aria-label={`${label}: ${holds ? 'yes' : 'no'}`}
                  aria-pressed={found !== undefined && found > 5 === holds}
                  onClick={() => {
                    say.mutate({ criterion: name, holds });
                  }}
                >
                  {holds ? 'yes' : 'no'}
                </Button>
              ))}
            </span>
          )}
        </div>
      ))}
      {say.error !== null && <Sorry>{sentenceOf(say.error)}</Sorry>}
    </section>
  );
}
