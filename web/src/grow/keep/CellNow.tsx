import { pulledPlants, TRAITS, type TrialPlan } from '@bent-pail/core';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Keypad } from '../../kit/Keypad';
import { amount, mySign, readTyped, told } from '../../shared/units/mine';
import { traitSaid } from '../../shared/trials/traitSaid';
import type { DayCell } from './dayState';
import { PhotoGreen } from './PhotoGreen';
import { Signs, Steps } from './StepsAndSigns';
import type { KeepCell } from './useKeepCell';

interface CellNowProps {
  readonly trialId: string;
  readonly plan: TrialPlan;
  /** Seed of the layout: who is pulled for the roots is drawn with it. */
  readonly seed: number;
  readonly cell: DayCell;
  readonly keeping: KeepCell;
  /** It is kept: on to the next one. */
  readonly onKept: () => void;
  readonly onMove: (by: 1 | -1) => void;
}

/** The one cell to fill, large: which plot, what to read, what was there the last time. */
export function CellNow(props: CellNowProps): ReactElement {
  const { cell, plan, keeping, onKept } = props;
  const species = plan.species.find(({ key }) => key === cell.plot.species)?.name ?? '';
  const say = (said: Parameters<KeepCell['keep']>[1]): void => {
    if (keeping.keep(cell, said)) onKept();
  };
  const { trait } = cell;
  const steps = trait === 'signs' ? undefined : TRAITS[trait].steps;
  return (
    <section aria-label="The cell to fill" className="flex flex-col gap-3">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <b className="figure text-cell leading-none">{cell.plot.number}</b>
        <span className="text-lead">
          {traitSaid(trait)}
          {cell.plant > 0 && `, plant ${String(cell.plant)}`}
        </span>
        <span className="text-body text-ink2">
          {plan.blockIs} {cell.plot.block}, {species}
        </span>
      </p>
      <p className="text-body text-ink2">
        {trait === 'signs' ? 'What is seen today on plants and surface; nothing is an answer too.' : TRAITS[trait].ask}
      </p>
      <Pulled plan={plan} seed={props.seed} cell={cell} />
      {trait === 'signs' ? (
        <Signs
          cell={cell}
          onMove={props.onMove}
          onSay={(signs) => {
            say({ signs });
          }}
        />
      ) : (
        <>
          {steps !== undefined && (
            <Steps
              steps={steps}
              standing={cell.found?.value}
              onSay={(value) => {
                say({ value });
              }}
            />
          )}
          <Typed
            {...props}
            onSay={(said) => {
              say(said);
            }}
          />
          {trait === 'green' && (
            <PhotoGreen
              trialId={props.trialId}
              cell={cell}
              onValue={(value) => {
                say({ value });
              }}
            />
          )}
          <span className="flex flex-wrap gap-3">
            <Button
              className="min-h-12"
              onClick={() => {
                say({ state: 'dead' });
              }}
            >
              Dead (D)
            </Button>
            <Button
              className="min-h-12"
              onClick={() => {
                say({ state: 'missing' });
              }}
            >
              Missing (M)
            </Button>
            <Button
              className="min-h-12"
              onClick={() => {
                props.onMove(-1);
              }}
            >
              Back
            </Button>
            <Button
              className="min-h-12"
              onClick={() => {
                props.onMove(1);
              }}
            >
              Skip
            </Button>
          </span>
        </>
      )}
    </section>
  );
}

/** Which plants are pulled to see their roots: lot says it, so that nobody takes the best one. */
function Pulled({ plan, seed, cell }: Pick<CellNowProps, 'plan' | 'seed' | 'cell'>): ReactElement | null {
  const plants = plan.species.find(({ key }) => key === cell.plot.species)?.plants ?? 0;
  if (cell.trait !== 'roots' || plan.pull === undefined) return null;
  const drawn = pulledPlants(seed, cell.plot.number, plants, plan.pull.each);
  return (
    <p className="border-l-4 border-ink bg-paper py-2 pl-3 text-body">
      {drawn.length === 1 ? 'Pull plant' : 'Pull plants'} <b className="figure">{drawn.join(', ')}</b>, drawn by lot.
    </p>
  );
}

/** What stands in a cell, as it is said. */
export function valueSaid({ trait }: Pick<DayCell, 'trait'>, found: DayCell['found']): string {
  if (found === undefined) return '';
  if (found.state !== undefined) return found.state;
  if (trait === 'signs') return found.signs?.length === 0 ? 'nothing seen' : (found.signs ?? []).join(', ');
  const { unit, digits } = TRAITS[trait];
  // A count has no unit, and nothing behind it.
  return amount(found.value ?? 0, unit, digits).trim();
}

interface TypedProps extends CellNowProps {
  readonly onSay: (said: { readonly value?: number; readonly state?: 'dead' | 'missing' }) => void;
}

/** Enter keeps and goes on; D and M say dead and missing; of seedlings, Enter alone says that none came up since. */
function Typed({ cell, keeping, onSay, onMove }: TypedProps): ReactElement {
  const [text, setText] = useState('');
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    input.current?.focus({ preventScroll: true });
  }, []);
  const trait = cell.trait as Exclude<DayCell['trait'], 'signs'>;
  const { label, unit } = TRAITS[trait];
  const asBefore = trait === 'up' ? cell.before?.value : undefined;
  const keep = (): void => {
    if (text.trim() === '') {
      if (cell.found !== undefined) onMove(1);
      else if (asBefore !== undefined) onSay({ value: asBefore });
      return;
    }
    const { number: read } = readTyped(text, unit);
    if (read.kind === 'number') onSay({ value: read.value });
    else keeping.setSorry(read.kind === 'ask' ? 'Type it with a point or without.' : read.sentence);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const key = event.key.toLowerCase();
    const isEmpty = text === '';
    if (event.key === 'Enter') keep();
    else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') onMove(event.key === 'ArrowDown' ? 1 : -1);
    else if (isEmpty && (key === 'd' || key === 'm')) onSay({ state: key === 'd' ? 'dead' : 'missing' });
    else return;
    event.preventDefault();
  };
  return (
    <>
      <label className="flex items-baseline gap-3 border-2 border-ink bg-paper px-3">
        <span className="sr-only">{label}</span>
        <input
          ref={input}
          className="figure min-h-20 w-full min-w-0 bg-paper text-cell caret-(--grip) outline-none placeholder:text-zinc4"
          inputMode="decimal"
          autoComplete="off"
          placeholder={asBefore === undefined ? '' : String(asBefore)}
          value={text}
          onKeyDown={onKeyDown}
          onChange={(event) => {
            setText(event.target.value);
            keeping.setSorry(undefined);
          }}
        />
        <span className="text-lead">{mySign(unit)}</span>
      </label>
      <p className="min-h-6 text-body" role="status">
        {cell.found !== undefined ? (
          <>
            Here: <b className="figure">{valueSaid(cell, cell.found)}</b>. Another value takes its place; both stay.
          </>
        ) : cell.before !== undefined ? (
          <>
            The last time: <b className="figure">{valueSaid(cell, cell.before)}</b>
            {asBefore === undefined ? '.' : '. Enter alone says that no more came up.'}
          </>
        ) : (
          ''
        )}
      </p>
      {keeping.sorry !== undefined && (
        <p role="alert" className="border-l-4 border-caution bg-paper py-1.5 pl-3">
          {told(keeping.sorry)}
        </p>
      )}
      <Keypad text={text} onText={setText} onKeep={keep} />
    </>
  );
}
