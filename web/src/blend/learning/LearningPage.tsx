import type { LearningPage as PageData } from '@bent-pail/contract';
import {
  inSentence,
  LEARNING,
  property,
  type Correction,
  type LearnedBlend,
  type LearnedProperty,
  type LeftOut,
} from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Await } from '../../shared/Await';
import { Chart } from '../../shared/chart/Chart';
import { EmptyPail } from '../../shared/EmptyPail';
import { fixed } from '../../kit/format';
import { learningQuery } from '../../shared/resources/learning';
import { TitleBlock } from '../../shared/TitleBlock';
import { parityChart, PARITY_PROPERTIES } from './parityChart';
import { ButtonLink } from '../../kit/Button';
import { Rows } from '../../kit/Rows';

/** Measured against predicted, over all batches that were measured, and what that teaches. */
export function LearningPage(): ReactElement {
  const query = useQuery(learningQuery);
  return (
    <main>
      <TitleBlock
        title="What the bench taught"
        line="Batches that were measured, beside what was predicted of them. What they teach is believed only as far as it shows; many batches of the same lots count for less than of different ones."
      />
      <Await query={query}>
        {(page) =>
          page.batches.length === 0 ? (
            <EmptyPail question="No batch of a blend has been measured yet.">
              <ButtonLink to="/blend">Mix one, then weigh it</ButtonLink>
            </EmptyPail>
          ) : (
            <Taught page={page} />
          )
        }
      </Await>
    </main>
  );
}

function Taught({ page }: { readonly page: PageData }): ReactElement {
  const { learning } = page;
  return (
    <div className="grid *:min-w-0 border-ink min-[861px]:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
      <section
        aria-label="Measured against predicted"
        className="grid grid-cols-2 gap-3.5 border-ink px-5 py-3.5 min-[861px]:border-r-[3px]"
      >
        {PARITY_PROPERTIES.map((key) => (
          <Parity key={key} blends={learning.blends} shown={key} />
        ))}
      </section>
      <section aria-label="Corrections" className="px-5 py-3.5">
        <h2>Corrections</h2>
        {learning.corrections.map((one) => (
          <CorrectionRow key={`${one.key} ${one.pair?.materials.join(' ') ?? ''}`} one={one} />
        ))}
        {learning.blends.length < LEARNING.least && (
          <p className="text-ink2">
            From {LEARNING.least} measured batches on, it also looks for air, water or pH that is off on every blend.
          </p>
        )}
        <h2 className="mt-5">Batches</h2>
        <Rows>
          <thead>
            <tr>
              <th scope="col">Batch</th>
              {PARITY_PROPERTIES.map((key) => (
                <th key={key} scope="col">
                  {inSentence(property(key).label)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {learning.blends.map((blend, i) => (
              <tr key={page.batches[i]?.lotId ?? blend.name}>
                <th scope="row">
                  <Link to={`/shelf/lots/${page.batches[i]?.lotId ?? ''}`}>{blend.name}</Link>
                </th>
                {PARITY_PROPERTIES.map((key) => (
                  <td key={key} className="figure">
                    <Off one={blend.properties.find((candidate) => candidate.property === key)} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Rows>
        <p className="text-ink2 mt-1 text-small">
          Measured less predicted; bold where it is more than twice what is doubted.
        </p>
        <p className="mt-3">
          <Link to="/blend/trust">How far it can be trusted</Link>
        </p>
      </section>
    </div>
  );
}

function Off({ one }: { readonly one: LearnedProperty | undefined }): ReactElement | null {
  if (one === undefined) return null;
  const off = one.measured - one.predicted;
  const digits = fixed(off, Math.min(property(one.property).digits, 2));
  const text = off > 0 && Number(digits) !== 0 ? `+${digits}` : digits;
  return Math.abs(off) > 2 * one.se ? <b>{text}</b> : <>{text}</>;
}

const SAYS: Readonly<Record<Correction['key'], { readonly name: string; readonly means: (value: number) => string }>> =
  {
    kappa: {
      name: 'How far parts settle into each other',
      means: (value) => `${fixed(100 * value, 0)} % of what the packing model says`,
    },
    pair: {
      name: 'A pair that settles in its own way',
      means: (value) => `${fixed(100 * value, 0)} % of what the packing model says`,
    },
    air: { name: 'Air', means: (value) => `${fixed(value, 3)} on every blend` },
    water: { name: 'Water', means: (value) => `${fixed(value, 3)} on every blend` },
    pH: { name: 'pH', means: (value) => `${fixed(value, 2)} on every blend` },
  };

function CorrectionRow({ one }: { readonly one: Correction }): ReactElement {
  const { name, means } = SAYS[one.key];
  return (
    <article className="border-t-[1.5px] border-zinc2 pt-2 pb-2.5">
      <h3 className="flex justify-between text-head">
        {one.pair === undefined ? name : one.pair.names.join(' with ')}{' '}
        <strong className={`border-2 border-ink px-2 ${one.used ? 'bg-ink text-paper' : ''}`}>
          {one.used ? 'used' : 'not used'}
        </strong>
      </h3>
      <p>
        {means(one.value)}{' '}
        <span className="figure text-ink2">± {fixed(one.sd, one.key === 'air' || one.key === 'water' ? 3 : 2)}</span>
      </p>
      <LeftOutLine words="Batches left out one at a time" found={one.batchOut} />
      <LeftOutLine words="All batches of a lot left out at a time" found={one.lotOut} />
      {one.key !== 'kappa' && !one.used && (
        <p className="text-ink2">Chance alone may look like this, so it changes no prediction.</p>
      )}
    </article>
  );
}

interface LeftOutLineProps {
  readonly words: string;
  readonly found: LeftOut | undefined;
}

/** How far off predictions were for batches that took no part in the learning, without it and with it. */
function LeftOutLine({ words, found }: LeftOutLineProps): ReactElement | null {
  if (found === undefined) return null;
  return (
    <p className="text-ink2">
      {words}: off by <span className="figure">{fixed(found.before, 2)}</span> before,{' '}
      <span className="figure">{fixed(found.after, 2)}</span> after, in standard errors.
    </p>
  );
}

interface ParityProps {
  readonly blends: readonly LearnedBlend[];
  readonly shown: (typeof PARITY_PROPERTIES)[number];
}

function Parity({ blends, shown }: ParityProps): ReactElement {
  const { label, unit } = property(shown);
  const options = useMemo(() => parityChart(blends, shown), [blends, shown]);
  const said = blends
    .flatMap((blend) => blend.properties.filter((one) => one.property === shown))
    .map((one) => `predicted ${fixed(one.predicted, 2)}, measured ${fixed(one.measured, 2)}`)
    .join('; ');
  return (
    <Chart
      title={
        <>
          <b>{label}</b> {unit} predicted across, measured up; rings corrected
        </>
      }
      says={`${label}: ${said}.`}
      height={250}
      options={options}
    />
  );
}
