import { TRAIT_KEYS, TRAITS, type TraitKey } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { mySign } from '../../shared/units/mine';
import { traitSaid } from '../../shared/trials/traitSaid';
import { UNIT_WORDS } from '../words';
import type { PlanDraft } from './planDraft';

interface ReadFieldsProps {
  readonly draft: PlanDraft;
  readonly onDraft: (draft: PlanDraft) => void;
}

const ALL = [...TRAIT_KEYS, 'signs'] as const;

/** What is read on which days after sowing; what is asked of it all; the rules that are said before. */
export function ReadFields({ draft, onDraft }: ReadFieldsProps): ReactElement {
  const { observe } = draft;
  const shown = ALL.filter((key) => observe[key] !== undefined);
  return (
    <>
      <p className="text-small text-ink2">Days after sowing, as 3-10, 14, 21.</p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {shown.map((key) => (
          <Field
            key={key}
            label={traitSaid(key)}
            className="w-40"
            mode="text"
            value={observe[key] ?? ''}
            onChange={(ages) => {
              onDraft({ ...draft, observe: { ...observe, [key]: ages } });
            }}
          />
        ))}
        <Choice<TraitKey | 'signs'>
          label="Read something else too"
          look="unseen"
          value=""
          unchosen="read something else too"
          options={ALL.filter((key) => !shown.includes(key)).map((key) => ({ key, words: traitSaid(key) }))}
          onChange={(key) => {
            onDraft({ ...draft, observe: { ...observe, [key]: '28' } });
          }}
        />
      </div>
    </>
  );
}

/** What the answer rests on, and what is decided before anything was sown. */
export function RuleFields({ draft, onDraft }: ReadFieldsProps): ReactElement {
  const { asks, culling, pull } = draft;
  const unit = TRAITS[asks.trait].unit;
  const sign = unit === '' ? '' : `, ${mySign(unit)}`;
  return (
    <div className="mt-2 flex flex-wrap items-end gap-3">
      <Choice
        label="The answer rests on"
        value={asks.trait}
        options={TRAIT_KEYS.filter((key) => draft.observe[key] !== undefined).map((key) => ({
          key,
          words: TRAITS[key].label,
        }))}
        onChange={(trait) => {
          onDraft({ ...draft, asks: { ...asks, trait } });
        }}
        className="w-44"
      />
      <Field
        label={`A difference that matters${sign}`}
        mode="decimal"
        className="w-44"
        value={asks.difference}
        onChange={(difference) => {
          onDraft({ ...draft, asks: { ...asks, difference } });
        }}
      />
      <Field
        label={`By chance ${UNIT_WORDS[draft.unit].many} of one medium vary by${sign}`}
        mode="decimal"
        className="w-48"
        value={asks.sd}
        onChange={(sd) => {
          onDraft({ ...draft, asks: { ...asks, sd } });
        }}
      />
      <Field
        label="Dropped with fewer up than"
        mode="numeric"
        placeholder="none is"
        className="w-44"
        value={culling.under}
        onChange={(under) => {
          onDraft({ ...draft, culling: { ...culling, under } });
        }}
      />
      {culling.under !== '' && (
        <Field
          label="at day"
          mode="numeric"
          className="w-20"
          value={culling.age_d}
          onChange={(age_d) => {
            onDraft({ ...draft, culling: { ...culling, age_d } });
          }}
        />
      )}
      <Field
        label="Pulled for their roots, of each"
        mode="numeric"
        placeholder="none is"
        className="w-48"
        value={pull.each}
        onChange={(each) => {
          onDraft({ ...draft, pull: { ...pull, each } });
        }}
      />
      {pull.each !== '' && (
        <Field
          label="at day"
          mode="numeric"
          className="w-20"
          value={pull.age_d}
          onChange={(age_d) => {
            onDraft({ ...draft, pull: { ...pull, age_d } });
          }}
        />
      )}
      <Field
        label="Readings count as of one age within, days"
        mode="numeric"
        className="w-64"
        value={draft.within_d}
        onChange={(within_d) => {
          onDraft({ ...draft, within_d });
        }}
      />
    </div>
  );
}
