import type { RunSheet } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { amount } from '../shared/units/mine';
import { api } from '../shared/api';
import { ReasonForm } from '../shared/forms/ReasonForm';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { runQuery } from '../shared/resources/runs';
import { useWorks } from '../shared/useSession';
import { ButtonLink, Button } from '../kit/Button';
import { lotsKey } from '../shared/resources/lots';

/** A finished run whose vessels were measured otherwise since: it stands as it was, and says so. */
export function Remeasured({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const works = useWorks();
  const [asked, setAsked] = useState(false);
  if (sheet.remeasured.length === 0) return null;
  return (
    <section className="border-b-[1.5px] border-ink bg-paper px-5 py-3" aria-label="Vessels measured again since">
      <p className="max-w-[80ch] text-small">
        <b>Measured again since:</b>{' '}
        {sheet.remeasured
          .map(
            ({ name, was_mL, now_mL }) => `${name}, ${amount(was_mL, 'mL', 0)} then and ${amount(now_mL, 'mL', 0)} now`,
          )
          .join('; ')}
        . This run stands on what its vessels held when it was finished.{' '}
        <ButtonLink look="tie" to="/bench/vessels">
          See the fillings
        </ButtonLink>
        {works && !asked && (
          <>
            {' or '}
            <Button
              look="tie"
              onClick={() => {
                setAsked(true);
              }}
            >
              use the newer ones
            </Button>
          </>
        )}
      </p>
      {asked && <TakeUp runId={sheet.id} />}
    </section>
  );
}

function TakeUp({ runId }: { readonly runId: string }): ReactElement {
  return (
    <ReasonForm
      body="TakeUpFillings"
      label="Use the newer fillings"
      ask="Why the newer ones are right"
      act="Work this run out anew"
      className="mt-2"
      send={(said) =>
        once(['take up', runId, said], (id) => api.post<RunSheet>(`/runs/${runId}/fillings`, { id: id(), ...said }))
      }
      onKept={async (next) => {
        queryClient.setQueryData(runQuery(runId).queryKey, next);
        await queryClient.invalidateQueries({ queryKey: lotsKey });
      }}
    />
  );
}
