import type { RubricRow } from '@bent-pail/contract';
import type { RubricCriterion, ScoreFunction } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Button } from '../../kit/Button';
import { Rows } from '../../kit/Rows';
import { Await } from '../../shared/Await';
import { NotThere } from '../../shared/NotThere';
import { rubricsQuery } from '../../shared/resources/rubrics';
import { TitleBlock } from '../../shared/TitleBlock';
import { amount } from '../../shared/units/mine';
import { useMe } from '../../shared/useSession';
import { bodyOfRubric, byOf, byWords, draftOf } from './draft';
import { EditRubric } from './EditRubric';
import { fileAddress, fileNameOf } from './rubricFile';
import { WeightBar } from './WeightBar';

/** One rubric: read, copied, and for a lead changed where it is one's own. */
export function RubricPage(): ReactElement {
  const { key = '' } = useParams();
  const query = useQuery(rubricsQuery);
  return (
    <Await query={query}>
      {(rows) => {
        const row = rows.find(({ rubric }) => rubric.key === key);
        return row === undefined ? (
          <NotThere says="There is no such rubric." on={{ to: '/score/rubrics', name: 'All rubrics' }} />
        ) : (
          <OneRubric key={`${key}${String(row.rubric.version)}`} row={row} />
        );
      }}
    </Await>
  );
}

function OneRubric({ row: { rubric, own } }: { readonly row: RubricRow }): ReactElement {
  const isLead = useMe().role === 'lead';
  const navigate = useNavigate();
  const [doing, setDoing] = useState<'change' | 'copy'>();
  const start = draftOf(bodyOfRubric(rubric));
  return (
    <main>
      <TitleBlock
        title={rubric.label}
        line={<Link to="/score/rubrics">All rubrics</Link>}
        cells={[
          { term: 'For', value: rubric.use },
          { term: 'Depth', value: amount(rubric.container.height_cm, 'cm', 0) },
          { term: 'Version', value: String(rubric.version) },
        ]}
      >
        {isLead && doing === undefined && (
          <>
            {own !== undefined && (
              <Button
                look="act"
                onClick={() => {
                  setDoing('change');
                }}
              >
                Change it
              </Button>
            )}
            <Button
              look={own === undefined ? 'act' : 'slab'}
              onClick={() => {
                setDoing('copy');
              }}
            >
              Copy it
            </Button>
          </>
        )}
      </TitleBlock>
      {doing === undefined ? (
        <section className="px-5 py-4" aria-label="What is judged">
          <WeightBar criteria={rubric.criteria} />
          <Criteria criteria={rubric.criteria} />
          {rubric.caps.map(({ criterion, below, max }) => (
            <p key={criterion} className="mt-2 text-small">
              Where {rubric.criteria.find(({ name }) => name === criterion)?.label} scores under{' '}
              <span className="figure">{below}</span>, the whole is at most <span className="figure">{max}</span>.
            </p>
          ))}
          <p className="mt-3">
            <a href={fileAddress(rubric)} download={`${fileNameOf(rubric)}.json`}>
              Save it as a file, for another notebook
            </a>
          </p>
          <p className="mt-3 max-w-[70ch] text-small text-ink2">
            {rubric.aggregate === 'geometric'
              ? 'The whole is the geometric mean: one bad thing counts more.'
              : 'The whole is the weighted mean; what is not in yet is never a zero.'}{' '}
            A card keeps the version that it was made with.
          </p>
        </section>
      ) : (
        <EditRubric
          start={doing === 'copy' ? { ...start, label: `${rubric.label}, ours` } : start}
          own={doing === 'copy' ? undefined : { id: rubric.key.slice('own-'.length), version: rubric.version }}
          onKept={(key) => {
            setDoing(undefined);
            void navigate(`/score/rubrics/${key}`);
          }}
          onLeave={() => {
            setDoing(undefined);
          }}
        />
      )}
    </main>
  );
}

const side = (value: number | null): string => (value === null ? 'open' : String(value));

/** A function in words. */
function functionWords(fn: ScoreFunction): string {
  switch (fn.type) {
    case 'line':
      return `0 at ${String(fn.at0)}, 10 at ${String(fn.at10)}`;
    case 'window':
      return `10 from ${side(fn.ideal[0])} to ${side(fn.ideal[1])}; 0 at ${side(fn.limits[0])} and ${side(fn.limits[1])}`;
    case 'bands':
      return fn.bands
        .map(({ upTo, score }) => `${upTo === undefined ? 'over' : `to ${String(upTo)}`}: ${String(score)}`)
        .join('; ');
    case 'direct':
      return 'as it is marked, 0 to 10';
  }
}

function Criteria({ criteria }: { readonly criteria: readonly RubricCriterion[] }): ReactElement {
  return (
    <Rows className="mt-4 text-body">
      <thead>
        <tr>
          <th scope="col" className="text-left">
            Criterion
          </th>
          <th scope="col" className="text-left">
            judged by
          </th>
          <th scope="col" className="text-left">
            scores
          </th>
          <th scope="col">weight</th>
        </tr>
      </thead>
      <tbody>
        {criteria.map((one) => (
          <tr key={one.name}>
            <th scope="row">
              <b>{one.label}</b> <small className="block">{one.plain}</small>
            </th>
            <td className="text-left">{byWords(byOf(one.source))}</td>
            <td className="figure text-left">
              {functionWords(one.function)} {one.unit}
            </td>
            <td className="figure">{one.weight}</td>
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}
