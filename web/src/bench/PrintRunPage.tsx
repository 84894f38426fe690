import { useQueries, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { Button } from '../kit/Button';
import { counted } from '../kit/format';
import { Sorry } from '../kit/Sorry';
import { sentenceOf } from '../shared/api';
import { Await } from '../shared/Await';
import { OnPaper } from '../shared/OnPaper';
import { runQuery } from '../shared/resources/runs';
import { RunPaper } from './RunPaper';

/** A run on paper: empty, to write on where no screen should get wet, or as it was filled. */
export function PrintRunPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(runQuery(id));
  const [asked, setEmpty] = useState<boolean>();
  return (
    <Await query={query}>
      {(sheet) => {
        const empty = asked ?? sheet.readings.length === 0;
        return (
          <OnPaper
            back={`/bench/runs/${sheet.id}`}
            backWords="Back to the sheet"
            label={`Run ${String(sheet.number)} on paper`}
            choices={<EmptyOrFilled empty={empty} onChange={setEmpty} />}
          >
            <RunPaper sheet={sheet} empty={empty} />
          </OnPaper>
        );
      }}
    </Await>
  );
}

/** Many sheets as one print, each on a page of its own. */
export function PrintRunsPage(): ReactElement {
  const [params] = useSearchParams();
  const ids = [...new Set((params.get('runs') ?? '').split(',').filter((id) => id !== ''))];
  const queries = useQueries({ queries: ids.map((id) => runQuery(id)) });
  const [empty, setEmpty] = useState(true);
  const trouble = queries.find(({ error }) => error !== null)?.error;
  const sheets = queries.flatMap(({ data }) => data ?? []);
  if (trouble !== undefined && sheets.length === 0) return <Sorry className="m-5">{sentenceOf(trouble)}</Sorry>;
  return (
    <OnPaper
      back="/bench"
      backWords="Back to the bench"
      label={`${counted(sheets.length, 'sheet', 'sheets')} on paper`}
      choices={<EmptyOrFilled empty={empty} onChange={setEmpty} />}
    >
      {sheets.map((sheet) => (
        <section key={sheet.id} className="own-page" aria-label={`Run ${String(sheet.number)}`}>
          <RunPaper sheet={sheet} empty={empty} />
        </section>
      ))}
      {trouble !== undefined && <Sorry>{sentenceOf(trouble)}</Sorry>}
    </OnPaper>
  );
}

interface EmptyOrFilledProps {
  readonly empty: boolean;
  readonly onChange: (empty: boolean) => void;
}

const EmptyOrFilled = ({ empty, onChange }: EmptyOrFilledProps): ReactElement => (
  <Button
    onClick={() => {
      onChange(!empty);
    }}
  >
    {empty ? 'With its readings' : 'Empty, to write on'}
  </Button>
);
