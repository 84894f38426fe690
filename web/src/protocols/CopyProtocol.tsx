import type { ProtocolRow } from '@bent-pail/contract';
import type { Protocol, Step } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { api, sentenceOf } from '../shared/api';
import { Field } from '../kit/Field';
import { queryClient } from '../shared/resources/client';
import { protocolsQuery } from '../shared/resources/protocols';
import { StepLine } from './ProtocolSteps';
import { editsOf, hasBounds, ownMinutes, typedCopy, waitsBy, type TypedCopy, type TypedStep } from './copyEdits';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { LongField } from '../kit/LongField';

interface CopyProtocolProps {
  readonly base: Protocol;
  /** One of our own gets its next version; a shipped one is copied. */
  readonly own: boolean;
  readonly onKept: (key: string) => void;
  readonly onLeave: () => void;
}

/** Times, bounds, words and replicates of a copy; what is read and how it is worked out stay. */
export function CopyProtocol({ base, own, onKept, onLeave }: CopyProtocolProps): ReactElement {
  const [key] = useState(own ? base.key : uuidv7());
  const [typed, setTyped] = useState<TypedCopy>(() => typedCopy(base, own ? base.label : `${base.label}, ours`));
  const keep = useMutation({
    mutationFn: () => api.post<ProtocolRow[]>('/protocols', { key, from: base.key, ...editsOf(base, typed) }),
    onSuccess: (rows) => {
      queryClient.setQueryData(protocolsQuery.queryKey, rows);
      onKept(key);
    },
  });
  const step = (stepKey: string, patch: Partial<TypedStep>): void => {
    setTyped({
      ...typed,
      steps: { ...typed.steps, [stepKey]: { ...(typed.steps[stepKey] as TypedStep), ...patch } },
    });
  };
  return (
    <form
      aria-label={own ? `Change ${base.label}` : `Copy of ${base.label}`}
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <div className="flex flex-wrap items-end gap-4">
        <Field
          label="Name"
          value={typed.label}
          className="w-72"
          onChange={(label) => {
            setTyped({ ...typed, label });
          }}
        />
        <Field
          label="Replicates"
          mode="numeric"
          value={typed.replicates}
          className="w-28"
          onChange={(replicates) => {
            setTyped({ ...typed, replicates });
          }}
        />
        {waitsBy(base, 'soak_min') && (
          <Field
            label="Soak, min"
            mode="decimal"
            placeholder="usual"
            value={typed.soak_min}
            className="w-32"
            onChange={(soak_min) => {
              setTyped({ ...typed, soak_min });
            }}
          />
        )}
        {waitsBy(base, 'drain_min') && (
          <Field
            label="Drain, min"
            mode="decimal"
            placeholder="60"
            value={typed.drain_min}
            className="w-32"
            onChange={(drain_min) => {
              setTyped({ ...typed, drain_min });
            }}
          />
        )}
        <Button type="submit" look="act" disabled={keep.isPending}>
          {own ? `Keep as version ${String(base.version + 1)}` : 'Keep the copy'}
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </div>
      {keep.error !== null && <Sorry className="mt-2">{sentenceOf(keep.error)}</Sorry>}
      <ol className="mt-3.5">
        {base.steps.map((one, i) => (
          <StepFields
            key={one.key}
            place={i}
            one={one}
            now={typed.steps[one.key] as TypedStep}
            onStep={(patch) => {
              step(one.key, patch);
            }}
          />
        ))}
      </ol>
    </form>
  );
}

interface StepFieldsProps {
  readonly place: number;
  readonly one: Step;
  readonly now: TypedStep;
  readonly onStep: (patch: Partial<TypedStep>) => void;
}

/** What may be another in a copy of a step: its words, its bounds, how long it waits. */
function StepFields({ place, one, now, onStep }: StepFieldsProps): ReactElement {
  return (
    <StepLine place={place}>
      <div className="flex flex-wrap items-end gap-3">
        <Field
          label="Step"
          value={now.label}
          className="w-72"
          onChange={(label) => {
            onStep({ label });
          }}
        />
        {hasBounds(one) && (
          <>
            <Field
              label={`From, ${one.unit}`}
              mode="decimal"
              value={now.lo}
              className="w-24"
              onChange={(lo) => {
                onStep({ lo });
              }}
            />
            <Field
              label={`To, ${one.unit}`}
              mode="decimal"
              value={now.hi}
              className="w-24"
              onChange={(hi) => {
                onStep({ hi });
              }}
            />
          </>
        )}
        {ownMinutes(one) !== undefined && (
          <Field
            label="Waits, min"
            mode="decimal"
            value={now.minutes}
            className="w-28"
            onChange={(minutes) => {
              onStep({ minutes });
            }}
          />
        )}
      </div>
      <LongField
        label="What to do"
        rows={2}
        value={now.say}
        onChange={(say) => {
          onStep({ say });
        }}
        className="mt-1"
      />
    </StepLine>
  );
}
