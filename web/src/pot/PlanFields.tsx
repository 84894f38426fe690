import { type WateringPlan } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Check } from '../kit/Check';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { decimalsOf } from '../kit/format';
import { WEEKDAY_WORDS } from './told';
import { amount, inField, mySign, readTyped } from '../shared/units/mine';

interface PlanFieldsProps {
  readonly label: string;
  readonly plan: WateringPlan;
  readonly onChange: (plan: WateringPlan) => void;
}

type Kind = WateringPlan['kind'];

const KINDS: readonly { readonly key: Kind; readonly words: string }[] = [
  { key: 'every', words: 'every so many days' },
  { key: 'weekdays', words: 'on some weekdays' },
  { key: 'when-dry', words: 'when it has grown light' },
  { key: 'drip', words: 'by a drip, each day' },
  { key: 'from-below', words: 'from below, in a saucer' },
  { key: 'none', words: 'not at all' },
];

const USUAL: Readonly<Record<Kind, WateringPlan>> = {
  every: { kind: 'every', every_d: 2 },
  weekdays: { kind: 'weekdays', on: [0, 2, 4] },
  'when-dry': { kind: 'when-dry', below: 0.6 },
  drip: { kind: 'drip', hours: 4 },
  'from-below': { kind: 'from-below', every_d: 3, level_cm: 3, hours: 1 },
  none: { kind: 'none' },
};

/** How the pot is watered. What is typed counts once it is a number that can be. */
export function PlanFields({ label, plan, onChange }: PlanFieldsProps): ReactElement {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Choice
        label={label}
        value={plan.kind}
        options={KINDS}
        onChange={(kind) => {
          onChange(USUAL[kind]);
        }}
        className="w-56"
      />
      {plan.kind === 'every' && (
        <>
          <Typed
            label="Days between"
            value={plan.every_d}
            within={[0.25, 60]}
            onType={(every_d) => {
              onChange({ ...plan, every_d });
            }}
          />
          <EachTime
            volume_mL={plan.volume_mL}
            onType={(volume_mL) => {
              onChange({ ...plan, volume_mL });
            }}
            onEmpty={() => {
              onChange({ kind: 'every', every_d: plan.every_d });
            }}
          />
        </>
      )}
      {plan.kind === 'weekdays' && (
        <>
          <fieldset className="flex flex-wrap gap-x-3">
            <legend className="text-small font-semibold">The first day is a Monday</legend>
            {WEEKDAY_WORDS.map((words, day) => (
              <Check
                key={words}
                label={words.slice(0, 3)}
                checked={plan.on.includes(day)}
                onChange={(isOn) => {
                  const on = isOn ? [...plan.on, day] : plan.on.filter((one) => one !== day);
                  // A week without any is another choice above.
                  if (on.length > 0) onChange({ ...plan, on: [...on].sort((a, b) => a - b) });
                }}
              />
            ))}
          </fieldset>
          <EachTime
            volume_mL={plan.volume_mL}
            onType={(volume_mL) => {
              onChange({ ...plan, volume_mL });
            }}
            onEmpty={() => {
              onChange({ kind: 'weekdays', on: plan.on });
            }}
          />
        </>
      )}
      {plan.kind === 'when-dry' && (
        <Typed
          label="At, % of what it holds"
          value={100 * plan.below}
          within={[5, 100]}
          onType={(percent) => {
            onChange({ kind: 'when-dry', below: percent / 100 });
          }}
        />
      )}
      {plan.kind === 'drip' && (
        <Typed
          label="Hours a day"
          value={plan.hours}
          within={[0.1, 24]}
          onType={(hours) => {
            onChange({ ...plan, hours });
          }}
        />
      )}
      {plan.kind === 'from-below' && (
        <>
          <Typed
            label="Days between"
            value={plan.every_d}
            within={[0.25, 60]}
            onType={(every_d) => {
              onChange({ ...plan, every_d });
            }}
          />
          <Typed
            label="Level"
            kept="cm"
            value={plan.level_cm}
            within={[0, 100]}
            onType={(level_cm) => {
              onChange({ ...plan, level_cm });
            }}
          />
          <Typed
            label="Hours"
            value={plan.hours}
            within={[0.1, 24]}
            onType={(hours) => {
              onChange({ ...plan, hours });
            }}
          />
        </>
      )}
    </div>
  );
}

interface EachTimeProps {
  readonly volume_mL: number | undefined;
  readonly onType: (volume_mL: number) => void;
  readonly onEmpty: () => void;
}

const EachTime = ({ volume_mL, onType, onEmpty }: EachTimeProps): ReactElement => (
  <Typed
    label="Each time"
    kept="mL"
    value={volume_mL}
    within={[0, 1e6]}
    placeholder="as used"
    onType={onType}
    onEmpty={onEmpty}
  />
);

interface TypedProps {
  readonly label: string;
  /** The unit that it is kept in; none for a plain number. */
  readonly kept?: string;
  readonly value: number | undefined;
  readonly within: readonly [number, number];
  readonly placeholder?: string;
  readonly onType: (value: number) => void;
  /** Where it may stay empty. */
  readonly onEmpty?: () => void;
  readonly className?: string;
}

const plain = (text: string): number | undefined => {
  const value = Number(text.replace(',', '.'));
  return Number.isFinite(value) ? value : undefined;
};

function measured(text: string, kept: string): number | undefined {
  const { number } = readTyped(text, kept);
  return number.kind === 'number' ? number.value : undefined;
}

/** A number that counts as soon as it can be; until then the words stand, and say what would do. */
export function Typed({
  label,
  kept,
  value,
  within,
  placeholder,
  onType,
  onEmpty,
  className = 'w-32',
}: TypedProps): ReactElement {
  const [text, setText] = useState<string>();
  const own =
    value === undefined ? '' : kept === undefined ? String(Number(value.toPrecision(6))) : inField(value, kept);
  const shown = text ?? own;
  const [lo, hi] = within;
  const read = (typed: string): number | undefined => {
    const number = kept === undefined ? plain(typed) : measured(typed, kept);
    return number !== undefined && number >= lo && number <= hi ? number : undefined;
  };
  const isEmpty = shown.trim() === '';
  const isWrong = isEmpty ? onEmpty === undefined : read(shown) === undefined;
  const limit = (one: number): string => (kept === undefined ? String(one) : amount(one, kept, decimalsOf(one)));
  return (
    <Field
      label={kept === undefined ? label : `${label}, ${mySign(kept)}`}
      mode="decimal"
      value={shown}
      {...(placeholder === undefined ? {} : { placeholder })}
      {...(isWrong ? { sorry: `Give ${limit(lo)} to ${limit(hi)}.` } : {})}
      onChange={(next) => {
        setText(next);
        const number = read(next);
        if (next.trim() === '') onEmpty?.();
        else if (number !== undefined) onType(number);
      }}
      className={className}
    />
  );
}
