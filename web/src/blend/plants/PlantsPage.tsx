import type { DeskBlend, DeskLot, PlantRow, ProfileRow } from '@bent-pail/contract';
import { USES, type Suited } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Await } from '../../shared/Await';
import { fixed } from '../../shared/format';
import { PailMark } from '../../shared/pail/PailMark';
import { shapeOf } from '../../shared/pail/pailGeometry';
import { PotPicker } from '../../shared/pot/PotPicker';
import type { Pot } from '../../shared/pot/pots';
import { usePot } from '../../shared/pot/usePot';
import { learningQuery, plantsQuery, profilesQuery } from '../../shared/queries';
import { TitleBlock } from '../../shared/TitleBlock';
import { useSession, useWorks } from '../../shared/useSession';
import '../blend.css';
import { useLarder } from '../useLarder';
import { comparedOf } from '../compare/compared';
import { useThought, type Question } from '../useThought';
import { EditPlant } from './EditPlant';

/** What of mine suits this plant: the own blends ranked by its use, with the days between waterings where it stands. */
export function PlantsPage(): ReactElement {
  const [pot, setPot] = usePot();
  const plants = useQuery(plantsQuery);
  return (
    <main>
      <TitleBlock
        title="Plants"
        line="What of mine suits this plant? Each points to a use and a stand; the list is yours to change."
        cells={[{ term: 'My pot', value: <PotPicker pot={pot} onChange={setPot} /> }]}
      >
        <Link className="alt" to="/blend/uses">
          The uses
        </Link>
      </TitleBlock>
      <Await query={plants}>{(all) => <Plants plants={all} pot={pot} />}</Await>
    </main>
  );
}

function Plants({ plants, pot }: { readonly plants: readonly PlantRow[]; readonly pot: Pot }): ReactElement {
  const works = useWorks();
  const [chosen, setChosen] = useState<string>();
  const [editing, setEditing] = useState<'new' | 'this'>();
  const { larder } = useLarder({ lotIds: plants.flatMap(({ keeps }) => keeps) });
  const lots = larder?.lots;
  const blends = larder?.blends;
  const profiles = useQuery(profilesQuery).data;
  const plant = plants.find(({ id }) => id === chosen) ?? plants[0];
  const profile = profiles?.find(({ id }) => id === plant?.profileId);
  return (
    <div className="plants">
      <nav aria-label="Plants">
        <ul>
          {plants.map((one) => (
            <li key={one.id}>
              <button
                type="button"
                aria-pressed={one.id === plant?.id}
                onClick={() => {
                  setChosen(one.id);
                  setEditing(undefined);
                }}
              >
                <b>{one.name}</b>
                <small>{profiles?.find(({ id }) => id === one.profileId)?.label ?? 'a use that is gone'}</small>
              </button>
            </li>
          ))}
        </ul>
        {works && (
          <button
            type="button"
            className="alt mt-3"
            onClick={() => {
              setEditing('new');
            }}
          >
            Add a plant
          </button>
        )}
      </nav>
      {editing !== undefined && profiles !== undefined && lots !== undefined ? (
        <EditPlant
          key={editing === 'new' ? 'new' : plant?.id}
          plant={editing === 'new' ? undefined : plant}
          profiles={profiles}
          lots={lots}
          onDone={() => {
            setEditing(undefined);
          }}
        />
      ) : (
        plant !== undefined &&
        lots !== undefined &&
        blends !== undefined && (
          <section aria-label="What suits it">
            <PlantHead plant={plant} profile={profile} lots={lots} />
            {works && (
              <button
                type="button"
                className="tie text-small"
                onClick={() => {
                  setEditing('this');
                }}
              >
                Change this plant
              </button>
            )}
            {profile !== undefined && <Ranking plant={plant} profile={profile} lots={lots} blends={blends} pot={pot} />}
          </section>
        )
      )}
    </div>
  );
}

interface PlantHeadProps {
  readonly plant: PlantRow;
  readonly profile: ProfileRow | undefined;
  readonly lots: readonly DeskLot[];
}

function PlantHead({ plant, profile, lots }: PlantHeadProps): ReactElement {
  const use = USES.find(({ key }) => key === plant.climate);
  const kept = plant.keeps.flatMap((id) => lots.find((lot) => lot.id === id)?.name ?? []);
  return (
    <>
      <h2>{plant.name}</h2>
      <p className="text-body">
        {profile?.label ?? 'Its use is gone; give it another one.'}; {plant.light}; stands in {use?.words},{' '}
        <span className="f">{use?.mmPerD} mm</span> a day.
        {kept.length > 0 && ` Kept for it: ${kept.join(', ')}.`}
      </p>
    </>
  );
}

interface RankingProps {
  readonly plant: PlantRow;
  readonly profile: ProfileRow;
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  readonly pot: Pot;
}

function Ranking({ plant, profile, lots, blends, pot }: RankingProps): ReactElement {
  const learnt = useQuery(learningQuery).data?.learning.use;
  const all = useMemo(
    () => blends.flatMap(({ id }) => comparedOf(`blend:${id}`, lots, blends, pot, learnt) ?? []),
    [blends, lots, pot, learnt],
  );
  const ask = useMemo((): Question<Suited[]> => {
    const inputs = all.map(({ input }) => input);
    return (thinker) => thinker.suits(inputs, profile, plant.climate);
  }, [all, profile, plant.climate]);
  const ranked = useThought(ask);
  const { notebook } = useSession();
  const shape = shapeOf(pot.shape, 'pot');
  if (ranked === undefined) return <p className="q mt-3">One moment.</p>;
  if (ranked.length === 0) return <p className="q mt-3">No kept blend can be told for this use yet.</p>;
  return (
    <table className="rows mt-3">
      <thead>
        <tr>
          <th scope="col" colSpan={2}>
            Blend, best first
          </th>
          <th scope="col">miss</th>
          <th scope="col">air</th>
          <th scope="col">water</th>
          <th scope="col">waterings apart</th>
          <th scope="col">per L</th>
        </tr>
      </thead>
      <tbody>
        {ranked.map(({ place, loss, air, water, totalPorosity, days, pricePerL }) => (
          <tr key={place}>
            <td className="w-14">
              <PailMark
                shape={shape}
                fill={{ kind: 'parted', solid: 1 - totalPorosity, water, air }}
                state="predicted"
                tier="tiny"
                k={28 / Math.max(shape.height_cm, shape.topDiameter_cm)}
              />
            </td>
            <th scope="row" className="!text-left">
              <Link className="inline-flex min-h-11 items-center" to={all[place]?.to ?? '/blend'}>
                {all[place]?.name}
              </Link>
            </th>
            <td className="f">{fixed(loss, 2)}</td>
            <td className="f">{fixed(air, 2)}</td>
            <td className="f">{fixed(water, 2)}</td>
            <td className="f">{fixed(days, 1)} d</td>
            <td className="f">{pricePerL === undefined ? '' : `${notebook.currency}${fixed(pricePerL, 2)}`}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
