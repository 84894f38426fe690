import type { EditNotebook, Measures, NotebookInfo } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { amount, inField } from '../shared/units/mine';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../shared/forms/fields';
import { typedNumber } from '../shared/forms/Mistyped';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { queryClient, sessionQuery } from '../shared/resources/client';
import { useMe, useSession } from '../shared/useSession';
import { Button } from '../kit/Button';

const MEASURES: readonly (keyof Measures)[] = ['scoop', 'bucket', 'barrow', 'handful'];
const MEASURE_WORDS: Readonly<Record<keyof Measures, string>> = {
  scoop: 'scoop',
  bucket: 'bucket',
  barrow: 'barrow',
  handful: 'handful',
};

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
              a {MEASURE_WORDS[key]} <span className="figure">{amount(notebook.measures[key], 'L', 2)}</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

interface Typed {
  readonly place: string;
  readonly currency: string;
  readonly zone: string;
  readonly hours: { readonly from_h: string; readonly to_h: string };
  readonly measures: Readonly<Record<keyof Measures, string>>;
}

const typedFrom = ({ place, currency, zone, measures, hours }: NotebookInfo): Typed => ({
  place,
  currency,
  zone,
  hours: { from_h: String(hours.from_h), to_h: String(hours.to_h) },
  measures: {
    scoop: inField(measures.scoop, 'L'),
    bucket: inField(measures.bucket, 'L'),
    barrow: inField(measures.barrow, 'L'),
    handful: inField(measures.handful, 'L'),
  },
});

const read = ({ measures, hours, ...others }: Typed): EditNotebook => ({
  ...others,
  hours: { from_h: typedNumber(hours.from_h, 'hours.from_h'), to_h: typedNumber(hours.to_h, 'hours.to_h') },
  measures: {
    scoop: typedNumber(measures.scoop, 'measures.scoop'),
    bucket: typedNumber(measures.bucket, 'measures.bucket'),
    barrow: typedNumber(measures.barrow, 'measures.barrow'),
    handful: typedNumber(measures.handful, 'measures.handful'),
  },
});

/** Every half hour of a day. */
const HOURS = Array.from({ length: 49 }, (_, i) => ({
  key: String(i / 2),
  words: `${String(Math.floor(i / 2)).padStart(2, '0')}:${i % 2 === 0 ? '00' : '30'}`,
}));

/** Every zone that the browser knows; the notebook's own first, for a browser may not know it. */
const zonesWith = (own: string): string[] => [...new Set([own, ...Intl.supportedValuesOf('timeZone')])];

function BenchForm({ notebook }: { readonly notebook: NotebookInfo }): ReactElement {
  const form = useBodyForm({
    body: 'EditNotebook',
    start: typedFrom(notebook),
    read,
    send: (said) => api.patch<NotebookInfo>('/notebook', { ...said, version: notebook.version }),
    onKept: () => queryClient.invalidateQueries({ queryKey: sessionQuery.queryKey }),
  });
  return (
    <BodyForm form={form} label="What everybody here shares" className="grid gap-3 md:grid-cols-2">
      <TextField name="place" label="Place" />
      <TextField name="currency" label="Currency sign" />
      <ChoiceField
        name="zone"
        label="Time zone"
        options={zonesWith(notebook.zone).map((one) => ({ key: one, words: one.replaceAll('_', ' ') }))}
        className="md:col-span-2"
      />
      <ChoiceField name="hours.from_h" label="Work begins at" options={HOURS} />
      <ChoiceField name="hours.to_h" label="Work ends at" options={HOURS} />
      <p className="text-ink2 text-small md:col-span-2">
        Work is proposed within these hours: what has to be begun earlier is put at the end of the day before.
      </p>
      <fieldset className="grid grid-cols-2 gap-3 md:col-span-2 md:grid-cols-4">
        <legend className="pb-1 font-semibold">What it measures by</legend>
        {MEASURES.map((key) => (
          <TextField key={key} name={`measures.${key}`} label={MEASURE_WORDS[key]} mode="decimal" />
        ))}
      </fieldset>
      <p className="text-ink2 text-small md:col-span-2">
        Fill it level as you always do, tip it into a jug with marks, read the jug; three times, and type the mean.
        Recipes that are kept stay as they are.
      </p>
      <p className="flex items-center gap-3 md:col-span-2">
        <Button type="submit" disabled={form.isBusy}>
          Keep
        </Button>
        {form.fields.formState.isSubmitSuccessful && !form.isBusy && form.refusal === null && (
          <span role="status">Kept.</span>
        )}
      </p>
    </BodyForm>
  );
}
