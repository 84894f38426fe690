import type { LotRow } from '@bent-pail/contract';
import type { Protocol, RunSettings } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { TextField } from '../shared/forms/fields';
import { waitsBy } from '../shared/waitsBy';
import { ForSeveral } from './ForSeveral';
import { SampleFields } from './SampleFields';

/** Waits that a run may have of its own, as for a lesson. */
const TIMES = [
  { setting: 'soak_min', label: 'Soak, min' },
  { setting: 'drain_min', label: 'Drain, min' },
] as const;

interface StartDetailsProps {
  readonly protocol: Protocol;
  readonly usual: RunSettings;
  readonly others: readonly LotRow[];
  readonly onOthers: (others: readonly LotRow[]) => void;
}

/** What most runs leave as it is usual: how long they wait, where the sample is from, for whom they are. */
export function StartDetails({ protocol, usual, others, onOthers }: StartDetailsProps): ReactElement {
  const { formState } = useFormContext();
  // A sentence at a folded field would be said to nobody.
  const hasTrouble = Object.keys(formState.errors).some((field) => field !== 'root');
  return (
    <details className="basis-full border-t border-zinc2" open={hasTrouble || undefined}>
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        {protocol.usesVessel ? 'Its times, the sample' : 'The sample'}, several lots or groups
      </summary>
      <div className="flex flex-wrap items-end gap-4 pb-2">
        {protocol.usesVessel && (
          <>
            {TIMES.filter(({ setting }) => waitsBy(protocol, setting)).map(({ setting, label }) => (
              <TextField
                key={setting}
                name={`settings.${setting}`}
                label={label}
                mode="decimal"
                placeholder={String(usual[setting])}
                className="w-24"
              />
            ))}
          </>
        )}
        <SampleFields />
        <ForSeveral others={others} onOthers={onOthers} />
      </div>
    </details>
  );
}
