import { partsOf, readRecipe, UNIT_WORDS, type PartsLine, type ReadLine, type Settled } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { FindAmong } from '../../kit/FindAmong';
import { Field } from '../../kit/Field';
import { fixed } from '../../kit/format';
import { lotsQuery } from '../../shared/resources/lots';
import { useMeasures } from '../../shared/useSession';
import { matchLot } from './matchLot';
import { takeRecipe, type TakenRecipe } from './takeRecipe';
import { Button } from '../../kit/Button';
import { Notice } from '../../kit/Notice';
import { LongField } from '../../kit/LongField';

/** A name is looked for among so many lots, the newest. */
const READ_AMONG = 200;

interface PasteRecipeProps {
  readonly onTake: (recipe: TakenRecipe) => void;
}

/** A recipe as somebody wrote it, read into lines; nothing enters the desk before it was confirmed. */
export function PasteRecipe({ onTake }: PasteRecipeProps): ReactElement {
  const [open, setOpen] = useState(false);
  if (!open) {
    return (
      <Button
        look="small"
        className="mt-2"
        onClick={() => {
          setOpen(true);
        }}
      >
        Paste a written recipe
      </Button>
    );
  }
  return (
    <PasteForm
      onTake={(recipe) => {
        onTake(recipe);
        setOpen(false);
      }}
      onLeave={() => {
        setOpen(false);
      }}
    />
  );
}

function PasteForm({ onTake, onLeave }: PasteRecipeProps & { readonly onLeave: () => void }): ReactElement {
  const sizes = useMeasures();
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<Readonly<Record<number, string>>>({});
  const [partSize, setPartSize] = useState('');
  const [percent, setPercent] = useState('');
  const read = useMemo(() => readRecipe(text), [text]);
  const counted = useMemo(() => {
    const part_L = Number(partSize.replace(',', '.'));
    const settled: Settled = {
      ...(part_L > 0 ? { part_L } : {}),
      sizes,
      ...(percent === '' ? {} : { percent: percent === 'rescale' ? 'rescale' : 'on top' }),
    };
    return partsOf(read.lines, settled);
  }, [read, partSize, percent, sizes]);
  const usable = (useQuery(lotsQuery({ limit: READ_AMONG })).data?.rows ?? []).filter((lot) => lot.usable);
  const lotOf = ({ line }: PartsLine, i: number): string =>
    chosen[i] ?? matchLot([line.name, ...line.alternatives], usable)?.id ?? '';
  const onTop = percent === '' || percent === 'rescale' ? {} : { onTop: Number(percent) };
  const taken = takeRecipe(counted, { lotOf, lots: usable, ...onTop });
  const asks = useMemo(() => partsOf(read.lines, { sizes }).asks, [read, sizes]);
  return (
    <section className="mt-2 border-2 border-ink bg-paper p-2.5" aria-label="A written recipe">
      <LongField
        label="A recipe, as it is written"
        rows={3}
        value={text}
        placeholder="2 parts bark, 1 part pumice, 3 g/L lime"
        onChange={(next) => {
          setText(next);
          setChosen({});
          setPercent('');
        }}
      />
      <ul>
        {counted.lines.map((one, i) => (
          <li
            key={`${String(i)}${one.line.text}`}
            className="grid grid-cols-[84px_minmax(0,1fr)] items-center gap-2 py-1"
          >
            <span className="figure">{amountSaid(one.line)}</span>
            {one.line.unit === 'gPerL' || one.line.unit === 'spoon' ? (
              <span className="text-ink2">
                {one.line.name}:{' '}
                {one.line.unit === 'spoon'
                  ? 'an additive; weigh a spoon of it and write g/L'
                  : 'an additive, it moves pH, food and price, not volume'}
              </span>
            ) : (
              <FindAmong
                placeholder="name, code"
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
      {[...read.doubts, ...counted.doubts].map((doubt) => (
        <Notice key={`${doubt.text}${doubt.ask}`} className="mt-1 p-2">
          <b>{doubt.text}:</b> {doubt.ask}
        </Notice>
      ))}
      {asks.includes('size of a part') && (
        <Field label="One part of it, L" mode="decimal" value={partSize} onChange={setPartSize} className="mt-2 w-40" />
      )}
      {asks.includes('meaning of percent') && (
        <Choice
          label="What the percent mean"
          value={percent}
          options={[
            { key: '', words: 'say which' },
            { key: 'rescale', words: 'shares of their total' },
            ...counted.lines.flatMap(({ line }, i) =>
              line.unit === 'percent' ? [{ key: String(i), words: `${line.name} comes on top` }] : [],
            ),
          ]}
          onChange={setPercent}
          className="mt-2"
        />
      )}
      <p className="mt-2 flex gap-3">
        <Button
          disabled={taken.lines.length === 0}
          onClick={() => {
            onTake(taken);
          }}
        >
          Take {taken.lines.length === 1 ? 'this line' : `these ${String(taken.lines.length)} lines`}
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </p>
    </section>
  );
}

function amountSaid({ lo, hi, unit }: ReadLine): string {
  if (unit === 'rest') return UNIT_WORDS.rest;
  const digits = (value: number): string => fixed(value, Number.isInteger(value) ? 0 : 2);
  const words = lo === hi && lo === 1 ? UNIT_WORDS[unit].replace(/s$/, '') : UNIT_WORDS[unit];
  return `${lo === hi ? digits(lo) : `${digits(lo)}–${digits(hi)}`} ${words}`;
}
