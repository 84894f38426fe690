import type { RubricRow } from '@bent-pail/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef, useState, type ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../kit/Button';
import { Sorry } from '../../kit/Sorry';
import { sentenceOf } from '../../shared/api';
import { counted, day } from '../../kit/format';
import { Await } from '../../shared/Await';
import { rubricsQuery } from '../../shared/resources/rubrics';
import { TitleBlock } from '../../shared/TitleBlock';
import { useMe, useSession } from '../../shared/useSession';
import { draftOf, type RubricBody } from './draft';
import { EditRubric } from './EditRubric';
import { readRubricFile } from './rubricFile';
import { WeightBar } from './WeightBar';

/** What products are judged by: what ships, and one's own. */
export function RubricsPage(): ReactElement {
  const query = useQuery(rubricsQuery);
  const isLead = useMe().role === 'lead';
  const navigate = useNavigate();
  const [read, setRead] = useState<RubricBody>();
  if (read !== undefined)
    return (
      <main>
        <TitleBlock title={`${read.label}, from a file`} line="Look it through, then keep it as one of yours." />
        <EditRubric
          start={draftOf(read)}
          own={undefined}
          onKept={(key) => {
            void navigate(`/score/rubrics/${key}`);
          }}
          onLeave={() => {
            setRead(undefined);
          }}
        />
      </main>
    );
  return (
    <main>
      <TitleBlock title="Rubrics" line="What is judged, how much each weighs, and how a value becomes 0 to 10.">
        {isLead && <FromFile onRead={setRead} />}
      </TitleBlock>
      <Await query={query}>
        {(rows) => (
          <ul className="px-5 py-2">
            {rows.map((row) => (
              <RubricLine key={row.rubric.key} row={row} />
            ))}
          </ul>
        )}
      </Await>
    </main>
  );
}

/** Takes a rubric that another notebook has saved. */
function FromFile({ onRead }: { readonly onRead: (body: RubricBody) => void }): ReactElement {
  const input = useRef<HTMLInputElement>(null);
  const take = useMutation({
    mutationFn: async (file: File) => {
      const read = await readRubricFile(await file.text());
      if (typeof read === 'string') throw new Error(read);
      return read;
    },
    onSuccess: onRead,
  });
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="File of a rubric"
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file !== undefined) take.mutate(file);
          event.target.value = '';
        }}
      />
      {take.error !== null && <Sorry>{sentenceOf(take.error)}</Sorry>}
      <Button
        onClick={() => {
          input.current?.click();
        }}
      >
        Take one from a file
      </Button>
    </>
  );
}

function RubricLine({ row: { rubric, own, cards } }: { readonly row: RubricRow }): ReactElement {
  const { notebook } = useSession();
  return (
    <li className="grid grid-cols-[minmax(0,1fr)] items-center gap-x-6 gap-y-2 border-b border-zinc3 py-3 min-[900px]:grid-cols-[280px_minmax(0,1fr)]">
      <span>
        <Link to={`/score/rubrics/${rubric.key}`} className="text-head font-semibold">
          {rubric.label}
        </Link>
        <small className="block">
          {rubric.use}; version {rubric.version}, {counted(cards, 'card', 'cards')}
          {own === undefined ? '; as it ships' : `; ${own.by}, ${day(own.at, notebook.zone)}`}
        </small>
      </span>
      <WeightBar criteria={rubric.criteria} />
    </li>
  );
}
