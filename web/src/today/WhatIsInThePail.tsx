import type { RunSheet } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { queryClient } from '../shared/resources/client';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { lotsKey } from '../shared/resources/lots';
import { todayKey } from '../shared/resources/today';

/** One name, and material, lot, vessels and run come into being; the sheet opens. */
export function WhatIsInThePail(): ReactElement {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const start = useMutation({
    mutationFn: (protocol: string) =>
      once(['quick-start', name, protocol], (id) =>
        api.post<RunSheet>('/quick-start', { name, protocol, runId: id(), materialId: id(), lotId: id() }),
      ),
    onSuccess: async (sheet) => {
      await queryClient.invalidateQueries({ queryKey: todayKey });
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      void navigate(`/bench/runs/${sheet.id}`);
    },
  });
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    start.mutate('saturate-drain-dry');
  };
  return (
    <section className="grid *:min-w-0 gap-x-5.5 bg-paper px-5.5 pt-6.5 pb-2.5 min-[561px]:grid-cols-[auto_minmax(0,1fr)]">
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
      <form onSubmit={submit}>
        <h2 className="text-key leading-none tracking-[-0.015em] max-[560px]:text-title">What is in the pail?</h2>
        <div className="mt-3.5 flex h-[70px] border-[3px] border-ink">
          <input
            className="min-w-0 flex-1 bg-paper px-3.5 text-lead font-medium"
            aria-label="What is in the pail?"
            placeholder="bark, or “the grey stuff”"
            value={name}
            onChange={(event) => {
              setName(event.target.value);
            }}
          />
          <Button type="submit" look="act" className="rounded-none" disabled={start.isPending}>
            Start a run
          </Button>
        </div>
        <p className="mt-3 text-head">One name is enough. The rest can wait until you know it.</p>
        {start.error !== null && <Sorry className="mt-3">{sentenceOf(start.error)}</Sorry>}
        <div className="mt-5 border-t-[1.5px] pt-2 text-small">
          <Button
            look="tie"
            disabled={start.isPending}
            onClick={() => {
              start.mutate('kitchen-form');
            }}
          >
            No oven, no scale
          </Button>
          <p className="max-w-[36ch]">
            A marked bucket and a jug still give you the air. Type the name above, then press this.
          </p>
        </div>
      </form>
    </section>
  );
}
