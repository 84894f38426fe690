import type { LotRow, NewSitting as Body, RubricRow, UserRow } from '@bent-pail/contract';
import { MOST_SAMPLES, type RubricCriterion } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../../kit/Button';
import { Check } from '../../kit/Check';
import { api } from '../../shared/api';
import { Await } from '../../shared/Await';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, SeveralField, TextField } from '../../shared/forms/fields';
import { typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { LotChoice, useFirstLot } from '../../shared/lots/LotChoice';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { activeUsersQuery } from '../../shared/resources/people';
import { rubricsQuery } from '../../shared/resources/rubrics';
import { scorecardsKey } from '../../shared/resources/scores';
import { sheetsKey } from '../../shared/resources/sittings';
import { todayKey } from '../../shared/resources/today';
import { panelOf } from '../rate/SheetMarks';
import { Moment } from '../../kit/Moment';

const PRODUCTS = { kind: 'product' } as const;

/** Which products, by which rubric, who rates them; the codes hide which bag is which. */
export function NewSitting({ lotId }: { readonly lotId: string | undefined }): ReactElement {
  const { isPending, first } = useFirstLot(lotId, PRODUCTS);
  const users = useQuery(activeUsersQuery);
  const rubrics = useQuery(rubricsQuery);
  if (isPending) return <Moment />;
  if (first === undefined)
    return (
      <p className="p-5">
        No bought product is on the shelf yet. <Link to="/shelf/new">Put one there</Link>, then judge it.
      </p>
    );
  return (
    <Await query={users}>
      {(people) => (
        <Await query={rubrics}>
          {(rows) => (
            <SittingForm
              // Somebody who came from a bag judges that bag; else nothing is chosen for them.
              chosen={lotId === undefined ? [] : [first]}
              rubrics={rows}
              raters={people.filter((user) => user.role !== 'reader')}
            />
          )}
        </Await>
      )}
    </Await>
  );
}

interface Sample {
  readonly id: string;
  readonly lot: LotRow;
}

interface SittingFormProps {
  readonly chosen: readonly LotRow[];
  readonly rubrics: readonly RubricRow[];
  readonly raters: readonly UserRow[];
}

const sampleOf = (lot: LotRow): Sample => ({ id: uuidv7(), lot });

function SittingForm({ chosen, rubrics, raters }: SittingFormProps): ReactElement {
  const navigate = useNavigate();
  const [samples, setSamples] = useState(() => chosen.map(sampleOf));
  const [warms, setWarms] = useState(false);
  const panelIn = (key: string): readonly RubricCriterion[] => {
    const found = rubrics.find(({ rubric }) => rubric.key === key);
    return found === undefined ? [] : panelOf(found.rubric);
  };
  const form = useBodyForm({
    body: 'NewSitting',
    start: {
      label: '',
      rubric: rubrics[0]?.rubric.key ?? '',
      raterIds: raters.filter((one) => one.role === 'panellist').map((one) => one.id),
      warmUpCode: 'WU',
      warmUpWhat: '',
      ...Object.fromEntries(KNOWN.map((field) => [field, ''])),
    } as Typed,
    read: (typed): Omit<Body, 'id'> => ({
      rubric: typed.rubric,
      samples: samples.map(({ id, lot }) => ({ id, lotId: lot.id })),
      raterIds: typed.raterIds,
      ...(typed.label.trim() === '' ? {} : { label: typed.label }),
      ...(warms ? { warmUp: warmUpOf(typed, panelIn(typed.rubric)) } : {}),
    }),
    send: (said) => once(['sitting', said], (id) => api.post<{ id: string }>('/sittings', { id: id(), ...said })),
    onKept: async ({ id }) => {
      await queryClient.invalidateQueries({ queryKey: scorecardsKey });
      await queryClient.invalidateQueries({ queryKey: sheetsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      void navigate(`/score/sittings/${id}`);
    },
  });
  const panel = panelIn(form.fields.watch('rubric'));
  return (
    <BodyForm
      form={form}
      label="Judge products"
      className="flex flex-col gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <div className="flex flex-wrap items-end gap-4">
        <LotChoice
          label={samples.length === 0 ? 'Product' : 'Add a product'}
          chosen={undefined}
          among={PRODUCTS}
          onChoose={(lot) => {
            setSamples([...samples, sampleOf(lot)].slice(0, MOST_SAMPLES));
          }}
        />
        <ChoiceField
          name="rubric"
          label="For"
          options={rubrics.map(({ rubric }) => ({ key: rubric.key, words: `${rubric.label}: ${rubric.use}` }))}
        />
        <TextField name="label" label="Called" placeholder="spring bags" className="w-48" />
      </div>
      {samples.length > 0 && (
        <ul aria-label="Samples" className="flex flex-wrap gap-2">
          {samples.map(({ id, lot }) => (
            <li key={id} className="flex items-center gap-1 border-[1.5px] border-ink bg-zinc1 pl-3">
              {lot.name}, {lot.code}
              <Button
                look="tie"
                className="min-h-11 min-w-11"
                aria-label={`Leave out ${lot.name}, ${lot.code}`}
                onClick={() => {
                  setSamples(samples.filter((one) => one.id !== id));
                }}
              >
                <X size={18} />
              </Button>
            </li>
          ))}
        </ul>
      )}
      <SeveralField
        name="raterIds"
        label="Who smells, looks, feels"
        options={raters.map(({ id, name }) => ({ key: id, words: name }))}
      />
      <Check label="Begin with a warm-up: a sample whose values you all know" checked={warms} onChange={setWarms} />
      {warms && (
        <div className="flex flex-wrap items-end gap-4">
          <TextField name="warmUpCode" label="Its code" className="w-24" />
          <TextField name="warmUpWhat" label="What it is" placeholder="leaf mould, two years old" className="w-64" />
          {panel.slice(0, KNOWN.length).map(({ name, label }, i) => (
            <TextField
              key={name}
              name={KNOWN[i] as Known}
              label={`${label}, known`}
              mode="decimal"
              placeholder="0 to 10"
              className="w-28"
            />
          ))}
        </div>
      )}
      <p className="text-small text-ink2">
        Each cup gets a code of its own, each rater an order of their own. All samples of a sitting open together, when
        the last sheet is in. Whoever fills the cups knows them, and is marked as not blind where they rate as well.
      </p>
      <Button type="submit" look="act" disabled={form.isBusy || samples.length === 0} className="self-start">
        Open the sitting
      </Button>
    </BodyForm>
  );
}

/** Fields for what is known of a warm-up, one for each criterion of the panel. */
const KNOWN = ['known0', 'known1', 'known2', 'known3', 'known4', 'known5'] as const;
type Known = (typeof KNOWN)[number];

type Typed = Record<Known, string> & {
  label: string;
  rubric: string;
  raterIds: string[];
  warmUpCode: string;
  warmUpWhat: string;
};

/** The warm-up as it was typed; what is left empty is not marked in it. */
function warmUpOf(typed: Typed, panel: readonly { readonly name: string }[]): NonNullable<Body['warmUp']> {
  return {
    sampleCode: typed.warmUpCode,
    what: typed.warmUpWhat,
    known: panel.flatMap(({ name }, i) => {
      const field = KNOWN[i];
      if (field === undefined || typed[field].trim() === '') return [];
      return [{ criterion: name, value: typedNumber(typed[field], field) }];
    }),
  };
}
