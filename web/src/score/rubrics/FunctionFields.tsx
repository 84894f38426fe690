import type { ScoreFunction } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { RangeSlider } from '../../kit/RangeSlider';
import { firstFunction, type By, type DraftFunction } from './draft';
import { ScoreCurve } from './ScoreCurve';

const KINDS = [
  { key: 'window', words: 'a window' },
  { key: 'line', words: 'a line' },
  { key: 'bands', words: 'bands' },
] as const;

const ENDS = ['Nothing under', 'Ideal from', 'Ideal to', 'Nothing over'] as const;

interface FunctionFieldsProps {
  readonly by: By;
  readonly unit: string;
  readonly fn: DraftFunction;
  readonly onFn: (fn: DraftFunction) => void;
}

/** How a value becomes 0 to 10: a window or bands whose ends are dragged or typed, a line. */
export function FunctionFields({ by, unit, fn, onFn }: FunctionFieldsProps): ReactElement {
  if (fn.type === 'direct')
    return <p className="text-ink2 text-small">Marked 0 to 10 in halves, and taken as it is.</p>;
  return (
    <div className="flex flex-col gap-2">
      <Choice
        label="Scored by"
        value={fn.type}
        options={KINDS}
        onChange={(type) => {
          if (type === 'line') onFn({ type, at0: '', at10: '' });
          else if (type === 'bands') onFn({ type, bands: [{ upTo: '', score: '10' }] });
          else onFn(firstFunction(by === 'pricePerL' ? 'air' : by));
        }}
        className="w-40"
      />
      {fn.type === 'line' && (
        <div className="flex gap-3">
          <Field
            label={`Scores 0 at ${unit}`.trim()}
            mode="decimal"
            value={fn.at0}
            onChange={(at0) => {
              onFn({ ...fn, at0 });
            }}
            className="w-36"
          />
          <Field
            label={`Scores 10 at ${unit}`.trim()}
            mode="decimal"
            value={fn.at10}
            onChange={(at10) => {
              onFn({ ...fn, at10 });
            }}
            className="w-36"
          />
        </div>
      )}
      {fn.type === 'window' && <WindowFields fn={fn} onFn={onFn} />}
      {fn.type === 'bands' && <BandFields fn={fn} onFn={onFn} />}
    </div>
  );
}

type Window = Extract<DraftFunction, { type: 'window' }>;

function WindowFields({ fn, onFn }: { readonly fn: Window; readonly onFn: (fn: DraftFunction) => void }): ReactElement {
  const numbers = fn.ends.map((text) => Number(text.replace(',', '.')));
  const full = fn.ends.every((text) => text.trim() !== '') && numbers.every((value) => Number.isFinite(value));
  const [a = 0, b = 0, c = 0, d = 0] = numbers;
  const room = Math.max(d - a, 1e-6) / 4;
  const [from, to] = [Math.min(a, a - room), d + room];
  const drawn: ScoreFunction = { type: 'window', ideal: [b, c], limits: [a, d] };
  return (
    <>
      <div className="grid grid-cols-2 gap-2 min-[560px]:grid-cols-4">
        {ENDS.map((label, i) => (
          <Field
            key={label}
            label={label}
            mode="decimal"
            placeholder="open"
            value={fn.ends[i] ?? ''}
            onChange={(text) => {
              const ends = fn.ends.map((one, at) => (at === i ? text : one));
              onFn({ type: 'window', ends: ends as unknown as Window['ends'] });
            }}
          />
        ))}
      </div>
      {full && (
        <div>
          <ScoreCurve fn={drawn} from={from} to={to} />
          <RangeSlider
            labels={ENDS}
            values={numbers}
            from={from}
            to={to}
            step={Number(((to - from) / 200).toPrecision(1))}
            onChange={(values) => {
              const ends = values.map((value) => String(Number(value.toPrecision(3))));
              onFn({ type: 'window', ends: ends as unknown as Window['ends'] });
            }}
          />
        </div>
      )}
    </>
  );
}

type Bands = Extract<DraftFunction, { type: 'bands' }>;

function BandFields({ fn, onFn }: { readonly fn: Bands; readonly onFn: (fn: DraftFunction) => void }): ReactElement {
  const change = (i: number, next: Partial<Bands['bands'][number]>): void => {
    onFn({ ...fn, bands: fn.bands.map((band, at) => (at === i ? { ...band, ...next } : band)) });
  };
  return (
    <div className="flex flex-col gap-2">
      {fn.bands.map((band, i) => (
        <div key={i} className="flex items-end gap-3">
          {i < fn.bands.length - 1 ? (
            <Field
              label="up to"
              mode="decimal"
              value={band.upTo}
              onChange={(upTo) => {
                change(i, { upTo });
              }}
              className="w-28"
            />
          ) : (
            <span className="w-28 pb-2.5 text-small">anything over</span>
          )}
          <Field
            label="scores"
            mode="decimal"
            value={band.score}
            onChange={(score) => {
              change(i, { score });
            }}
            className="w-24"
          />
          {fn.bands.length > 1 && (
            <Button
              look="small"
              onClick={() => {
                const left = fn.bands.filter((_, at) => at !== i);
                onFn({ ...fn, bands: left.map((one, at) => (at === left.length - 1 ? { ...one, upTo: '' } : one)) });
              }}
            >
              take out
            </Button>
          )}
        </div>
      ))}
      <BandsDrawn fn={fn} onFn={onFn} />
      <Button
        look="small"
        className="self-start"
        onClick={() => {
          onFn({ ...fn, bands: [{ upTo: '', score: '' }, ...fn.bands] });
        }}
      >
        A band more, before these
      </Button>
    </div>
  );
}

const numberOf = (text: string): number => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')));

/** The bands as a stair whose steps are dragged, once each has its end and its score. */
function BandsDrawn({
  fn,
  onFn,
}: {
  readonly fn: Bands;
  readonly onFn: (fn: DraftFunction) => void;
}): ReactElement | null {
  const ends = fn.bands.slice(0, -1).map(({ upTo }) => numberOf(upTo));
  const scores = fn.bands.map(({ score }) => numberOf(score));
  const isWhole =
    ends.length > 0 &&
    ends.every((end, i) => Number.isFinite(end) && end > (ends[i - 1] ?? -Infinity)) &&
    scores.every((score) => score >= 0 && score <= 10);
  if (!isWhole) return null;
  const [first = 0, last = 0] = [ends[0], ends.at(-1)];
  const room = Math.max(last - first, Math.abs(last) / 2, 1e-6) / 2;
  const [from, to] = [first - room, last + room];
  const drawn: ScoreFunction = {
    type: 'bands',
    bands: scores.map((score, i) => ({ score, ...(ends[i] === undefined ? {} : { upTo: ends[i] }) })),
  };
  return (
    <div>
      <ScoreCurve fn={drawn} from={from} to={to} />
      <RangeSlider
        labels={ends.map((_, i) => `End of band ${String(i + 1)}`)}
        values={ends}
        from={from}
        to={to}
        step={Number(((to - from) / 200).toPrecision(1))}
        onChange={(values) => {
          const bands = fn.bands.map((band, i) => {
            const value = values[i];
            return value === undefined ? band : { ...band, upTo: String(Number(value.toPrecision(3))) };
          });
          onFn({ ...fn, bands });
        }}
      />
    </div>
  );
}
