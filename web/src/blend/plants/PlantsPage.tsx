import type { PlantRow, ProfileRow } from '@bent-pail/contract';
import { USES } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement, ReactNode } from 'react';
import { fixed } from '../../kit/format';
import type { Column, Grouping } from '../../kit/table/column';
import { Await } from '../../shared/Await';
import { AskedAway } from '../../shared/lists/ListBar';
import { RowName } from '../../shared/lists/RowName';
import { useAsked } from '../../shared/lists/useAsked';
import { WholeTable } from '../../shared/lists/WholeTable';
import { plantsAwayQuery, plantsQuery, profilesQuery } from '../../shared/resources/guides';
import { TitleBlock } from '../../shared/TitleBlock';
import { useWorks } from '../../shared/useSession';
import { ButtonLink } from '../../kit/Button';

const GONE = 'a use that is gone';

const standOf = ({ climate }: PlantRow) => USES.find(({ key }) => key === climate);

/** The plants of a notebook, each with its use and its stand; a plant's page says what of mine suits it. */
export function PlantsPage(): ReactElement {
  const works = useWorks();
  const [asked, ask] = useAsked(['away']);
  const plants = useQuery(asked.away === 'yes' ? plantsAwayQuery : plantsQuery);
  const profiles = useQuery(profilesQuery).data ?? [];
  return (
    <main>
      <TitleBlock
        title="Plants"
        line="What of mine suits this plant? Each points to a use and a stand; the list is yours to change."
      >
        <ButtonLink to="/blend/uses">The uses</ButtonLink>
        {works ? (
          <ButtonLink look="act" to="/blend/plants/new">
            Add a plant
          </ButtonLink>
        ) : undefined}
      </TitleBlock>
      <Await query={plants}>
        {(rows) => (
          <Plants rows={rows} profiles={profiles}>
            <AskedAway
              value={asked.away ?? ''}
              onChange={(next) => {
                ask('away', next);
              }}
            />
          </Plants>
        )}
      </Await>
    </main>
  );
}

interface PlantsProps {
  readonly rows: readonly PlantRow[];
  readonly profiles: readonly ProfileRow[];
  readonly children: ReactNode;
}

function Plants({ rows, profiles, children }: PlantsProps): ReactElement {
  const nameOfUse = ({ profileId }: PlantRow): string => profiles.find(({ id }) => id === profileId)?.label ?? GONE;
  const groupings: readonly Grouping<PlantRow>[] = [
    { key: 'use', words: 'use', of: nameOfUse, said: (label) => label },
    { key: 'stand', words: 'where it stands', of: (plant) => standOf(plant)?.words ?? '', said: (words) => words },
  ];
  const columns: readonly Column<PlantRow>[] = [
    {
      key: 'name',
      head: 'Plant',
      place: 'name',
      sort: 'up',
      value: ({ name }) => name,
      cell: ({ id, name }) => <RowName to={`/blend/plants/${id}`} name={name} />,
    },
    { key: 'use', head: 'use', align: 'left', sort: 'up', value: nameOfUse, cell: nameOfUse },
    { key: 'light', head: 'light', align: 'left', sort: 'up', value: ({ light }) => light, cell: ({ light }) => light },
    {
      key: 'stand',
      head: 'stands in',
      align: 'left',
      sort: 'up',
      value: (plant) => standOf(plant)?.words,
      cell: (plant) => standOf(plant)?.words,
    },
    {
      key: 'drinks',
      head: 'mm a day',
      sort: 'down',
      value: (plant) => standOf(plant)?.mmPerD,
      cell: (plant) => <span className="figure">{fixed(standOf(plant)?.mmPerD ?? 0, 1)}</span>,
    },
  ];
  return (
    <WholeTable
      label="Plants"
      what={['plant', 'plants']}
      columns={columns}
      rows={rows}
      keyOf={({ id }) => id}
      words={(plant) => `${plant.name} ${nameOfUse(plant)} ${plant.light} ${standOf(plant)?.words ?? ''}`}
      placeholder="name, use, light"
      groupings={groupings}
      unsorted="by name"
      nothing="No plant is like that."
    >
      {children}
    </WholeTable>
  );
}
