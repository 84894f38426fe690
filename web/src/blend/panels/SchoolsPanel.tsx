import {
  potOutlook,
  schoolFacts,
  schoolViews,
  USES,
  type DeskInput,
  type DeskResult,
  type SchoolView,
} from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { amount } from '../../shared/units/mine';
import { fixed } from '../../kit/format';
import { PailMark } from '../../shared/pail/PailMark';
import { shapeOf } from '../../shared/pail/pailGeometry';
import type { DeskView } from '../desk/deskView';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { Thinking } from '../../shared/thinking/Thinking';
import { potQuestion } from './potQuestion';
import { useStand, type Stand } from '../../shared/pot/standStore';
import { Button } from '../../kit/Button';
import { schoolMixes, type SchoolMix } from '../../shared/larder/schoolMixes';

/** What each school of thought says of the blend, number by number, and what it would mix instead in this pot. */
export function SchoolsPanel({ view }: { readonly view: DeskView }): ReactElement {
  const { stand } = useStand();
  const use = USES.find(({ key }) => key === stand.use) ?? USES[0];
  const views = useMemo(
    () => schoolViews(schoolFacts(view.input, view.result, use?.mmPerD ?? 1)),
    [view.input, view.result, use],
  );
  const variants = useMemo(() => {
    const used = view.used.map(({ lotId }) => lotId);
    return schoolMixes(view.input, used, view.lots);
  }, [view]);
  const ask = useMemo((): Question<DeskResult[]> => {
    const inputs = variants.flatMap(({ input }) => (input === undefined ? [] : [input]));
    return (thinker) => thinker.corners(inputs);
  }, [variants]);
  const thought = useThought(ask);
  const results = thought.answer;
  const known = variants.filter(({ input }) => input !== undefined);
  return (
    <section aria-label="Schools of thought">
      <h2>
        What the schools would say{' '}
        <small>
          no side is taken; {use?.words}, {amount(use?.mmPerD ?? 0, 'mm', 0)} a day
        </small>
      </h2>
      {known.length > 0 && <Thinking thought={thought} quiet />}
      <div className="mt-2.5 grid gap-x-6 gap-y-4.5 min-[1001px]:grid-cols-3">
        {views.map((one, i) => {
          const own = variants[i];
          const at = own === undefined ? -1 : known.indexOf(own);
          return (
            <SchoolCard key={one.school.key} one={one} variant={own} result={results?.[at]} view={view} stand={stand} />
          );
        })}
      </div>
    </section>
  );
}

interface SchoolCardProps {
  readonly one: SchoolView;
  readonly variant: SchoolMix | undefined;
  readonly result: DeskResult | undefined;
  readonly view: DeskView;
  readonly stand: Stand;
}

function SchoolCard({ one, variant, result, view, stand }: SchoolCardProps): ReactElement {
  const { school, says } = one;
  return (
    <article aria-label={school.name} className="flex flex-col border-t-[3px] border-ink pt-2">
      <h3 className="text-head leading-tight font-semibold">{school.name}</h3>
      <p className="text-ink2 text-small leading-snug">{school.values}</p>
      <ul className="mt-1">
        {says.map(({ statement, sentence, likes }) => (
          <li key={statement.fact} className="relative border-t border-zinc2 py-1 pl-[68px] text-small leading-[1.3]">
            <b className={`absolute left-0 ${likes ? '' : 'bg-slab px-1 text-inverse'}`}>
              {likes ? 'likes' : 'dislikes'}
            </b>{' '}
            {sentence}
          </li>
        ))}
      </ul>
      {variant?.input !== undefined && (
        <VariantLine variant={variant.variant} input={variant.input} result={result} view={view} stand={stand} />
      )}
    </article>
  );
}

interface VariantLineProps {
  readonly variant: SchoolMix['variant'];
  readonly input: DeskInput;
  readonly result: DeskResult | undefined;
  readonly view: DeskView;
  readonly stand: Stand;
}

function VariantLine({ variant, input, result, view, stand }: VariantLineProps): ReactElement {
  const names = variant.lines.map(
    ({ lotId, parts }) => `${String(parts)} ${view.lots.find(({ id }) => id === lotId)?.name ?? ''}`,
  );
  const shape = shapeOf(view.pot.shape, 'pot');
  return (
    <div className="mt-auto grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-3 pt-2">
      {result === undefined ? (
        <span className="text-ink2">…</span>
      ) : (
        <PailMark
          shape={shape}
          fill={{
            kind: 'parted',
            solid: 1 - result.result.totalPorosity,
            water: result.result.water,
            air: result.result.air,
          }}
          state="predicted"
          tier="tiny"
          k={44 / Math.max(shape.height_cm, shape.topDiameter_cm)}
        />
      )}
      <p className="text-small leading-snug">
        It would mix {names.join(', ')}
        {variant.lacking.length > 0 && (
          <span className="text-ink2">; the shelf has no {variant.lacking.join(', no ')}</span>
        )}
        .
        {result !== undefined && (
          <span className="figure block">
            air {fixed(result.result.air, 2)} water {fixed(result.result.water, 2)}{' '}
            {fixed(potOutlook(potQuestion(input, result, stand)).days, 1)} d
          </span>
        )}
      </p>
      <Button
        look="low"
        onClick={() => {
          view.setLines(variant.lines.filter(({ parts }) => parts > 0));
        }}
      >
        Try it
      </Button>
    </div>
  );
}
