import type { LotRow, RecipeLine } from '@bent-pail/contract';
import { partsOf, readRecipe, UNIT_WORDS, type PartsLine, type ReadLine } from '@bent-pail/core';
import { useMemo, useState, type ReactElement } from 'react';
import { Choice } from '../shared/Field';
import { fixed } from '../shared/format';
import { matchLot } from './matchLot';

interface PasteRecipeProps {
  readonly lots: readonly LotRow[];
  readonly onTake: (lines: readonly RecipeLine[]) => void;
}

/** A recipe as somebody wrote it, read into lines; nothing enters the desk before it was confirmed. */
export function PasteRecipe({ lots, onTake }: PasteRecipeProps): ReactElement {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<Readonly<Record<number, string>>>({});
  const read = useMemo(() => readRecipe(text), [text]);
  const counted = useMemo(() => partsOf(read.lines), [read]);
  if (!open) {
    return (
      <button
        type="button"
        className="tie mt-2 text-[14px]"
        onClick={() => {
          setOpen(true);
        }}
      >
        Paste a written recipe
      </button>
    );
  }
  const usable = lots.filter((lot) => lot.component !== undefined);
  const lotOf = ({ line }: PartsLine, i: number): string =>
    chosen[i] ?? matchLot([line.name, ...line.alternatives], usable)?.id ?? '';
  const doubts = [...read.doubts, ...counted.doubts];
  const lines = counted.lines.flatMap((one, i): RecipeLine[] => {
    const lotId = lotOf(one, i);
    return one.parts === undefined || lotId === '' ? [] : [{ lotId, parts: Number(one.parts.toFixed(3)) }];
  });
  return (
    <section className="paste" aria-label="A written recipe">
      <label className="field">
        <span>A recipe, as it is written</span>
        <textarea
          rows={3}
          value={text}
          placeholder="2 parts bark, 1 part pumice, 3 g/L lime"
          onChange={(event) => {
            setText(event.target.value);
            setChosen({});
          }}
        />
      </label>
      <ul>
        {counted.lines.map((one, i) => (
          <li key={`${String(i)}${one.line.text}`}>
            <span className="f">{amountSaid(one.line)}</span>
            {one.line.unit === 'gPerL' || one.line.unit === 'spoon' ? (
              <span className="q">{one.line.name}: an additive, it moves pH and price; set the lime above</span>
            ) : (
              <Choice
                label={`${one.line.name}${one.line.optional ? ', may be left out' : ''}`}
                value={lotOf(one, i)}
                options={[
                  { key: '', words: 'leave it out' },
                  ...usable.map((lot) => ({ key: lot.id, words: `${lot.name}, ${lot.code}` })),
                ]}
                onChange={(id) => {
                  setChosen({ ...chosen, [i]: id });
                }}
              />
            )}
          </li>
        ))}
      </ul>
      {doubts.map((doubt) => (
        <p key={`${doubt.text}${doubt.ask}`} className="check mt-1 p-2 text-[14px]">
          <b>{doubt.text}:</b> {doubt.ask}
        </p>
      ))}
      <p className="mt-2 flex gap-3">
        <button
          type="button"
          className="alt"
          disabled={lines.length === 0}
          onClick={() => {
            onTake(merged(lines));
            setOpen(false);
            setText('');
          }}
        >
          Take {lines.length === 1 ? 'this line' : `these ${String(lines.length)} lines`}
        </button>
        <button
          type="button"
          className="alt"
          onClick={() => {
            setOpen(false);
          }}
        >
          Leave it
        </button>
      </p>
    </section>
  );
}

/** Two lines of one lot are one line of it. */
function merged(lines: readonly RecipeLine[]): RecipeLine[] {
  const ids = [...new Set(lines.map((line) => line.lotId))];
  return ids.map((lotId) => ({
    lotId,
    parts: lines.filter((line) => line.lotId === lotId).reduce((sum, line) => sum + line.parts, 0),
  }));
}

function amountSaid({ lo, hi, unit }: ReadLine): string {
  if (unit === 'rest') return UNIT_WORDS.rest;
  const digits = (value: number): string => fixed(value, Number.isInteger(value) ? 0 : 2);
  const words = lo === hi && lo === 1 ? UNIT_WORDS[unit].replace(/s$/, '') : UNIT_WORDS[unit];
  return `${lo === hi ? digits(lo) : `${digits(lo)}–${digits(hi)}`} ${words}`;
}
