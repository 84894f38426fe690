import type { TrialPage } from '@bent-pail/contract';
import { sownOn, TRAITS } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { day } from '../../kit/format';
import { Await } from '../../shared/Await';
import { CAUTIONS } from '../../shared/cautions';
import { OnPaper } from '../../shared/OnPaper';
import { trialQuery } from '../../shared/resources/trials';
import { useSession } from '../../shared/useSession';
import { cautionsAt } from '../cautionsAt';
import { TrayMap } from './TrayMap';

/** The map, what goes into each plot, and the card of leaf colours: for the bench. */
export function MapPaperPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(trialQuery(id));
  return (
    <Await query={query}>
      {(page) => (
        <OnPaper back={`/grow/${id}?part=map`} backWords="Back to the trial" label={`Map of ${page.name}`}>
          <MapPaper page={page} />
        </OnPaper>
      )}
    </Await>
  );
}

function MapPaper({ page }: { readonly page: TrialPage }): ReactElement {
  const { notebook } = useSession();
  const { plan } = page;
  const armOf = (key: string) => plan.arms.find((arm) => arm.key === key);
  const speciesOf = (key: string) => plan.species.find((one) => one.key === key);
  return (
    <>
      <header>
        <div>
          <h1>{page.name}</h1>
          <p>
            {plan.question} Drawn by lot with the seed {page.seed}.
          </p>
          {cautionsAt('sow').map((caution) => (
            <p key={caution} className="paper-caution">
              {CAUTIONS[caution].title}. {CAUTIONS[caution].short}
            </p>
          ))}
        </div>
      </header>
      <TrayMap
        plan={plan}
        plots={page.plots}
        moves={page.moves}
        label="Map"
        shown={({ arm, species }) => ({
          line:
            plan.species.length > 1
              ? `${armOf(arm)?.name ?? ''}, ${speciesOf(species)?.name ?? ''}`
              : (armOf(arm)?.name ?? ''),
        })}
      />
      <h2 className="mt-4">Sowing list</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">Plot</th>
            <th scope="col">Medium</th>
            <th scope="col">Species</th>
            <th scope="col">Seeds</th>
            <th scope="col">Sow on</th>
            <th scope="col">Done</th>
          </tr>
        </thead>
        <tbody>
          {page.plots.map(({ id, number, arm, species }) => {
            const medium = armOf(arm);
            return (
              <tr key={id}>
                <th scope="row">{number}</th>
                <td>{medium?.name}</td>
                <td>
                  {speciesOf(species)?.name}
                  {speciesOf(species)?.variety === undefined ? '' : `, ${speciesOf(species)?.variety ?? ''}`}
                </td>
                <td>{speciesOf(species)?.seeds}</td>
                <td>{medium === undefined ? '' : day(sownOn(plan, medium), notebook.zone)}</td>
                <td />
              </tr>
            );
          })}
        </tbody>
      </table>
      <ColourCard />
    </>
  );
}

/** Greens of the card, from yellow to very dark; one card is printed and used throughout. */
const GREENS = ['#d8c64a', '#b4c356', '#86ab48', '#5b8a3a', '#3b6b2f', '#254a22'];

/** Steps of leaf colour to hold beside a leaf. */
function ColourCard(): ReactElement {
  return (
    <section className="mt-4" aria-label="Card of leaf colours">
      <h2>Card of leaf colours</h2>
      <p>Hold it beside the youngest full leaf, in the same light each time; print it once and keep to that print.</p>
      <svg viewBox="0 0 360 70" width="100%" role="img" aria-label="Six greens, from yellow to very dark">
        {GREENS.map((green, i) => (
          <g key={green} transform={`translate(${String(i * 60)} 0)`}>
            <rect width="58" height="48" fill={green} stroke="#11181b" />
            <text x="29" y="63" fontSize="9" textAnchor="middle">
              {i + 1} {TRAITS.colour.steps?.[i]}
            </text>
          </g>
        ))}
      </svg>
    </section>
  );
}
