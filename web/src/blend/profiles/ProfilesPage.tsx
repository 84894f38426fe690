import type { ProfileRow } from '@bent-pail/contract';
import type { Target } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { inMine, mySign } from '../../shared/units/mine';
import type { Column } from '../../kit/table/column';
import { Await } from '../../shared/Await';
import { AskedAway } from '../../shared/lists/ListBar';
import { RowName } from '../../shared/lists/RowName';
import { useAsked } from '../../shared/lists/useAsked';
import { WholeTable } from '../../shared/lists/WholeTable';
import { profilesAwayQuery, profilesQuery } from '../../shared/resources/guides';
import { TitleBlock } from '../../shared/TitleBlock';
import { windowSaid } from './windowSaid';
import { ButtonLink } from '../../kit/Button';
import { PART_WORDS } from '../../shared/pail/partWords';

const asks = ({ targets }: ProfileRow, property: string): Target | undefined =>
  targets.find((target) => target.property === property);

/** A column of what a use asks of one property. */
const windowOf = (property: string, head: string, digits: number): Column<ProfileRow> => ({
  key: property,
  head,
  sort: 'down',
  value: (row) => asks(row, property)?.ideal[0] ?? undefined,
  cell: (row) => {
    const target = asks(row, property);
    return target === undefined ? null : <span className="figure">{windowSaid(target.ideal, digits)}</span>;
  },
});

const COLUMNS: readonly Column<ProfileRow>[] = [
  {
    key: 'name',
    head: 'Use',
    place: 'name',
    sort: 'up',
    value: ({ label }) => label,
    cell: ({ id, label, own }) => (
      <RowName to={`/blend/uses/${id}`} name={label} line={own === undefined ? 'built in' : `your own, by ${own.by}`} />
    ),
  },
  {
    key: 'depth',
    head: `depth, ${mySign('cm')}`,
    sort: 'up',
    value: ({ container }) => container.height_cm,
    cell: ({ container }) => <span className="figure">{inMine(container.height_cm, 'cm', 0)}</span>,
  },
  windowOf('air', PART_WORDS.air, 2),
  windowOf('water', PART_WORDS.water, 2),
  windowOf('pH', 'pH', 1),
  {
    key: 'musts',
    head: 'musts',
    align: 'left',
    cell: ({ targets }) => {
      const musts = targets.filter(({ must }) => must === true).length;
      return musts === 0 ? null : <span className="figure">{musts}</span>;
    },
  },
  {
    key: 'basis',
    head: 'based on',
    align: 'left',
    sort: 'up',
    value: ({ basis }) => basis,
    cell: ({ basis }) => basis,
  },
];

/** Every use and what it asks of a medium: shipped ones to begin with, and the notebook's own. */
export function ProfilesPage(): ReactElement {
  const [asked, ask] = useAsked(['away']);
  const query = useQuery(asked.away === 'yes' ? profilesAwayQuery : profilesQuery);
  return (
    <main>
      <TitleBlock
        title="Uses"
        line="What a use asks of a medium in its pot. Guidance to begin with; open one to see it whole, or make it yours."
      >
        <ButtonLink to="/blend/plants">The plants</ButtonLink>
      </TitleBlock>
      <Await query={query}>
        {(profiles) => (
          <WholeTable
            label="Uses"
            what={['use', 'uses']}
            columns={COLUMNS}
            rows={profiles}
            keyOf={({ id }) => id}
            words={({ label, basis, own }) => `${label} ${basis} ${own?.by ?? 'built in'}`}
            placeholder="seed, orchid, bed"
            unsorted="built in first"
            nothing="No use is like that."
          >
            <AskedAway
              value={asked.away ?? ''}
              onChange={(next) => {
                ask('away', next);
              }}
            />
          </WholeTable>
        )}
      </Await>
    </main>
  );
}
