import type { KeptTrialReading, TrialPage } from '@bent-pail/contract';
import { TRAITS, type SpeciesFound, type TrialFound } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { counted, day, fixed, listed } from '../../kit/format';
import { Await } from '../../shared/Await';
import { CAUTIONS } from '../../shared/cautions';
import { OnPaper } from '../../shared/OnPaper';
import { trialQuery, trialReadingsQuery } from '../../shared/resources/trials';
import { Thinking } from '../../shared/thinking/Thinking';
import { inMine, mySign, told } from '../../shared/units/mine';
import { useSession } from '../../shared/useSession';
import { cautionsAt } from '../cautionsAt';
import { eventSaid } from '../diary/eventSaid';
import { useFound } from '../found/useFound';
import { EVENT_WORDS } from '../words';

/** A trial on a page: what was asked, how it was grown, what came of it, what stands in the way of believing it. */
export function ReportPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(trialQuery(id));
  const readings = useQuery(trialReadingsQuery(id));
  return (
    <Await query={query}>
      {(page) => (
        <OnPaper back={`/grow/${id}`} backWords="Back to the trial" label={`Report of ${page.name}`}>
          <Await query={readings}>{(all) => <Report page={page} readings={all} />}</Await>
        </OnPaper>
      )}
    </Await>
  );
}

interface ReportProps {
  readonly page: TrialPage;
  readonly readings: readonly KeptTrialReading[];
}

function Report({ page, readings }: ReportProps): ReactElement {
  const { notebook } = useSession();
  const { plan } = page;
  const thought = useFound(page, readings);
  const found = thought.answer;
  return (
    <>
      <header>
        <div>
          <h1>{page.name}</h1>
          <p>{plan.question}</p>
          <p>
            {notebook.place}, sown {day(plan.common.sownOn, notebook.zone)}. {listed(plan.arms.map(({ name }) => name))}
            ; {listed(plan.species.map(({ name }) => name))}. {counted(plan.blocks, 'block', 'blocks')}, each medium
            once in each, drawn by lot with the seed {page.seed}; {counted(page.readings, 'reading', 'readings')}.
          </p>
        </div>
      </header>
      {found === undefined ? (
        readings.length === 0 ? (
          <p>Nothing was read yet.</p>
        ) : (
          <Thinking thought={thought} />
        )
      ) : (
        <Findings page={page} found={found} />
      )}
    </>
  );
}

function Findings({ page, found }: { readonly page: TrialPage; readonly found: TrialFound }): ReactElement {
  const { notebook } = useSession();
  const happened = page.events.filter(({ kind }) => kind !== 'watered');
  return (
    <>
      {found.notTheMedium !== undefined && <p className="sentence">{found.notTheMedium}</p>}
      {found.answers.map((answer) => (
        <p key={answer} className="sentence">
          {told(answer)}
        </p>
      ))}
      {found.species.map((species) => (
        <SpeciesTable key={species.species} page={page} species={species} />
      ))}
      {page.out.length > 0 && (
        <p>
          Left out:{' '}
          {page.out
            .map(
              ({ plotId, reason }) =>
                `plot ${String(page.plots.find(({ id }) => id === plotId)?.number ?? '')} (${reason})`,
            )
            .join('; ')}
          .
        </p>
      )}
      {happened.length > 0 && (
        <p>
          {happened
            .map((event) => `${day(event.on, notebook.zone)}: ${EVENT_WORDS[event.kind]}, ${eventSaid(event)}`)
            .join('; ')}
          .
        </p>
      )}
      {found.checks.map(({ code, message }) => (
        <p key={code}>{message}</p>
      ))}
      {cautionsAt('harvest').map((caution) => (
        <p key={caution} className="paper-caution">
          {CAUTIONS[caution].title}. {CAUTIONS[caution].short}
        </p>
      ))}
    </>
  );
}

/** Every trait of a species at the age that is compared, a line a medium. */
function SpeciesTable({ page, species }: { readonly page: TrialPage; readonly species: SpeciesFound }): ReactElement {
  const traits = species.traits.filter(({ trait, compared }) => trait !== 'up' && compared !== undefined);
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">{species.name}</th>
          {species.germination !== undefined && <th scope="col">Up, %</th>}
          {traits.map(({ trait, compared }) => (
            <th key={trait} scope="col">
              {TRAITS[trait].label}
              {TRAITS[trait].unit === '' ? '' : `, ${mySign(TRAITS[trait].unit)}`} at {compared?.age_d} d
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {page.plan.arms.map(({ key, name }) => (
          <tr key={key}>
            <th scope="row">{name}</th>
            {species.germination !== undefined && (
              <td>{percentOf(species.germination.compared.groups.find((one) => one.name === name)?.share)}</td>
            )}
            {traits.map(({ trait, compared }) => {
              const group = compared?.result.groups.find((one) => one.name === name);
              const letters = compared?.result.letters?.find((one) => one.name === name)?.letters ?? '';
              const { unit, digits } = TRAITS[trait];
              return (
                <td key={trait}>
                  {group === undefined
                    ? ''
                    : `${inMine(group.mean, unit, digits + 1)}${group.sd === undefined ? '' : ` ± ${inMine(group.sd, unit, digits + 1)}`} ${letters}`}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const percentOf = (share: number | undefined): string => (share === undefined ? '' : fixed(100 * share, 0));
