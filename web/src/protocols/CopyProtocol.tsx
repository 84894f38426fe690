import type { ProtocolRow } from '@bent-pail/contract';
import type { Protocol, Step } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { LongTextField, TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { queryClient } from '../shared/resources/client';
import { protocolsQuery } from '../shared/resources/protocols';
import { StepLine } from './ProtocolSteps';
import { editsOf, hasBounds, ownMinutes, typedCopy } from './copyEdits';
import { waitsBy } from '../shared/waitsBy';
import { Button } from '../kit/Button';

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
  const form = useBodyForm({
    body: 'NewProtocol',
    start: typedCopy(base, own ? base.label : `${base.label}, ours`),
    draft: `a copy of ${base.key}, version ${String(base.version)}`,
    read: (typed) => ({ key, from: base.key, ...editsOf(base, typed) }),
    send: (said) => api.post<ProtocolRow[]>('/protocols', said),
    onKept: (rows) => {
      queryClient.setQueryData(protocolsQuery.queryKey, rows);
      onKept(key);
    },
  });
  return (
    <BodyForm form={form} label={own ? `Change ${base.label}` : `Copy of ${base.label}`}>
      <div className="flex flex-wrap items-end gap-4">
        <TextField name="label" label="Name" className="w-72" />
        <TextField name="replicates" label="Replicates" mode="numeric" className="w-28" />
        {waitsBy(base, 'soak_min') && (
          <TextField name="soak_min" label="Soak, min" mode="decimal" placeholder="usual" className="w-32" />
        )}
        {waitsBy(base, 'drain_min') && (
          <TextField name="drain_min" label="Drain, min" mode="decimal" placeholder="60" className="w-32" />
        )}
        <Button type="submit" look="act" disabled={form.isBusy}>
          {own ? `Keep as version ${String(base.version + 1)}` : 'Keep the copy'}
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </div>
      <ol className="mt-3.5">
        {base.steps.map((step, i) => (
          <StepFields key={step.key} place={i} step={step} />
        ))}
      </ol>
    </BodyForm>
  );
}

/** What may be another in a copy of a step: its words, its bounds, how long it waits. */
function StepFields({ place, step }: { readonly place: number; readonly step: Step }): ReactElement {
  const at = `steps.${step.key}`;
  return (
    <StepLine place={place}>
      <div className="flex flex-wrap items-end gap-3">
        <TextField name={`${at}.label`} label="Step" className="w-72" />
        {hasBounds(step) && (
          <>
            <TextField name={`${at}.lo`} label={`From, ${step.unit}`} mode="decimal" className="w-24" />
            <TextField name={`${at}.hi`} label={`To, ${step.unit}`} mode="decimal" className="w-24" />
          </>
        )}
        {ownMinutes(step) !== undefined && (
          <TextField name={`${at}.minutes`} label="Waits, min" mode="decimal" className="w-28" />
        )}
      </div>
      <LongTextField name={`${at}.say`} label="What to do" rows={2} className="mt-1" />
    </StepLine>
  );
}
