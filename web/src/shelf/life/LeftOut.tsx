import type { FigureWithout, LifeNode, RunSheet } from '@bent-pail/contract';
import { inSentence, property, replicateName, type PropertyKey } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { amount } from '../../shared/units/mine';

interface LeftOutProps {
  readonly lotId: string;
  readonly runs: readonly LifeNode[];
}

const WHOLE = '';

/** What would change if a replicate, or a reading, were left out: tried, and nothing of it kept. */
export function LeftOut({ lotId, runs }: LeftOutProps): ReactElement {
  const [runId, setRunId] = useState(runs[0]?.id ?? '');
  const [replicate, setReplicate] = useState(0);
  const [step, setStep] = useState(WHOLE);
  const { data: sheet } = useQuery({
    queryKey: ['run', runId],
    queryFn: () => api.get<RunSheet>(`/runs/${runId}`),
  });
  const tried = useMutation({
    mutationFn: () =>
      api.post<FigureWithout[]>(`/lots/${lotId}/without`, {
        runId,
        replicate,
        ...(step === WHOLE ? {} : { step }),
      }),
  });
  const replicates = Array.from({ length: sheet?.replicateCount ?? 1 }, (_, i) => ({
    key: String(i),
    words: replicateName(i),
  }));
  const steps = [
    { key: WHOLE, words: 'the whole replicate' },
    ...(sheet?.protocol.steps ?? []).flatMap(({ key, label }) =>
      sheet?.readings.some((one) => one.step === key && one.replicate === replicate) === true
        ? [{ key, words: inSentence(label) }]
        : [],
    ),
  ];
  return (
    <section aria-label="If it were left out" className="border-t border-zinc3 px-5 py-4">
      <h2>If one were left out</h2>
      <p className="text-small text-ink2">
        Tried, and nothing of it kept: what the card would say without a replicate, or without a reading. A reading that
        a replicate cannot do without takes it along.
      </p>
      <div className="my-2 flex flex-wrap items-end gap-3">
        <Choice
          label="Of the run"
          value={runId}
          options={runs.map(({ id, number, title }) => ({ key: id, words: `${String(number)}, ${title}` }))}
          onChange={(next) => {
            setRunId(next);
            setReplicate(0);
            setStep(WHOLE);
            tried.reset();
          }}
          className="w-72"
        />
        <Choice
          label="Replicate"
          value={String(replicate)}
          options={replicates}
          onChange={(next) => {
            setReplicate(Number(next));
            setStep(WHOLE);
            tried.reset();
          }}
          className="w-28"
        />
        <Choice
          label="Without"
          value={step}
          options={steps}
          onChange={(next) => {
            setStep(next);
            tried.reset();
          }}
          className="w-64"
        />
        <Button
          look="slab"
          disabled={tried.isPending}
          onClick={() => {
            tried.mutate();
          }}
        >
          What would change
        </Button>
      </div>
      {tried.error !== null && <Sorry>{sentenceOf(tried.error)}</Sorry>}
      {tried.data !== undefined && <Changed figures={tried.data} />}
    </section>
  );
}

const DIGITS = 3;

function figureSaid(key: string, figure: FigureWithout['is']): string {
  if (figure === undefined) return 'no figure';
  const { unit } = property(key as PropertyKey);
  const digits = Math.abs(figure.mean) >= 100 ? 0 : DIGITS;
  const mean = unit === '' ? fixed(figure.mean, digits) : amount(figure.mean, unit, digits);
  return figure.sd === undefined ? mean : `${mean}, apart by ${fixed(figure.sd, digits)}`;
}

function Changed({ figures: all }: { readonly figures: readonly FigureWithout[] }): ReactElement {
  // What differs only beyond the digits that are shown is no change to anybody.
  const figures = all.filter(
    ({ property: key, is, would }) => is?.n !== would?.n || figureSaid(key, is) !== figureSaid(key, would),
  );
  if (figures.length === 0) return <p role="status">Nothing on its card would change.</p>;
  return (
    <div role="status">
      <Rows>
        <thead>
          <tr>
            <th scope="col" className="text-left">
              figure
            </th>
            <th scope="col">is</th>
            <th scope="col">of</th>
            <th scope="col">would be</th>
            <th scope="col">of</th>
          </tr>
        </thead>
        <tbody>
          {figures.map(({ property: key, method, is, would }) => (
            <tr key={`${key} ${method}`}>
              <th scope="row">
                {property(key as PropertyKey).label} <small className="text-ink2">{method}</small>
              </th>
              <td className="figure">{figureSaid(key, is)}</td>
              <td className="figure">{is?.n ?? ''}</td>
              <td className="figure">{figureSaid(key, would)}</td>
              <td className="figure">{would?.n ?? ''}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
    </div>
  );
}
