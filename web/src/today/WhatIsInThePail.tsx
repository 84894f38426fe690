import type { RunSheet } from '@bent-pail/contract';
import { mediaClassLabel, readName } from '@bent-pail/core';
import { useEffect, useMemo, type ReactElement } from 'react';
import { useController, useFormContext } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { once } from '../shared/once';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { queryClient } from '../shared/resources/client';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { lotsKey } from '../shared/resources/lots';
import { todayKey } from '../shared/resources/today';

interface BeginsProps {
  /** It is the one thing that an empty notebook asks: the cursor stands in it. */
  readonly begins: boolean;
}

/** One name, and material, lot, vessels and run come into being; the sheet opens. */
export function WhatIsInThePail({ begins = false }: Partial<BeginsProps>): ReactElement {
  const navigate = useNavigate();
  const form = useBodyForm({
    body: 'QuickStart',
    start: { name: '', protocol: 'saturate-drain-dry', kindOpen: false },
    read: (typed) => ({ ...typed, runId: uuidv7(), materialId: uuidv7(), lotId: uuidv7() }),
    send: ({ name, protocol, kindOpen }) =>
      once(['quick-start', name, protocol, kindOpen], (id) =>
        api.post<RunSheet>('/quick-start', { name, protocol, kindOpen, runId: id(), materialId: id(), lotId: id() }),
      ),
    onKept: async (sheet) => {
      await queryClient.invalidateQueries({ queryKey: todayKey });
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      void navigate(`/bench/runs/${sheet.id}`);
    },
  });
  const sorry = form.fields.formState.errors.name?.message;
  const start = (protocol: string) => (): void => {
    form.fields.setValue('protocol', protocol);
  };
  return (
    <section
      data-always
      className="grid *:min-w-0 gap-x-5.5 bg-paper px-5.5 pt-6.5 pb-2.5 min-[561px]:grid-cols-[auto_minmax(0,1fr)]"
    >
      <div className="self-start max-[560px]:hidden">
        <PailMark
          shape={{ ...shapeOf({ height_cm: 12 }, 'vessel'), baseDiameter_cm: 8.4 }}
          fill={{ kind: 'empty' }}
          state="class"
          tier="large"
          k={14}
          label="An empty pail"
        />
      </div>
      <BodyForm form={form} label="A first run">
        <h2 className="text-key leading-none tracking-[-0.015em] max-[560px]:text-title">What is in the pail?</h2>
        <div className="mt-3.5 flex h-[70px] border-[3px] border-ink">
          <NameOfIt begins={begins} />
          <Button
            type="submit"
            look="act"
            className="rounded-none"
            disabled={form.isBusy}
            onClick={start('saturate-drain-dry')}
          >
            Start a run
          </Button>
        </div>
        {sorry !== undefined && <Sorry className="mt-3">{sorry}</Sorry>}
        <ReadAs />
        <p className="mt-3 text-head">One name is enough. The rest can wait until you know it.</p>
        <div className="mt-5 border-t-[1.5px] pt-2 text-small">
          <Button type="submit" look="tie" disabled={form.isBusy} onClick={start('kitchen-form')}>
            No oven, no scale
          </Button>
          <p className="max-w-[36ch]">
            A marked bucket and a jug still give you the air. Type the name above, then press this.
          </p>
        </div>
      </BodyForm>
    </section>
  );
}

function NameOfIt({ begins }: BeginsProps): ReactElement {
  const { field } = useController<{ name: string }>({ name: 'name' });
  const { setFocus } = useFormContext<{ name: string }>();
  useEffect(() => {
    if (begins) setFocus('name');
  }, [begins, setFocus]);
  return (
    <input
      {...field}
      className="min-w-0 flex-1 bg-paper px-3.5 text-lead font-medium"
      aria-label="What is in the pail?"
      placeholder="bark, or “the grey stuff”"
    />
  );
}

/** What the name is read as before anything rests on it, and how to leave that open. */
function ReadAs(): ReactElement | null {
  const { field: name } = useController<{ name: string }>({ name: 'name' });
  const { field: open } = useController<{ kindOpen: boolean }, 'kindOpen'>({ name: 'kindOpen' });
  const reading = useMemo(() => (name.value.trim() === '' ? undefined : readName(name.value)), [name.value]);
  const preset = reading?.preset;
  const read = mediaClassLabel(preset?.classId ?? '');
  if (reading === undefined) return null;
  if (read === undefined || preset === undefined)
    return <p className="mt-2 text-small text-ink2">Its kind is asked on its card; a run needs none.</p>;
  return (
    <p className="mt-2 text-small" role="status">
      {open.value ? (
        'Its kind stays open until somebody says it.'
      ) : (
        <>
          Read as <b>{read}</b>: {preset.reason}.
        </>
      )}{' '}
      <Button
        look="tie"
        onClick={() => {
          open.onChange(!open.value);
        }}
      >
        {open.value ? `It is ${read}` : 'It is something else'}
      </Button>
    </p>
  );
}
