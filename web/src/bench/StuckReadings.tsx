import { replicateName } from '@bent-pail/core';
import { AlertDialog } from 'radix-ui';
import type { ReactElement } from 'react';
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
    <AlertDialog.Root>
      <AlertDialog.Trigger className="tie">Let it go</AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-20 bg-ink/40" />
        <AlertDialog.Content className="fixed top-1/2 left-1/2 z-30 flex w-[min(440px,94vw)] -translate-x-1/2 -translate-y-1/2 flex-col gap-4 border-[3px] border-ink bg-paper p-6">
          <AlertDialog.Title className="text-lead">Let this reading go?</AlertDialog.Title>
          <AlertDialog.Description>
            {replicateName(replicate)}, {step}: <span className="f">{value}</span>. It is kept nowhere else, and cannot
            be brought back.
          </AlertDialog.Description>
          <p className="flex flex-wrap justify-end gap-3">
            <AlertDialog.Cancel className="alt">Keep it waiting</AlertDialog.Cancel>
            <AlertDialog.Action className="alt bg-slab text-inverse" onClick={onLetGo}>
              Let it go
            </AlertDialog.Action>
          </p>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
