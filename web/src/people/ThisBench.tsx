import type { EditNotebook, Measures, NotebookInfo } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { api, sentenceOf } from '../shared/api';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { numberOf } from '../shared/numberOf';
import { queryClient, sessionQuery } from '../shared/queries';
import { useMe, useSession } from '../shared/useSession';

const MEASURES: readonly (keyof Measures)[] = ['scoop', 'bucket', 'barrow', 'handful'];

/** What everybody here shares; the lead writes it. */
export function ThisBench(): ReactElement {
  const { notebook } = useSession();
  const isLead = useMe().role === 'lead';
  return (
    <section className="flex flex-col gap-4" aria-label="This bench">
      <h2>This bench</h2>
      {isLead ? (
        <BenchForm notebook={notebook} />
      ) : (
        <ul className="border-t-[1.5px]">
          {MEASURES.map((key) => (
            <li key={key} className="flex min-h-9 items-center justify-between border-b border-zinc2">
              a {key} <span className="f">{notebook.measures[key]} L</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

type Typed = Readonly<Record<keyof Measures, string>>;

const typedFrom = (measures: Measures): Typed => ({
  scoop: String(measures.scoop),
  bucket: String(measures.bucket),
  barrow: String(measures.barrow),
  handful: String(measures.handful),
});

const read = (typed: Typed): Measures => ({
  scoop: numberOf(typed.scoop, 'Scoop'),
  bucket: numberOf(typed.bucket, 'Bucket'),
  barrow: numberOf(typed.barrow, 'Barrow'),
  handful: numberOf(typed.handful, 'Handful'),
});

/** Every zone that the browser knows; the notebook's own first, for a browser may not know it. */
const zonesWith = (own: string): string[] => [...new Set([own, ...Intl.supportedValuesOf('timeZone')])];

function BenchForm({ notebook }: { readonly notebook: NotebookInfo }): ReactElement {
  const [place, setPlace] = useState(notebook.place);
  const [currency, setCurrency] = useState(notebook.currency);
  const [zone, setZone] = useState(notebook.zone);
  const [typed, setTyped] = useState(typedFrom(notebook.measures));
  const keep = useMutation({
    mutationFn: () => {
      const body: EditNotebook = { place, currency, zone, measures: read(typed) };
      return api.patch<NotebookInfo>('/notebook', body);
    },
    onSuccess: () => queryClient.invalidateQueries({ queryKey: sessionQuery.queryKey }),
  });
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    keep.mutate();
  };
  return (
    <form className="grid gap-3 md:grid-cols-2" onSubmit={submit} aria-label="What everybody here shares">
      <Field label="Place" value={place} onChange={setPlace} />
      <Field label="Sign of your money" value={currency} onChange={setCurrency} />
      <Choice
        label="Time zone"
        value={zone}
        options={zonesWith(notebook.zone).map((one) => ({ key: one, words: one.replaceAll('_', ' ') }))}
        onChange={setZone}
        className="md:col-span-2"
      />
      <fieldset className="grid grid-cols-2 gap-3 md:col-span-2 md:grid-cols-4">
        <legend className="pb-1 font-semibold">What it measures by, L</legend>
        {MEASURES.map((key) => (
          <Field
            key={key}
            label={key}
            mode="decimal"
            value={typed[key]}
            onChange={(value) => {
              setTyped({ ...typed, [key]: value });
            }}
          />
        ))}
      </fieldset>
      <p className="q text-small md:col-span-2">
        Fill it level as you always do, tip it into a jug with marks, read the jug; three times, and type the mean.
        Recipes that are kept stay as they are.
      </p>
      <p className="flex items-center gap-3 md:col-span-2">
        <button type="submit" className="alt" disabled={keep.isPending}>
          Keep
        </button>
        {keep.isSuccess && <span role="status">Kept.</span>}
        {keep.error !== null && (
          <span className="sorry" role="alert">
            {sentenceOf(keep.error)}
          </span>
        )}
      </p>
    </form>
  );
}
