import type { LabRequestRow, LabRequestsAsked } from '@bent-pail/contract';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Await } from '../shared/Await';
import { clockTime, day } from '../kit/format';
import { useFirstLot } from '../shared/lots/LotChoice';
import { AskedBy, ListBar } from '../shared/lists/ListBar';
import { More, rowsOf, totalOf } from '../shared/lists/More';
import { useAsked } from '../shared/lists/useAsked';
import { labRequestPagesQuery } from '../shared/resources/laboratory';
import type { Asked } from '../shared/resources/paged';
import { useServerNow } from '../shared/serverClock';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession, useWorks } from '../shared/useSession';
import { AskLaboratory } from './AskLaboratory';
import { ImportReport } from './ImportReport';
import { Button } from '../kit/Button';
import { Moment } from '../kit/Moment';

/** So many are seen at one look: there is nothing to find among them. */
const FEW = 5;
const STATES = [
  { key: '', words: 'all of them' },
  { key: 'awaited', words: 'no run yet' },
  { key: 'kept', words: 'a run already' },
];

/** Samples that were sent away, and reports that came back. */
export function LaboratoryPage(): ReactElement {
  const { isPending, first } = useFirstLot(undefined);
  const [asked, ask] = useAsked(['find', 'state']);
  const isAsked = Object.keys(asked).length > 0;
  const requests = useInfiniteQuery(labRequestPagesQuery(asked as Asked<LabRequestsAsked>));
  const works = useWorks();
  const [opened, setOpened] = useState<string>();
  return (
    <main>
      <TitleBlock
        title="Laboratory"
        line="A report becomes a run like any other. The practice laboratory makes its figures up, from what a class usually has."
      />
      {isPending ? (
        <Moment />
      ) : (
        <Await query={requests}>
          {(data) => (
            <div className="grid *:min-w-0 min-[901px]:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
              <section aria-label="Sent away" className="px-5 pt-3.5 pb-5">
                <h2>The practice laboratory</h2>
                {works && <AskLaboratory firstLot={first} />}
                {(isAsked || totalOf(data) > FEW) && (
                  <ListBar
                    find={asked.find ?? ''}
                    placeholder="material, lot"
                    onFind={(text) => {
                      ask('find', text);
                    }}
                  >
                    <AskedBy
                      label="Only"
                      value={asked.state ?? ''}
                      options={STATES}
                      onChange={(key) => {
                        ask('state', key);
                      }}
                    />
                  </ListBar>
                )}
                <Requests rows={rowsOf(data)} opened={opened} onOpen={works ? setOpened : undefined} />
                {isAsked && totalOf(data) === 0 && <p className="text-ink2 mt-3">No sample is like that.</p>}
                {!isAsked && totalOf(data) === 0 && <p className="text-ink2 mt-3">Nothing was sent yet.</p>}
                <More query={requests} what="samples" />
              </section>
              {works && (
                <ImportReport
                  key={opened ?? ''}
                  firstLot={first}
                  request={rowsOf(data).find((row) => row.id === opened)}
                />
              )}
            </div>
          )}
        </Await>
      )}
    </main>
  );
}

interface RequestsProps {
  readonly rows: readonly LabRequestRow[];
  readonly opened: string | undefined;
  readonly onOpen: ((id: string) => void) | undefined;
}

function Requests({ rows, opened, onOpen }: RequestsProps): ReactElement {
  const { notebook } = useSession();
  const now = useServerNow(5000);
  return (
    <ul className="mt-3.5 border-t-[1.5px] border-ink">
      {rows.map((row) => (
        <li
          key={row.id}
          className={`flex min-h-[58px] items-center justify-between gap-4 border-b border-zinc2 ${row.id === opened ? 'bg-zinc1' : ''}`}
        >
          <span>
            <b>
              {row.lot.name}, {row.lot.code}
            </b>
            <small className="block">
              sent {day(row.askedAt, notebook.zone)} by {row.askedBy}
            </small>
          </span>
          <State row={row} now={now} zone={notebook.zone} onOpen={onOpen} />
        </li>
      ))}
    </ul>
  );
}

interface StateProps {
  readonly row: LabRequestRow;
  readonly now: number;
  readonly zone: string;
  readonly onOpen: ((id: string) => void) | undefined;
}

function State({ row, now, zone, onOpen }: StateProps): ReactElement {
  if (row.runId !== undefined) return <Link to={`/bench/runs/${row.runId}`}>its run</Link>;
  if (row.report === undefined) {
    const due = Date.parse(row.readyAt);
    return (
      <span className="text-ink2">
        {due <= now ? 'on its way' : `expected ${day(row.readyAt, zone)}, ${clockTime(due, zone)}`}
      </span>
    );
  }
  if (onOpen === undefined) return <span className="text-ink2">its report is here</span>;
  return (
    <Button
      onClick={() => {
        onOpen(row.id);
      }}
    >
      Open the report
    </Button>
  );
}
