import { replicateName } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { AskTwice } from '../kit/AskTwice';
import { outboxOf, sendAgain } from '../shared/outbox/store';
import type { WaitingReading } from '../shared/outbox/useOutbox';
import { useMe } from '../shared/useSession';
import { Button } from '../kit/Button';
import { Notice } from '../kit/Notice';

/** Readings that the server would not keep: in sight, with its sentence, until a person decides. */
export function StuckReadings({ waiting }: { readonly waiting: readonly WaitingReading[] }): ReactElement | null {
  const { id } = useMe();
  const stuck = waiting.filter((entry) => entry.problem !== undefined);
  if (stuck.length === 0) return null;
  return (
    <Notice className="m-5" role="alert">
      <h3>
        Not kept <span>waiting for you</span>
      </h3>
      {stuck.map((entry) => (
        <p key={entry.place}>
          {replicateName(entry.reading.replicate)}, {entry.reading.step},{' '}
          <span className="figure">{entry.reading.value}</span>: {entry.problem}{' '}
          <Button
            look="tie"
            onClick={() => {
              void outboxOf(id).entries.where('place').equals(entry.place).modify(sendAgain);
            }}
          >
            Send again
          </Button>{' '}
          <LetGo
            entry={entry}
            onLetGo={() => {
              void outboxOf(id).entries.delete(entry.place);
            }}
          />
        </p>
      ))}
    </Notice>
  );
}

/** A reading that is let go is nowhere any more, so that this is asked twice. */
function LetGo({ entry, onLetGo }: { readonly entry: WaitingReading; readonly onLetGo: () => void }): ReactElement {
  const { replicate, step, value } = entry.reading;
  return (
    <AskTwice
      opener="Discard it"
      title="Discard this reading?"
      line={
        <>
          {replicateName(replicate)}, {step}: <span className="figure">{value}</span>. It is kept nowhere else, and
          cannot be brought back.
        </>
      }
      no="Keep it waiting"
      yes="Discard it"
      onYes={onLetGo}
    />
  );
}
