import type { ReactElement } from 'react';
import { replicateName } from '@bent-pail/core';
import { outboxOf } from '../shared/outbox/store';
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
              void outboxOf(id)
                .entries.where('place')
                .equals(entry.place)
                .modify((one) => {
                  delete (one as { problem?: string }).problem;
                });
            }}
          >
            Send again
          </button>{' '}
          <button
            type="button"
            className="tie"
            onClick={() => {
              void outboxOf(id).entries.delete(entry.place);
            }}
          >
            Let it go
          </button>
        </p>
      ))}
    </div>
  );
}
