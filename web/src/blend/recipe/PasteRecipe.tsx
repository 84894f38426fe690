import {
  partsOf,
  readRecipe,
  UNIT_WORDS,
  type PartsLine,
  type PartsRecipe,
  type ReadLine,
  type Settled,
} from '@bent-pail/core';
import type { DeskBlend } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { typedAmount } from '../../shared/units/mine';
import { MeasureField } from '../../shared/units/MeasureField';
import { Check } from '../../kit/Check';
import { Choice } from '../../kit/Choice';
import { FindAmong } from '../../kit/FindAmong';
import { fixed } from '../../kit/format';
import { lotsQuery } from '../../shared/resources/lots';
import { useMeasures } from '../../shared/useSession';
import { DoseOfLine, dosesSaid } from './DoseOfLine';
import { matchBlend } from './matchBlend';
import { matchLot } from './matchLot';
import { takeRecipe, type TakenRecipe } from './takeRecipe';
import { Button } from '../../kit/Button';
import { Notice } from '../../kit/Notice';
import { LongField } from '../../kit/LongField';

/** A name is looked for among so many lots, the newest. */
const READ_AMONG = 200;

interface PasteRecipeProps {
  /** Kept blends that may be a part of this one. */
  readonly blends: readonly DeskBlend[];
  readonly onTake: (recipe: TakenRecipe) => void;
}

/** A recipe as somebody wrote it, read into lines; nothing enters the desk before it was confirmed. */
export function PasteRecipe({ blends, onTake }: PasteRecipeProps): ReactElement {
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
      blends={blends}
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

/** A line, or a piece that could not be read, is left out on purpose. */
const OUT = 'out';

function PasteForm({ blends, onTake, onLeave }: PasteRecipeProps & { readonly onLeave: () => void }): ReactElement {
  const sizes = useMeasures();
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<Readonly<Record<number, string>>>({});
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [partSize, setPartSize] = useState('');
  const [percent, setPercent] = useState('');
  const [doses, setDoses] = useState<Readonly<Record<number, string>>>({});
  const read = useMemo(() => readRecipe(text), [text]);
  const counted = useMemo(() => {
    const part_L = typedAmount(partSize, 'L');
    const settled: Settled = {
      ...(part_L === undefined ? {} : { part_L }),
      sizes,
      doses: dosesSaid(doses),
      ...(percent === '' ? {} : { percent: percent === 'rescale' ? 'rescale' : 'on top' }),
    };
    return partsOf(read.lines, settled);
  }, [read, partSize, percent, sizes, doses]);
  const usable = (useQuery(lotsQuery({ limit: READ_AMONG })).data?.rows ?? []).filter((lot) => lot.usable);
  const meantBy = ({ line }: PartsLine, i: number): string =>
    chosen[i] ?? matchBlend(line.name, blends)?.id ?? matchLot([line.name, ...line.alternatives], usable)?.id ?? '';
  const onTop = percent === '' || percent === 'rescale' ? {} : { onTop: Number(percent) };
  const taken = takeRecipe(counted, {
    meantBy: (line, i) => meantBy(line, i).replace(OUT, ''),
    lots: usable,
    blends,
    ...onTop,
  });
  const asks = useMemo(() => partsOf(read.lines, { sizes }).asks, [read, sizes]);
  const open = [
    ...counted.lines.flatMap((one, i) => (isPoured(one) && meantBy(one, i) === '' ? one.line.name : [])),
    ...read.doubts.flatMap(({ text: said }) => (left.has(said) ? [] : said)),
    ...counted.doubts.map(({ text: said }) => said),
  ];
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
          setLeft(new Set());
          setPercent('');
          setDoses({});
        }}
      />
      <ul>
        {counted.lines.map((one, i) => (
          <li
            key={`${String(i)}${one.line.text}`}
            className="grid grid-cols-[84px_minmax(0,1fr)] items-center gap-x-2 py-1"
          >
            <span className="figure">{amountSaid(one.line)}</span>
            {isPoured(one) ? (
              <FindAmong
                placeholder="name, code"
                label={`${one.line.name}${one.line.optional ? ', may be left out' : ''}`}
                value={meantBy(one, i)}
                unchosen="say which"
                options={[
                  { key: OUT, words: 'leave it out' },
                  ...blends.map(({ id, name, latest }) => ({ key: id, words: `${name}, version ${String(latest.n)}` })),
                  ...usable.map((lot) => ({ key: lot.id, words: `${lot.name}, ${lot.code}` })),
                ]}
                onChange={(id) => {
                  setChosen({ ...chosen, [i]: id });
                }}
              />
            ) : (
              <DoseOfLine
                one={one}
                value={doses[i] ?? ''}
                onChange={(dose) => {
                  setDoses({ ...doses, [i]: dose });
                }}
              />
            )}
            <small className="col-start-2 text-ink2">written: {one.line.text}</small>
          </li>
        ))}
      </ul>
      {read.doubts.map((doubt) => (
        <Notice key={`${doubt.text}${doubt.ask}`} className="mt-1 p-2">
          <p>
            <b>{doubt.text}:</b> {doubt.ask} Write it otherwise above, or:
          </p>
          <Check
            label="leave it out"
            checked={left.has(doubt.text)}
            onChange={(isLeft) => {
              setLeft(new Set(isLeft ? [...left, doubt.text] : [...left].filter((one) => one !== doubt.text)));
            }}
          />
        </Notice>
      ))}
      {counted.doubts.map((doubt) => (
        <Notice key={`${doubt.text}${doubt.ask}`} className="mt-1 p-2">
          <b>{doubt.text}:</b> {doubt.ask}
        </Notice>
      ))}
      {asks.includes('size of a part') && (
        <MeasureField label="One part of it" kept="L" value={partSize} onChange={setPartSize} className="mt-2 w-40" />
      )}
      {asks.includes('meaning of percent') && <PercentMean counted={counted} value={percent} onChange={setPercent} />}
      {open.length > 0 && <p className="mt-2 text-small">Still open: {open.join('; ')}.</p>}
      <p className="mt-2 flex gap-3">
        <Button
          disabled={taken.lines.length === 0 || open.length > 0}
          onClick={() => {
            onTake(taken);
          }}
        >
          {takeWords(taken.lines.length)}
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </p>
    </section>
  );
}

