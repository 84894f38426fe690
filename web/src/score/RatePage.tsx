import type { RaterSheet } from '@bent-pail/contract';
import type { CautionKey, RubricCriterion } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { api, sentenceOf } from '../shared/api';
import { Await } from '../shared/Await';
import { CautionStrip } from '../shared/CautionStrip';
import { EmptyPail } from '../shared/EmptyPail';
import { queryClient } from '../shared/resources/client';
import { sheetQuery, scorecardsKey, sheetsKey } from '../shared/resources/scores';
import { RateScale } from './RateScale';
import { Check } from '../kit/Check';
import { Sorry } from '../kit/Sorry';
import { Button } from '../kit/Button';
import { todayKey } from '../shared/resources/today';
import { counted, fixed } from '../kit/format';

/** A rater's own sheet on a phone: one sample, one criterion at a time, blind. */
export function RatePage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(sheetQuery(id));
  return <Await query={query}>{(sheet) => <Sheet key={sheet.scorecardId} sheet={sheet} />}</Await>;
}

const SHEET = 'flex min-h-[calc(100vh-72px)] max-w-[560px] flex-col';

const panelOf = (sheet: RaterSheet): RubricCriterion[] =>
  sheet.rubric.criteria.filter((criterion) => criterion.source.from === 'panel');

/** What stands on a criterion, kept or not yet. */
interface Mark {
  readonly value: number | undefined;
  readonly tags: readonly string[];
}

/** Marks that were moved and not yet kept, by criterion; they wait while the rater looks at another one. */
type Moved = Readonly<Partial<Record<string, Mark>>>;

function markOf(sheet: RaterSheet, moved: Moved, name: string): Mark {
  const kept = sheet.ratings.find((rating) => rating.criterion === name);
  return moved[name] ?? { value: kept?.value, tags: kept?.tags ?? [] };
}

function Sheet({ sheet }: { readonly sheet: RaterSheet }): ReactElement {
  const panel = panelOf(sheet);
  const [moved, setMoved] = useState<Moved>({});
  const firstOpen = panel.findIndex(
    (criterion) => !sheet.ratings.some((rating) => rating.criterion === criterion.name),
  );
  const [at, setAt] = useState(Math.max(0, firstOpen));
  const criterion = panel[Math.min(at, panel.length - 1)] as RubricCriterion;
  const head = (
    <header className="flex border-b-[3px] border-ink">
      <span className="w-[66px] bg-slab py-1.5 text-center text-inverse">
        <small className="text-inverse">sample</small>
        <b className="figure block text-title leading-none font-medium">{sheet.sampleCode}</b>
      </span>
      <span className="px-3 py-2">
        <h1 className="text-lead leading-tight">{sheet.rubric.label}, your sheet</h1>
        <small>
          {sheet.ratings.length} of {panel.length} scored. Blind until all {sheet.raters} are in.
        </small>
      </span>
    </header>
  );
  if (sheet.handedIn) {
    return (
      <main className={SHEET}>
        {head}
        <EmptyPail question={sheet.ratersIn === sheet.raters ? 'All are in. Thank you.' : 'Handed in. Thank you.'}>
          <p className="max-w-[28ch]">
            {sheet.ratersIn} of {counted(sheet.raters, 'rater has', 'raters have')} handed in. The marks open when all
            have.
          </p>
        </EmptyPail>
      </main>
    );
  }
  return (
    <main className={SHEET}>
      {head}
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
    </main>
  );
}

/** Whether a criterion was kept, or moved and not kept. */
function tabSign(sheet: RaterSheet, moved: Moved, name: string): string {
  if (moved[name] !== undefined) return ' …';
  return sheet.ratings.some((rating) => rating.criterion === name) ? ' ✓' : '';
}

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
  const { value, tags } = mark;
  const move = (to: Partial<Mark>): void => {
    onMoved({ ...moved, [criterion.name]: { ...mark, ...to } });
  };
  const setValue = (next: number): void => {
    move({ value: next });
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
      store(next);
      await queryClient.invalidateQueries({ queryKey: sheetsKey, exact: true });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      await queryClient.invalidateQueries({ queryKey: scorecardsKey });
    },
  });
  const others = panelOf(sheet).filter((one) => one.name !== criterion.name);
  const isMarked = (one: RubricCriterion): boolean => markOf(sheet, moved, one.name).value !== undefined;
  const last = others.every(isMarked);
  const next = following ?? others.find((one) => !isMarked(one));
  const error = keep.error ?? handIn.error;
  const caution = CAUTION[criterion.name];
  return (
    <>
      {caution !== undefined && <CautionStrip caution={caution} />}
      <div className="grid flex-1 grid-cols-[184px_minmax(0,1fr)]">
        <RateScale criterion={criterion} value={value} onValue={setValue} />
        <div className="border-l border-zinc3 px-3.5 py-3">
          <h2>{criterion.label}</h2>
          <p className="text-ink2 text-small">{criterion.plain}</p>
          <p className="figure text-room leading-none font-medium tracking-[-0.05em]">
            {value === undefined ? '–' : fixed(value, 1)}
          </p>
          <p className="min-h-6 text-head font-semibold">
            {value === undefined ? 'slide the mark' : wordAt(criterion, value)}
          </p>
          <span className="mt-2 flex h-[46px] border-[1.5px] border-ink">
            <button
              type="button"
              className="figure w-1/2 bg-zinc1 text-lead"
              aria-label="Half a point less"
              onClick={() => {
                setValue(Math.max(0, (value ?? 5) - 0.5));
              }}
            >
              − ½
            </button>
            <button
              type="button"
              className="figure w-1/2 border-l-[1.5px] border-ink bg-zinc1 text-lead"
              aria-label="Half a point more"
              onClick={() => {
                setValue(Math.min(10, (value ?? 5) + 0.5));
              }}
            >
              + ½
            </button>
          </span>
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
        </div>
      </div>
      <div className="sticky bottom-[72px] border-t border-zinc3 bg-enamel px-3.5 py-2.5">
        {error !== null && <Sorry className="mb-2">{sentenceOf(error)}</Sorry>}
        <Button
          look="act"
          className="w-full"
          disabled={value === undefined || keep.isPending || handIn.isPending}
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

function wordAt(criterion: RubricCriterion, value: number): string {
  const words = criterion.words ?? [];
  const nearest = [...words].sort((a, b) => Math.abs(a.at - value) - Math.abs(b.at - value))[0];
  return nearest?.word ?? '';
}
