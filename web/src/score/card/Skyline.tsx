import type { AmongProducts } from '@bent-pail/contract';
import type { CardCriterion, Scorecard } from '@bent-pail/core';
import type { CSSProperties, ReactElement } from 'react';
import { told } from '../../shared/units/mine';
import { unitOf } from '../../shared/units/ofProperty';
import { TermLabel } from '../../shared/words/TermLabel';
import { placeAmong, placeWords } from './place';
import { Figure } from '../../shared/Figure';
import { fixed, counted } from '../../kit/format';

interface SkylineProps {
  readonly card: Scorecard;
  readonly currency: string;
  /** Values of the other products, by criterion. */
  readonly among: readonly AmongProducts[];
  /** Low, and with names alone: a table beside it has the rest. */
  readonly onPaper?: boolean;
}

const BAR = 'relative min-w-0 border-[1.5px] border-b-0 border-ink';
const ON_BAR = 'absolute top-1.5 left-2 max-sm:left-0.5 max-sm:[&_.figure]:text-body';

/** Height in percent of a score. */
const up = (score: number): string => `${String(10 * score)}%`;

/** Width is the weight, height the score, so that area is what a criterion gives; what is missing is dotted. */
export function Skyline({ card, currency, among, onPaper = false }: SkylineProps): ReactElement {
  const { overall, cappedBy } = card.result;
  return (
    <>
      <div
        className={`relative ml-[30px] flex items-end gap-0.5 border-b-[3px] border-ink ${onPaper ? 'h-[180px]' : 'h-[clamp(230px,46vh,420px)]'}`}
      >
        <div className="pointer-events-none absolute inset-0 bg-[repeating-linear-gradient(0deg,var(--zinc-2)_0_1px,transparent_1px_50%)]" />
        {[0, 5, 10].map((score) => (
          <span
            key={score}
            className="figure absolute -left-[30px] w-6 translate-y-1/2 text-right text-note text-ink2"
            style={{ bottom: up(score) }}
          >
            {score}
          </span>
        ))}
        {card.criteria.map((one) => (
          <Bar key={one.criterion.name} one={one} sinks={one.criterion.name === cappedBy} />
        ))}
        {overall !== undefined && (
          <div
            className="pointer-events-none absolute inset-x-0 border-t-[2.5px] border-ink"
            style={{ bottom: up(overall) }}
          />
        )}
      </div>
      <div className="mt-1 flex flex-col gap-0.5 text-small sm:ml-[30px] sm:flex-row">
        {card.criteria.map((one) => (
          <div
            key={one.criterion.name}
            className="flex min-w-0 items-baseline justify-between gap-3 max-sm:border-b max-sm:border-zinc2 sm:block sm:flex-[var(--weight)] sm:pt-1 sm:pl-1"
            style={{ '--weight': one.criterion.weight } as CSSProperties}
          >
            <b className="block truncate py-1.5 max-sm:flex-1">
              <Named criterion={one.criterion} />
            </b>
            {!onPaper && (
              <>
                <Found one={one} currency={currency} />
                <Among one={one} among={among} />
                <small className="figure block">weight {one.criterion.weight}</small>
              </>
            )}
          </div>
        ))}
      </div>
    </>
  );
}

function Bar({ one, sinks }: { readonly one: CardCriterion; readonly sinks: boolean }): ReactElement {
  const { criterion, score, spread, working } = one;
  if (score === undefined) {
    return (
      <div className={`${BAR} h-full border-dotted`} style={{ flex: criterion.weight }}>
        <span className={`${ON_BAR} text-small font-semibold max-sm:hidden`}>not in yet</span>
      </div>
    );
  }
  const half = spread ?? 0;
  return (
    <div
      className={`${BAR} ${sinks ? 'bg-slab text-inverse' : 'bg-zinc2'}`}
      style={{ flex: criterion.weight, height: up(score) }}
    >
      <span className={ON_BAR} style={score < 1.6 ? { top: -28 } : {}}>
        <Figure
          label={`${criterion.label}, score`}
          value={score}
          digits={1}
          origin="worked-out"
          working={working}
          className="text-lead"
        />
      </span>
      {half > 0 && score > 0 && (
        <span
          className="absolute right-3 w-[9px] border-y-[1.5px] border-current before:absolute before:inset-y-0 before:left-[3px] before:border-l-[1.5px] before:border-current"
          style={{ top: `${String((-100 * half) / score)}%`, height: `${String((200 * half) / score)}%` }}
        />
      )}
    </div>
  );
}

/** A criterion by its name; what is a figure of the card says what it means. */
function Named({ criterion: { label, source } }: { readonly criterion: CardCriterion['criterion'] }): ReactElement {
  return source.from === 'lot' ? <TermLabel of={source.figure} words={label} /> : <>{label}</>;
}

/** Its place among all products: a shortage that all of them have is no fault of one. */
function Among({
  one,
  among,
}: {
  readonly one: CardCriterion;
  readonly among: SkylineProps['among'];
}): ReactElement | null {
  const others = among.find(({ criterion }) => criterion === one.criterion.name)?.others ?? [];
  const place = placeAmong(one, others);
  return place === undefined ? null : <small className="block">{placeWords(place)}</small>;
}

/** What was found, under its bar: in the criterion's unit, or how many raters. */
function Found({ one, currency }: { readonly one: CardCriterion; readonly currency: string }): ReactElement {
  const { criterion, found, foundWorking, raters, label, says } = one;
  if (found === undefined) return <span className="text-ink2 text-small">{NOT_YET[criterion.source.from]}</span>;
  if (criterion.source.from === 'must')
    return <span className="text-small">{found > 5 ? 'holds' : 'does not hold'}</span>;
  if (raters.length > 0) {
    return (
      <span className="figure text-ink2 text-small">
        {counted(raters.length, 'rater', 'raters')}
        {one.spread === undefined ? '' : `, ±${fixed(one.spread, 1)}`}
      </span>
    );
  }
  if (says !== undefined)
    return (
      <span className="text-small">
        {Math.round(100 * found)} % <small className="block">{told(says)}</small>
      </span>
    );
  const shown = criterion.kind === 'price' ? unitOf('pricePerL', currency) : { unit: criterion.unit };
  return (
    <Figure
      label={`${criterion.label}, found`}
      value={found}
      digits={criterion.name === 'pH' ? 1 : 2}
      {...shown}
      origin={label === true ? 'label' : criterion.kind === 'price' ? 'worked-out' : 'measured'}
      working={foundWorking}
      className="text-small"
    />
  );
}

/** Why a criterion has no value, by where it comes from. */
const NOT_YET: Readonly<Record<CardCriterion['criterion']['source']['from'], string>> = {
  lot: 'not measured',
  panel: 'still blind',
  claims: 'no claims sheet',
  nutrients: 'no report',
  growth: 'nothing sown yet',
  trial: 'no trial yet',
  must: 'not said yet',
};
