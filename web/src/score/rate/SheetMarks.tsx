import type { RaterSheet } from '@bent-pail/contract';
import type { CautionKey, Rubric, RubricCriterion } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Check } from '../../kit/Check';
import { Field } from '../../kit/Field';
import { Notice } from '../../kit/Notice';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { CautionStrip } from '../../shared/CautionStrip';
import { queryClient } from '../../shared/resources/client';
import { scorecardsKey } from '../../shared/resources/scores';
import { sheetQuery, sheetsKey } from '../../shared/resources/sittings';
import { todayKey } from '../../shared/resources/today';
import { useMe } from '../../shared/useSession';
import { MarkFields } from './MarkFields';
import { useMoved, type Mark, type Moved } from './movedMarks';

export const panelOf = ({ criteria }: Rubric): RubricCriterion[] =>
  criteria.filter((criterion) => criterion.source.from === 'panel');

function markOf(sheet: RaterSheet, moved: Moved, name: string): Mark {
  const kept = sheet.ratings.find((rating) => rating.criterion === name);
  return moved[name] ?? { value: kept?.value, tags: kept?.tags ?? [], words: kept?.words ?? '' };
}

/** Whether a criterion was kept, or moved and not kept. */
function tabSign(sheet: RaterSheet, moved: Moved, name: string): string {
  if (moved[name] !== undefined) return ' …';
  return sheet.ratings.some((rating) => rating.criterion === name) ? ' ✓' : '';
}

/** The marks of one sample, a criterion at a time. */
export function SheetMarks({ sheet }: { readonly sheet: RaterSheet }): ReactElement {
  const panel = panelOf(sheet.rubric);
  const [moved, setMoved] = useMoved(useMe().id, sheet.scorecardId);
  const firstOpen = panel.findIndex(
    (criterion) => !sheet.ratings.some((rating) => rating.criterion === criterion.name),
  );
  const [at, setAt] = useState(Math.max(0, firstOpen));
  const criterion = panel[Math.min(at, panel.length - 1)] as RubricCriterion;
  return (
    <>
      <nav className="flex border-b border-zinc3" aria-label="Criteria">
        {panel.map((one, i) => (
          <button
            key={one.name}
            type="button"
            aria-current={i === at ? 'step' : undefined}
            className="min-h-11 flex-1 border-zinc3 px-3.5 text-left not-first:border-l aria-[current=step]:bg-zinc1 aria-[current=step]:font-bold aria-[current=step]:shadow-[inset_0_-3px_var(--ink)]"
            onClick={() => {
              setAt(i);
            }}
          >
            {one.label}
            {tabSign(sheet, moved, one.name)}
          </button>
        ))}
      </nav>
      <Criterion
        key={criterion.name}
        sheet={sheet}
        criterion={criterion}
        following={panel[at + 1]}
        moved={moved}
        onMoved={setMoved}
        onNext={() => {
          setAt(Math.min(at + 1, panel.length - 1));
        }}
      />
    </>
  );
}

/** Letters of a rater's own words. */
const MOST_WORDS = 200;

/** What may hurt at a criterion: smelling and handling both meet germs and dust. */
const CAUTION: Readonly<Record<string, CautionKey>> = { smell: 'germs', feel: 'germs', look: 'dust' };

interface CriterionProps {
  readonly sheet: RaterSheet;
  readonly criterion: RubricCriterion;
  readonly following: RubricCriterion | undefined;
  readonly moved: Moved;
  readonly onMoved: (moved: Moved) => void;
  readonly onNext: () => void;
}

function Criterion({ sheet, criterion, following, moved, onMoved, onNext }: CriterionProps): ReactElement {
  const mark = markOf(sheet, moved, criterion.name);
  const { value, tags, words } = mark;
  const move = (to: Partial<Mark>): void => {
    onMoved({ ...moved, [criterion.name]: { ...mark, ...to } });
  };
  const path = `/sheets/${sheet.scorecardId}`;
  const put = (name: string, body: Mark): Promise<RaterSheet> => api.put<RaterSheet>(`${path}/ratings/${name}`, body);
  const store = (next: RaterSheet): void => {
    queryClient.setQueryData(sheetQuery(sheet.scorecardId).queryKey, next);
  };
  const keep = useMutation({
    mutationFn: () => put(criterion.name, mark),
    onSuccess: (next) => {
      store(next);
      const { [criterion.name]: _kept, ...others } = moved;
      onMoved(others);
      onNext();
    },
  });
  const handIn = useMutation({
    mutationFn: async () => {
      for (const [name, one] of Object.entries({ ...moved, [criterion.name]: mark }))
        if (one?.value !== undefined) await put(name, one);
      return api.post<RaterSheet>(`${path}/hand-in`);
    },
    onSuccess: async (next) => {
      onMoved({});
      store(next);
      await queryClient.invalidateQueries({ queryKey: sheetsKey, exact: true });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      await queryClient.invalidateQueries({ queryKey: scorecardsKey });
    },
  });
  const others = panelOf(sheet.rubric).filter((one) => one.name !== criterion.name);
  const isMarked = (one: RubricCriterion): boolean => markOf(sheet, moved, one.name).value !== undefined;
  const last = others.every(isMarked);
  const next = following ?? others.find((one) => !isMarked(one));
  const error = keep.error ?? handIn.error;
  const caution = CAUTION[criterion.name];
  return (
    <>
      {caution !== undefined && <CautionStrip caution={caution} />}
      <MarkFields
        criterion={criterion}
        value={value}
        onValue={(to) => {
          move({ value: to });
        }}
      >
        <>
          {criterion.tags !== undefined && (
            <fieldset className="mt-3 flex flex-col items-start">
              <legend className="font-semibold">Anything of this?</legend>
              {criterion.tags.map((tag) => (
                <Check
                  key={tag}
                  label={tag}
                  checked={tags.includes(tag)}
                  onChange={(checked) => {
                    move({ tags: checked ? [...tags, tag] : tags.filter((one) => one !== tag) });
                  }}
                />
              ))}
            </fieldset>
          )}
          {tags.includes('mould') && (
            <Notice className="mt-2 p-2 text-small">
              Do not smell or stir it any further. Close it, and tell whoever runs the panel.
            </Notice>
          )}
          <Field
            label="In your words"
            value={words}
            placeholder="if you like"
            sorry={words.length > MOST_WORDS ? `Keep it under ${String(MOST_WORDS)} letters.` : undefined}
            onChange={(to) => {
              move({ words: to });
            }}
            className="mt-3"
          />
        </>
      </MarkFields>
      <div className="sticky bottom-[72px] border-t border-zinc3 bg-enamel px-3.5 py-2.5">
        {error !== null && <Sorry className="mb-2">{sentenceOf(error)}</Sorry>}
        <Button
          look="act"
          className="w-full"
          disabled={value === undefined || words.length > MOST_WORDS || keep.isPending || handIn.isPending}
          onClick={() => {
            if (last) handIn.mutate();
            else keep.mutate();
          }}
        >
          {last || next === undefined ? 'Hand the sheet in' : `Keep, next: ${next.label.toLowerCase()}`}
        </Button>
      </div>
    </>
  );
}
