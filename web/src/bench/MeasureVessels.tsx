import type { NewFilling, RunSheet, VesselRow } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { numberOf } from '../shared/numberOf';
import { queryClient, runQuery, vesselsQuery } from '../shared/queries';
import { StepPicture } from './StepPicture';

interface Typed {
  readonly depth: string;
  readonly empty: string;
  readonly full: string;
}

/** The vessels of a first run, measured by the water that fills them, before anything is weighed in them. */
export function MeasureVessels({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const unmeasured = sheet.vesselNames.filter((_, i) => (sheet.vessels[i] ?? undefined) === undefined);
  const one = unmeasured[0];
  if (one === undefined) return null;
  return <MeasureOne key={one.id} runId={sheet.id} vessel={one} left={unmeasured.length} />;
}

function MeasureOne({
  runId,
  vessel,
  left,
}: {
  readonly runId: string;
  readonly vessel: { readonly id: string; readonly name: string };
  readonly left: number;
}): ReactElement {
  const [typed, setTyped] = useState<Typed>({ depth: '', empty: '', full: '' });
  const [temperature, setTemperature] = useState('20');
  const measure = useMutation({
    mutationFn: async () => {
      const said: Omit<NewFilling, 'id'> = {
        empty_g: numberOf(typed.empty, 'Empty'),
        full_g: numberOf(typed.full, 'Full of water'),
        waterTemp_C: numberOf(temperature, 'Water'),
        shape: { height_cm: numberOf(typed.depth, 'Depth') },
      };
      return once(['filling', vessel.id, said], (id) =>
        api.post<VesselRow>(`/vessels/${vessel.id}/fillings`, { id: id(), ...said }),
      );
    },
    onSuccess: async () => {
      await queryClient.invalidateQueries(vesselsQuery);
      await queryClient.invalidateQueries(runQuery(runId));
    },
  });
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    measure.mutate();
  };
  const field = (key: keyof Typed, label: string, unit: string): ReactElement => (
    <label className="field w-36">
      <span>
        {label}, {unit}
      </span>
      <input
        className="f"
        inputMode="decimal"
        value={typed[key]}
        onChange={(event) => {
          setTyped({ ...typed, [key]: event.target.value });
        }}
      />
    </label>
  );
  return (
    <form
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-3"
      onSubmit={submit}
      aria-label={`Measure ${vessel.name}`}
    >
      <StepPicture picture="level" />
      <div className="max-w-[30ch] self-center">
        <h2>How much does {vessel.name} hold?</h2>
        <p className="q text-[14px]">
          Bungs in, fill it with water to its fill line, and weigh it.{' '}
          {left > 1 ? `${String(left - 1)} more after this.` : 'The last one.'}
        </p>
      </div>
      {field('depth', 'Depth inside', 'cm')}
      {field('empty', 'Empty', 'g')}
      {field('full', 'Full of water', 'g')}
      <label className="field w-24">
        <span>Water, °C</span>
        <input
          className="f"
          inputMode="decimal"
          value={temperature}
          onChange={(event) => {
            setTemperature(event.target.value);
          }}
        />
      </label>
      <button type="submit" className="alt bg-slab text-inverse" disabled={measure.isPending}>
        Keep the vessel
      </button>
      {measure.error !== null && (
        <p className="sorry basis-full" role="alert">
          {sentenceOf(measure.error)}
        </p>
      )}
    </form>
  );
}
