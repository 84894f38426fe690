import type { HandKind, HandTry as Tried, NewHandTry, TrainingPage, TrainingSample } from '@bent-pail/contract';
import { handKindFace } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Notice } from '../../kit/Notice';
import { OneOf } from '../../kit/OneOf';
import { api } from '../../shared/api';
import { figureShown } from '../../shared/classes/figureShown';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../../shared/forms/fields';
import { typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { trainingQuery } from '../../shared/resources/classes';

interface HandTryProps {
  readonly sample: TrainingSample;
  /** The try before, which says what was measured. */
  readonly last: Tried | undefined;
}

/** One estimate of one blind sample; what was measured is told right after. */
export function HandTry({ sample, last }: HandTryProps): ReactElement {
  const [asked, setAsked] = useState<HandKind | undefined>(sample.open[0]);
  const kind = asked !== undefined && sample.open.includes(asked) ? asked : sample.open[0];
  return (
    <>
      {last !== undefined && <Told tried={last} />}
      {kind !== undefined && (
        <>
          <OneOf
            label={`Sample ${sample.code}: estimate`}
            value={kind}
            options={sample.open.map((one) => ({ key: one, words: handKindFace(one).label }))}
            onChange={setAsked}
          />
          <Estimate key={kind} sample={sample} kind={kind} />
        </>
      )}
    </>
  );
}

function Told({ tried }: { readonly tried: Tried }): ReactElement {
  const face = handKindFace(tried.kind);
  return (
    <Notice role="status" className="p-3 text-body">
      {tried.code}, {face.label.toLowerCase()}: you said <b className="figure">{figureShown(face, tried.value)}</b>,
      measured was <b className="figure">{figureShown(face, tried.measured)}</b>.
    </Notice>
  );
}

interface EstimateProps {
  readonly sample: TrainingSample;
  readonly kind: HandKind;
}

function Estimate({ sample, kind }: EstimateProps): ReactElement {
  const face = handKindFace(kind);
  const { classes, unit, how, label } = face;
  const form = useBodyForm({
    body: 'NewHandTry',
    start: { value: '', margin: '' },
    read: ({ value, margin }): Omit<NewHandTry, 'id'> => ({
      sampleId: sample.id,
      kind,
      value: typedNumber(value, 'value'),
      ...(margin.trim() === '' ? {} : { margin: typedNumber(margin, 'margin') }),
    }),
    send: (said) => once(['hand-try', said], (id) => api.post<TrainingPage>('/training/tries', { id: id(), ...said })),
    onKept: (page) => {
      queryClient.setQueryData(trainingQuery.queryKey, page);
    },
  });
  const sign = unit === '' ? '' : `, ${unit}`;
  return (
    <BodyForm form={form} label={`${label} of ${sample.code}`} className="flex flex-wrap items-end gap-4">
      <p className="basis-full text-lead">{how}</p>
      {classes === undefined ? (
        <>
          <TextField
            name="value"
            label={`${label}${sign}`}
            mode="decimal"
            className="w-44 [&_input]:min-h-14 [&_input]:text-title"
          />
          <TextField name="margin" label="Give or take" mode="decimal" className="w-32" placeholder="if you like" />
        </>
      ) : (
        <ChoiceField
          name="value"
          label={label}
          options={classes.map((words, place) => ({ key: String(place), words }))}
          className="w-72"
        />
      )}
      <Button type="submit" look="act" disabled={form.isBusy}>
        That is it
      </Button>
    </BodyForm>
  );
}
