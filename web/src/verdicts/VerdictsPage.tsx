import type { VerdictRow } from '@bent-pail/contract';
import { CONDITION_WORDS, VERDICT_USE_WORDS } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import type { Column, Grouping } from '../kit/table/column';
import { Await } from '../shared/Await';
import { RowName } from '../shared/lists/RowName';
import { WholeTable } from '../shared/lists/WholeTable';
import { verdictsQuery } from '../shared/resources/verdicts';
import { TitleBlock } from '../shared/TitleBlock';
import { Grade } from '../shared/verdicts/Grade';
import { GRADE_WORDS, judgedName } from '../shared/verdicts/verdictWords';
import { rangeWords } from './rangeWords';

const unless = ({ unless: turns = [] }: VerdictRow): string =>
  turns.map(({ condition, says }) => `${GRADE_WORDS[says]} where ${CONDITION_WORDS[condition]}`).join('; ');

const GROUPINGS: readonly Grouping<VerdictRow>[] = [
  { key: 'property', words: 'what was found', of: ({ property }) => judgedName(property), said: (name) => name },
  { key: 'use', words: 'use', of: ({ use }) => VERDICT_USE_WORDS[use], said: (use) => `For ${use}` },
];

const COLUMNS: readonly Column<VerdictRow>[] = [
  {
    key: 'found',
    head: 'Found',
    place: 'name',
    sort: 'up',
    value: ({ property }) => judgedName(property),
    cell: (row) => (
      <RowName
        to={`/verdicts/${row.id}`}
        name={`${judgedName(row.property)}: ${rangeWords(row)}`}
        line={row.changed === undefined ? row.basis : `changed by ${row.changed.by}`}
      />
    ),
  },
  {
    key: 'use',
    head: 'for',
    align: 'left',
    sort: 'up',
    value: ({ use }) => VERDICT_USE_WORDS[use],
    cell: ({ use }) => VERDICT_USE_WORDS[use],
  },
  {
    key: 'says',
    head: 'is',
    align: 'left',
    sort: 'up',
    value: ({ says }) => says,
    cell: ({ says }) => <Grade says={says} />,
  },
  { key: 'because', head: 'because', align: 'left', cell: ({ because }) => because },
  { key: 'unless', head: 'but', align: 'left', place: 'wide', cell: (row) => unless(row) },
];

/** What each finding means for each use, a line each, with what it rests on. */
export function VerdictsPage(): ReactElement {
  const query = useQuery(verdictsQuery);
  return (
    <main>
      <TitleBlock
        title="Verdicts"
        line="What a finding means depends on the use. Every verdict on a card, a run or a blend comes from a line here; a lead may change it."
      />
      <Await query={query}>
        {(rows) => (
          <WholeTable
            label="Verdicts"
            what={['line', 'lines']}
            columns={COLUMNS}
            rows={rows}
            keyOf={({ id }) => id}
            words={(row) =>
              `${judgedName(row.property)} ${VERDICT_USE_WORDS[row.use]} ${GRADE_WORDS[row.says]} ${row.because} ${unless(row)}`
            }
            placeholder="squeeze, seed trays, not"
            groupings={GROUPINGS}
            group="property"
            unsorted="as they are judged"
            nothing="No line has these words."
          />
        )}
      </Await>
    </main>
  );
}