const takeWords = (lines: number): string =>
  lines === 0 ? 'Take it' : lines === 1 ? 'Take this line' : `Take these ${String(lines)} lines`;

/** Poured by volume, and so a lot of the shelf; what is weighed is none. */
const isPoured = ({ line, dosed }: PartsLine): boolean =>
  dosed === undefined && line.unit !== 'gPerL' && line.unit !== 'spoon';

interface PercentMeanProps {
  readonly counted: PartsRecipe;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** Percent that do not total 100: shares of what they total, or one of them on top. */
function PercentMean({ counted, value, onChange }: PercentMeanProps): ReactElement {
  return (
    <Choice
      label="What the percent mean"
      value={value}
      options={[
        { key: '', words: 'say which' },
        { key: 'rescale', words: 'shares of their total' },
        ...counted.lines.flatMap(({ line }, i) =>
          line.unit === 'percent' ? [{ key: String(i), words: `${line.name} comes on top` }] : [],
        ),
      ]}
      onChange={onChange}
      className="mt-2"
    />
  );
}

function amountSaid({ lo, hi, unit }: ReadLine): string {
  if (unit === 'rest') return UNIT_WORDS.rest;
  const digits = (value: number): string => fixed(value, Number.isInteger(value) ? 0 : 2);
  const words = lo === hi && lo === 1 ? UNIT_WORDS[unit].replace(/s$/, '') : UNIT_WORDS[unit];
  return `${lo === hi ? digits(lo) : `${digits(lo)}–${digits(hi)}`} ${words}`;
}
