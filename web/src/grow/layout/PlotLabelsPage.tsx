import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { Check } from '../../kit/Check';
import { Await } from '../../shared/Await';
import { Labels } from '../../shared/Labels';
import { OnPaper } from '../../shared/OnPaper';
import { trialQuery } from '../../shared/resources/trials';

/** A label for every plot; its code opens the plot's readings of the day. Without the medium on it, plots are read blind. */
export function PlotLabelsPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(trialQuery(id));
  const [names, setNames] = useState(false);
  return (
    <Await query={query}>
      {(page) => (
        <OnPaper
          back={`/grow/${id}?part=map`}
          backWords="Back to the trial"
          label={`Labels of ${page.name}`}
          className="labels"
          choices={
            <>
              <h1 className="text-head">{`Labels of ${page.name}`}</h1>
              <Check label="The medium stands on it" checked={names} onChange={setNames} />
            </>
          }
        >
          {page.plots.map((plot) => {
            const medium = page.plan.arms.find(({ key }) => key === plot.arm)?.name ?? '';
            const species = page.plan.species.find(({ key }) => key === plot.species)?.name ?? '';
            return (
              <Labels
                key={plot.id}
                count="1"
                page={`/grow/${id}/plots/${String(plot.number)}`}
                name={`Plot ${String(plot.number)}`}
                lines={[
                  page.name,
                  `${page.plan.blockIs} ${String(plot.block)}, place ${String(plot.place)}`,
                  species,
                  ...(names ? [medium] : []),
                ]}
              />
            );
          })}
        </OnPaper>
      )}
    </Await>
  );
}
