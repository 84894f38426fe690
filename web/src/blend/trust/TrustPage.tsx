import type { LearningPage } from '@bent-pail/contract';
import { inSentence, property, type Outcome, type Proof, type PropertyProof } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Await } from '../../shared/Await';
import { Chart } from '../../shared/chart/Chart';
import { EmptyPail } from '../../shared/EmptyPail';
import { counted, fixed } from '../../kit/format';
import { learningQuery } from '../../shared/resources/learning';
import { ofProperty } from '../../shared/units/ofProperty';
import { TitleBlock } from '../../shared/TitleBlock';
import { ButtonLink } from '../../kit/Button';
import { Rows } from '../../kit/Rows';
import { BandStrip } from './BandStrip';
import { reliabilityChart } from './reliabilityChart';

/** Whether the bands of past predictions held what was measured afterwards. */
export function TrustPage(): ReactElement {
  const query = useQuery(learningQuery);
  return (
    <main>
      <TitleBlock
        title="How far it can be trusted"
        line="Every batch is predicted when it is mixed, and that is kept. Here it stands beside what was measured afterwards: nine of ten are to lie within their band."
      />
      <Await query={query}>
        {(page) =>
          page.proof.batches.length === 0 ? (
            <EmptyPail question="No batch has been measured since its prediction was kept.">
              <ButtonLink to="/blend">Mix one, then weigh it</ButtonLink>
            </EmptyPail>
          ) : (
            <Found proof={page.proof} batches={page.batches} />
          )
        }
      </Await>
    </main>
  );
}

/** From so few values on, a share of them says little. */
const FEW = 20;

const percent = (share: number): string => `${fixed(100 * share, 0)} %`;

interface FoundProps {
  readonly proof: Proof;
  readonly batches: LearningPage['batches'];
}

function Found({ proof, batches }: FoundProps): ReactElement {
  const { reliability, properties } = proof;
  const options = useMemo(() => reliabilityChart(reliability), [reliability]);
  const values = properties.reduce((sum, { times }) => sum + times, 0);
  const held = properties.reduce((sum, one) => sum + one.held * one.times, 0);
  return (
    <div className="grid border-ink *:min-w-0 min-[861px]:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)]">
      <section aria-label="In all" className="border-ink px-5 py-3.5 min-[861px]:border-r-[3px]">
        <h2 className="leading-tight">
          {fixed(held, 0)} of {counted(values, 'value', 'values')} within the band.
        </h2>
        {values < FEW && (
          <p className="text-ink2">So few say little yet: with ten, any from 8 to 10 inside would be no surprise.</p>
        )}
        <Chart
          title={
            <>
              <b>Said and held</b> <span className="text-ink2">chance across, how often it came true up</span>
            </>
          }
          says={`Said and held: ${reliability.map(({ said, held: true_ }) => `${percent(said)} said, ${percent(true_)} held`).join('; ')}.`}
          height={250}
          options={options}
        />
        <p className="text-ink2 mt-1 text-small">
          Over the line the bands are wider than they need be, under it too narrow.
        </p>
        <PropertyTable properties={properties} />
      </section>
      <section aria-label="Batches" className="px-5 py-3.5">
        <h2>Batches</h2>
        {proof.batches.map(({ name, outcomes }, i) => (
          <article key={`${name} ${String(i)}`} className="border-t-[1.5px] border-zinc2 py-2">
            <h3>
              <BatchLink name={name} batches={batches} />
            </h3>
            {outcomes.map((one) => (
              <OutcomeRow key={one.property} outcome={one} />
            ))}
          </article>
        ))}
        <p className="text-ink2 mt-2 text-small">
          Grey: 5 to 95 % of what was foreseen, the error of measuring included; stroke: its middle; dot: measured, red
          where it lies outside. <Link to="/blend/bench">What these batches taught</Link>
        </p>
      </section>
    </div>
  );
}

function BatchLink({
  name,
  batches,
}: {
  readonly name: string;
  readonly batches: FoundProps['batches'];
}): ReactElement {
  const batch = batches.find((one) => `${one.blendName}, ${one.lotCode}` === name);
  return batch === undefined ? <>{name}</> : <Link to={`/shelf/lots/${batch.lotId}`}>{name}</Link>;
}

function OutcomeRow({ outcome }: { readonly outcome: Outcome }): ReactElement {
  const { label, digits } = property(outcome.property);
  const shown = (value: number): string => ofProperty(outcome.property, value, Math.min(digits, 3));
  const says = `${label}: foreseen ${shown(outcome.p5)} to ${shown(outcome.p95)}, measured ${shown(outcome.measured)}`;
  return (
    <div className="grid grid-cols-[7rem_minmax(0,1fr)_8.5rem_4rem] items-center gap-2 text-small max-[520px]:grid-cols-[7rem_minmax(0,1fr)_4rem]">
      <span>{label}</span>
      <BandStrip outcome={outcome} says={says} />
      <span className="figure text-right text-ink2 max-[520px]:hidden">
        {shown(outcome.p5)}–{shown(outcome.p95)}
      </span>
      <b className="figure text-right">{shown(outcome.measured)}</b>
    </div>
  );
}

function PropertyTable({ properties }: { readonly properties: readonly PropertyProof[] }): ReactElement {
  return (
    <div className="mt-4">
      <Rows>
        <thead>
          <tr>
            <th scope="col">Property</th>
            <th scope="col">times</th>
            <th scope="col">held</th>
            <th scope="col">too low</th>
            <th scope="col">too high</th>
            <th scope="col">band’s width</th>
          </tr>
        </thead>
        <tbody>
          {properties.map(({ property: key, times, held, below, above, width }) => (
            <tr key={key}>
              <th scope="row">{inSentence(property(key).label)}</th>
              <td className="figure">{times}</td>
              <td className="figure">{percent(held)}</td>
              <td className="figure">{percent(above)}</td>
              <td className="figure">{percent(below)}</td>
              <td className="figure">{ofProperty(key, width, Math.min(property(key).digits, 3))}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
      <p className="text-ink2 mt-1 text-small">Too low and too high: what was foreseen, beside what was measured.</p>
    </div>
  );
}
