import type { PupilFigure } from '@bent-pail/core';
import { parseNumber } from '@bent-pail/core';
import { useState, type SyntheticEvent, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Sorry } from '../kit/Sorry';
import { sentenceOf } from '../shared/api';
import { keepGuess } from '../shared/outbox/keep';

interface GuessScreenProps {
  readonly groupId: string;
  readonly sampleId: string;
  readonly figure: PupilFigure;
  readonly aim: string;
}

/** Parts of the range that are offered as a margin. */
const MARGINS = [0.02, 0.05, 0.1, 0.2] as const;

const tidy = (value: number): number => Number(value.toPrecision(1));

const numberIn = (text: string): number | undefined => {
  const read = parseNumber(text);
  return read.kind === 'number' ? read.value : undefined;
};

/** Say what it will be and how far off it may be, before anything is measured. */
export function GuessScreen({ groupId, sampleId, figure, aim }: GuessScreenProps): ReactElement {
  const [lo, hi] = figure.guess ?? [0, 100];
  const margins = [...new Set(MARGINS.map((part) => tidy(part * Math.min(hi - lo, 100))))];
  const [value, setValue] = useState('');
  const [margin, setMargin] = useState(String(margins[2] ?? margins[0]));
  const [sorry, setSorry] = useState<string>();
  const sign = figure.unit === '' ? '' : ` ${figure.unit}`;
  const keep = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    const [guessed, off] = [numberIn(value), numberIn(margin)];
    if (guessed === undefined || guessed < lo || guessed > hi) {
      setSorry(`Guess a number from ${String(lo)} to ${String(hi)}${sign}.`);
      return;
    }
    if (off === undefined || off < 0 || off > hi - lo) {
      setSorry('Say how far off it may be: 0 or more.');
      return;
    }
    try {
      await keepGuess(groupId, { id: uuidv7(), sampleId, figure: figure.key, value: guessed, margin: off });
    } catch (error) {
      setSorry(sentenceOf(error));
    }
  };
  return (
    <form className="flex flex-1 flex-col gap-5 p-4" onSubmit={(event) => void keep(event)}>
      <p className="text-body text-ink2">{aim}</p>
      <h2 className="text-title leading-tight">
        Guess first. {figure.label}
        {figure.unit === '' ? '' : ` in ${figure.unit}`}: how much will it be?
      </h2>
      <Field
        label={`Your guess, ${String(lo)} to ${String(hi)}${sign}`}
        value={value}
        mode="decimal"
        onChange={(to) => {
          setValue(to);
          setSorry(undefined);
        }}
        className="[&_input]:min-h-16 [&_input]:text-key"
      />
      <fieldset>
        <legend className="text-small font-semibold">Give or take</legend>
        <div className="mt-1 flex flex-wrap gap-2">
          {margins.map((one) => (
            <button
              key={one}
              type="button"
              aria-pressed={margin === String(one)}
              className="figure min-h-14 flex-1 border-2 border-ink bg-paper text-lead aria-pressed:bg-ink aria-pressed:text-paper"
              onClick={() => {
                setMargin(String(one));
              }}
            >
              {one}
            </button>
          ))}
        </div>
      </fieldset>
      <Field label="or another margin" value={margin} mode="decimal" onChange={setMargin} className="w-40" />
      <p className="text-small text-ink2">
        A wide margin costs, and one that misses costs more. Say what you believe: eight times in ten it should hold.
      </p>
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
      <Button type="submit" look="act" className="mt-auto min-h-16">
        Keep the guess
      </Button>
    </form>
  );
}
