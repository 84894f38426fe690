import type { RubricRow } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { queryClient } from '../../shared/resources/client';
import { rubricsQuery } from '../../shared/resources/rubrics';
import { MeasureField } from '../../shared/units/MeasureField';
import { Caps } from './Caps';
import { CriterionFields } from './CriterionFields';
import { bodyOf, firstFunction, type DraftRubric } from './draft';
import { WeightBar } from './WeightBar';

const MEANS = [
  { key: 'arithmetic', words: 'the weighted mean' },
  { key: 'geometric', words: 'the geometric mean: one bad thing counts more' },
] as const;

interface EditRubricProps {
  readonly start: DraftRubric;
  /** One's own that is changed; a new one where there is none. */
  readonly own: { readonly id: string; readonly version: number } | undefined;
  readonly onKept: (key: string) => void;
  readonly onLeave: () => void;
}

/** A rubric as it is written: what is judged, how much each weighs, how a value becomes points, what caps the whole. */
export function EditRubric({ start, own, onKept, onLeave }: EditRubricProps): ReactElement {
  const [draft, setDraft] = useState(start);
  // A try that nobody answered is sent again as the same.
  const [id] = useState(() => own?.id ?? uuidv7());
  const keep = useMutation({
    mutationFn: async () => api.post<RubricRow[]>('/rubrics', { id, version: own?.version ?? 0, ...bodyOf(draft) }),
    onSuccess: (rows) => {
      queryClient.setQueryData(rubricsQuery.queryKey, rows);
      onKept(`own-${id}`);
    },
  });
  const { criteria } = draft;
  return (
    <section className="px-5 py-4" aria-label="The rubric">
      <div className="flex flex-wrap items-end gap-3">
        <Field
          label="Name"
          value={draft.label}
          onChange={(label) => {
            setDraft({ ...draft, label });
          }}
          className="w-64"
        />
        <Field
          label="What for"
          value={draft.use}
          placeholder="pot 15 cm, free base"
          onChange={(use) => {
            setDraft({ ...draft, use });
          }}
          className="w-64"
        />
        <MeasureField
          label="Depth of the container"
          kept="cm"
          value={draft.height_cm}
          onChange={(height_cm) => {
            setDraft({ ...draft, height_cm });
          }}
          className="w-48"
        />
        <Choice
          label="The whole is"
          value={draft.aggregate}
          options={MEANS}
          onChange={(aggregate) => {
            setDraft({ ...draft, aggregate });
          }}
        />
      </div>
      <div className="mt-4">
        <WeightBar criteria={criteria} />
      </div>
      <ul className="mt-4">
        {criteria.map((criterion) => (
          <CriterionFields
            key={criterion.place}
            criterion={criterion}
            onCriterion={(next) => {
              setDraft({
                ...draft,
                criteria: criteria.map((one) => (one.place === next.place ? next : one)),
                // A cap goes with its criterion's name.
                caps: draft.caps.map((cap) =>
                  cap.criterion === criterion.label ? { ...cap, criterion: next.label } : cap,
                ),
              });
            }}
            onRemove={() => {
              setDraft({
                ...draft,
                criteria: criteria.filter((one) => one.place !== criterion.place),
                caps: draft.caps.filter((cap) => cap.criterion !== criterion.label),
              });
            }}
          />
        ))}
      </ul>
      <Button
        onClick={() => {
          const place = 1 + Math.max(-1, ...criteria.map((one) => one.place));
          const added = {
            place,
            label: '',
            plain: '',
            weight: 10,
            by: 'panel' as const,
            fn: firstFunction('panel'),
            tags: '',
            words: '',
          };
          setDraft({ ...draft, criteria: [...criteria, added] });
        }}
      >
        A criterion more
      </Button>
      <Caps
        criteria={criteria.map(({ label }) => label)}
        caps={draft.caps}
        onCaps={(caps) => {
          setDraft({ ...draft, caps });
        }}
      />
      {keep.error !== null && <Sorry className="mt-3">{sentenceOf(keep.error)}</Sorry>}
      <p className="mt-4 flex gap-3">
        <Button
          look="act"
          disabled={keep.isPending}
          onClick={() => {
            keep.mutate();
          }}
        >
          {own === undefined ? 'Keep it as a rubric of our own' : `Keep it as version ${String(own.version + 1)}`}
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </p>
    </section>
  );
}
