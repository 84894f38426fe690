import type { TrialPlot } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { AskTwice } from '../../kit/AskTwice';
import { Button } from '../../kit/Button';
import { Notice } from '../../kit/Notice';
import { outboxOf, sendAgain } from '../../shared/outbox/store';
import type { WaitingTrialReading } from '../../shared/outbox/useOutbox';
import { useMe } from '../../shared/useSession';
import { traitSaid } from '../../shared/trials/traitSaid';

interface RefusedProps {
  readonly waiting: readonly WaitingTrialReading[];
  readonly plots: readonly TrialPlot[];
}

/** Readings that the server would not keep: in sight, with its sentence, until a person decides. */
export function Refused({ waiting, plots }: RefusedProps): ReactElement | null {
  const { id } = useMe();
  if (waiting.length === 0) return null;
  return (
    <Notice className="m-5 p-3" role="alert">
      <h3 className="font-semibold">Not kept, waiting for you</h3>
      {waiting.map(({ place, problem, trialReading: { plotId, trait, value, state } }) => {
        const number = String(plots.find((plot) => plot.id === plotId)?.number ?? '?');
        const said = value === undefined ? (state ?? '') : String(value);
        return (
          <p key={place}>
            Plot {number}, {traitSaid(trait)} <span className="figure">{said}</span>: {problem}{' '}
            <Button
              look="tie"
              onClick={() => {
                void outboxOf(id).entries.where('place').equals(place).modify(sendAgain);
              }}
            >
              Send again
            </Button>{' '}
            <AskTwice
              opener="Discard it"
              title="Discard this reading?"
              line={`Plot ${number}, ${traitSaid(trait)}: ${said}. It is kept nowhere else, and cannot be brought back.`}
              no="Keep it waiting"
              yes="Discard it"
              onYes={() => {
                void outboxOf(id).entries.delete(place);
              }}
            />
          </p>
        );
      })}
    </Notice>
  );
}
