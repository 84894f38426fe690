import type { DeskLot, PlantRow, ProfileRow } from '@bent-pail/contract';
import { USES } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useNavigate, useParams } from 'react-router';
import { amount } from '../../shared/units/mine';
import { Await } from '../../shared/Await';
import { NotThere } from '../../shared/NotThere';
import { PotPicker } from '../../shared/pot/PotPicker';
import { usePot } from '../../shared/pot/usePot';
import { PutAway, WasPutAway } from '../../shared/putAway/PutAway';
import { plantsAwayQuery, plantsQuery, profilesQuery } from '../../shared/resources/guides';
import { TitleBlock } from '../../shared/TitleBlock';
import { useWorks } from '../../shared/useSession';
import { useLarder, type Larder } from '../../shared/larder/useLarder';
import { EditPlant } from './EditPlant';
import { Ranking } from './Ranking';
import { ButtonLink, Button } from '../../kit/Button';
import { Moment } from '../../kit/Moment';

/** What of mine suits this plant; `new` in its address is one that is not there yet. */
export function PlantPage(): ReactElement {
  const { id = '' } = useParams();
  const plants = useQuery(plantsQuery);
  const profiles = useQuery(profilesQuery).data;
  const atHand = plants.data?.find((one) => one.id === id);
  const isSought = plants.data !== undefined && atHand === undefined && id !== 'new';
  const away = useQuery({ ...plantsAwayQuery, enabled: isSought });
  const plant = atHand ?? away.data?.find((one) => one.id === id);
  const { larder } = useLarder({ lotIds: plant === undefined ? [] : [...plant.keeps] });
  return (
    <Await query={isSought ? away : plants}>
      {() => {
        if (plant === undefined && id !== 'new')
          return <NotThere says="There is no such plant." on={{ to: '/blend/plants', name: 'All plants' }} />;
        if (profiles === undefined || larder === undefined) return <Moment />;
        return plant === undefined ? (
          <NewPlant profiles={profiles} larder={larder} />
        ) : (
          <Plant key={id} plant={plant} profiles={profiles} larder={larder} />
        );
      }}
    </Await>
  );
}

interface PlantProps {
  readonly profiles: readonly ProfileRow[];
  readonly larder: Larder;
}

function NewPlant({ profiles, larder }: PlantProps): ReactElement {
  const goTo = useNavigate();
  return (
    <main>
      <TitleBlock title="A new plant" line="It points to a use and a stand; what suits it follows from these." />
      <EditPlant
        plant={undefined}
        profiles={profiles}
        lots={larder.lots}
        onDone={() => {
          void goTo('/blend/plants');
        }}
      />
    </main>
  );
}

function Plant({ plant, profiles, larder }: PlantProps & { readonly plant: PlantRow }): ReactElement {
  const works = useWorks();
  const [pot, setPot] = usePot();
  const [editing, setEditing] = useState(false);
  const profile = profiles.find(({ id }) => id === plant.profileId);
  const away = {
    address: `/plants/${plant.id}`,
    queryKey: plantsQuery.queryKey,
    name: plant.name,
    archived: plant.archived === true,
  };
  return (
    <main>
      <TitleBlock
        title={plant.name}
        line={<Stand plant={plant} profile={profile} lots={larder.lots} />}
        cells={[{ term: 'My pot', value: <PotPicker pot={pot} onChange={setPot} /> }]}
      >
        <ButtonLink to="/blend/plants">All plants</ButtonLink>
        {works && !editing && plant.archived !== true && (
          <Button
            onClick={() => {
              setEditing(true);
            }}
          >
            Change this plant
          </Button>
        )}
        {!editing && <PutAway {...away} />}
      </TitleBlock>
      <WasPutAway {...away} />
      {editing ? (
        <EditPlant
          plant={plant}
          profiles={profiles}
          lots={larder.lots}
          onDone={() => {
            setEditing(false);
          }}
        />
      ) : (
        <section aria-label="What suits it" className="max-w-[980px] px-5">
          {profile !== undefined && (
            <Ranking plant={plant} profile={profile} lots={larder.lots} blends={larder.blends} pot={pot} />
          )}
        </section>
      )}
    </main>
  );
}

interface StandProps {
  readonly plant: PlantRow;
  readonly profile: ProfileRow | undefined;
  readonly lots: readonly DeskLot[];
}

function Stand({ plant, profile, lots }: StandProps): ReactElement {
  const stand = USES.find(({ key }) => key === plant.climate);
  const kept = plant.keeps.flatMap((id) => lots.find((lot) => lot.id === id)?.name ?? []);
  return (
    <>
      {profile?.label ?? 'Its use is put away: bring that back first'}; {plant.light}; stands in {stand?.words},{' '}
      <span className="figure">{amount(stand?.mmPerD ?? 0, 'mm', 1)}</span> a day.
      {kept.length > 0 && ` Kept for it: ${kept.join(', ')}.`}
    </>
  );
}
