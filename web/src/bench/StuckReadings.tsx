import { replicateName } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { AskTwice } from '../kit/AskTwice';
import { outboxOf, sendAgain } from '../shared/outbox/store';
import type { Waiting } from '../shared/outbox/useOutbox';
import { useMe } from '../shared/useSession';

/** Readings that the server would not keep: in sight, with its sentence, until a person decides. */
export function StuckReadings({ waiting }: { readonly waiting: readonly Waiting[] }): ReactElement | null {
  const { id } = useMe();
  const stuck = waiting.filter((entry) => entry.problem !== undefined);
  if (stuck.length === 0) return null;
  return (
    <div className="check m-5" role="alert">
      <h3>
        Not kept <span>waiting for you</span>
      </h3>
      {stuck.map((entry) => (
        <p key={entry.place}>
          {replicateName(entry.reading.replicate)}, {entry.reading.step},{' '}
          <span className="f">{entry.reading.value}</span>: {entry.problem}{' '}
          <button
            type="button"
            className="tie"
            onClick={() => {
              void outboxOf(id).entries.where('place').equals(entry.place).modify(sendAgain);
            }}
          >
            Send again
          </button>{' '}
          <LetGo
            entry={entry}
            onLetGo={() => {
              void outboxOf(id).entries.delete(entry.place);
            }}
          />
        </p>
      ))}
    </div>
  );
}

/** A reading that is let go is nowhere any more, so that this is asked twice. */
function LetGo({ entry, onLetGo }: { readonly entry: Waiting; readonly onLetGo: () => void }): ReactElement {
  const { replicate, step, value } = entry.reading;
  return (
    <AskTwice
      opener="Let it go"
      title="Let this reading go?"
      line={
        <>
          {replicateName(replicate)}, {step}: <span className="f">{value}</span>. It is kept nowhere else, and cannot be
          brought back.
        </>
      }
      no="Keep it waiting"
      yes="Let it go"
      onYes={onLetGo}
    />
  );
}
