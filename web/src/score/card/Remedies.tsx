import type { LotCardPage, LotRow, ScorecardPage } from '@bent-pail/contract';
import { remediesFor, scorecard, withRemedies, type Remedy, type RemedyChoice } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { Check } from '../../kit/Check';
import { Field } from '../../kit/Field';
import { fixed } from '../../kit/format';
import { CautionStrip } from '../../shared/CautionStrip';
import { LotChoice } from '../../shared/lots/LotChoice';
import { deskLotsQuery } from '../../shared/resources/lots';
import { mine, readTyped, told as inMyUnits } from '../../shared/units/mine';
import { perVolume } from '../../shared/units/ofProperty';

const MATERIALS = { kind: 'material' } as const;

interface RemediesProps {
  readonly page: ScorecardPage;
  readonly lot: LotCardPage;
}

/** A number above 0 as it was typed; undefined for what is none. */
function numberIn(text: string): number | undefined {
  const { number } = readTyped(text, '');
  return number.kind === 'number' && number.value > 0 ? number.value : undefined;
}

/** What would mend the bag, how much of it, at which cost, and what it would score then: predicted, not measured. */
export function Remedies({ page, lot }: RemediesProps): ReactElement | null {
  const [nitrogen, setNitrogen] = useState('14');
  const [feedPrice, setFeedPrice] = useState('');
  const [coarse, setCoarse] = useState<LotRow>();
  const [left, setLeft] = useState<ReadonlySet<Remedy['kind']>>(new Set());
  const { data: desk } = useQuery({ ...deskLotsQuery([coarse?.id ?? '']), enabled: coarse !== undefined });
  const component = coarse === undefined ? undefined : desk?.lots.find(({ id }) => id === coarse.id)?.component;
  const remedies = useMemo(() => {
    const price = numberIn(feedPrice);
    const choice: RemedyChoice = {
      feed: {
        name: `a feed with ${nitrogen} % nitrogen`,
        nitrogen_percent: Math.min(100, numberIn(nitrogen) ?? 14),
        ...(price === undefined ? {} : { pricePerKg: price }),
      },
      lime: { name: 'ground limestone', cce: 0.95 },
      feeder: 'medium',
      ...(component === undefined || coarse === undefined
        ? {}
        : { coarse: { name: `${coarse.name}, ${coarse.code}`, lot: component } }),
    };
    return remediesFor(lot.card, page.rubric, choice);
  }, [lot, page, nitrogen, feedPrice, component, coarse]);
  const taken = remedies.filter(({ kind }) => !left.has(kind));
  return (
    <section aria-label="Remedies" className="mt-6">
      <h2>
        What would mend it <small>worked out, not measured: make a little and measure it first</small>
      </h2>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Field label="Feed, % nitrogen" mode="decimal" value={nitrogen} onChange={setNitrogen} className="w-32" />
        <Field
          label={`${page.currency} a kg of it`}
          mode="decimal"
          value={feedPrice}
          placeholder="if known"
          onChange={setFeedPrice}
          className="w-28"
        />
        <LotChoice label="Coarse stuff at hand" chosen={coarse} among={MATERIALS} onChoose={setCoarse} />
      </div>
      {remedies.length === 0 ? (
        <p className="mt-2 text-small text-ink2">
          Nothing that was found calls for one. Nitrogen needs a laboratory’s report, air a run that drains it.
        </p>
      ) : (
        <>
          {remedies.some(({ kind }) => kind === 'lime') && <CautionStrip caution="liming" />}
          <ul className="mt-2 border-t-[1.5px]">
            {remedies.map((remedy) => (
              <Line
                key={remedy.kind}
                remedy={remedy}
                currency={page.currency}
                isTaken={!left.has(remedy.kind)}
                onTake={(takes) => {
                  setLeft(new Set(takes ? [...left].filter((one) => one !== remedy.kind) : [...left, remedy.kind]));
                }}
              />
            ))}
          </ul>
          <After page={page} lot={lot} taken={taken} />
        </>
      )}
    </section>
  );
}

interface LineProps {
  readonly remedy: Remedy;
  readonly currency: string;
  readonly isTaken: boolean;
  readonly onTake: (takes: boolean) => void;
}

const KIND_WORDS: Readonly<Record<Remedy['kind'], string>> = {
  coarse: 'Make it coarser',
  nitrogen: 'Feed it',
  lime: 'Bring its pH in',
  rinse: 'Rinse it',
  wetting: 'Make it take water',
};

function Line({ remedy: { kind, sentence, costPerL }, currency, isTaken, onTake }: LineProps): ReactElement {
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-zinc2 py-1">
      <Check label={KIND_WORDS[kind]} checked={isTaken} onChange={onTake} className="w-48 font-semibold" />
      <span className="min-w-64 flex-1 text-small">{inMyUnits(sentence)}</span>
      <span className="figure text-small">
        {costPerL === undefined
          ? 'cost not known'
          : `+ ${currency}${mine(costPerL, 'per L').toFixed(3)} ${perVolume()}`}
      </span>
    </li>
  );
}

function After({ page, lot, taken }: RemediesProps & { readonly taken: readonly Remedy[] }): ReactElement | null {
  const { card, rubric, told } = page;
  const after = useMemo(() => {
    const price = lot.card.figures.find(({ property }) => property === 'pricePerL')?.summary.mean;
    const { assumed } = withRemedies(taken, price);
    return scorecard(rubric, lot.card, { ...told, assumed }).result.overall;
  }, [told, rubric, lot, taken]);
  const before = card.result.overall;
  if (after === undefined || before === undefined || taken.length === 0) return null;
  if (Math.abs(after - before) < 0.05)
    return (
      <p className="mt-2 text-small">This rubric does not judge what that mends: its score would stay as it is.</p>
    );
  return (
    <p className="mt-2 text-head leading-tight font-semibold">
      Then it would score about <span className="figure">{fixed(after, 1)}</span>, now{' '}
      <span className="figure">{fixed(before, 1)}</span>.
    </p>
  );
}
