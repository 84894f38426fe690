import type { BenchComputer, ServerTrouble, SlowRequest, WaitingSaid } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement, ReactNode } from 'react';
import { Button, ButtonLink } from '../../kit/Button';
import { clockTime, counted, day, fixed } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { Rows } from '../../kit/Rows';
import { Sideways } from '../../kit/Sideways';
import { api } from '../../shared/api';
import { Await } from '../../shared/Await';
import { TitleBlock } from '../../shared/TitleBlock';
import { useSession } from '../../shared/useSession';
import { sizeInWords } from '../files/size';
import { doubtsOf } from './doubts';

/** How often it is looked at again while the page is open, ms. */
const AGAIN_MS = 15_000;

/** For leads: whether the computer on which the notebook runs is well, and what it had to struggle with. */
export function ComputerPage(): ReactElement {
  const query = useQuery({
    queryKey: ['bench-computer'],
    queryFn: () => api.get<BenchComputer>('/bench-computer'),
    refetchInterval: AGAIN_MS,
  });
  return (
    <main>
      <TitleBlock title="How the bench computer is" line="Room, backups, what took long and what went wrong.">
        <Button
          disabled={query.isFetching}
          onClick={() => {
            void query.refetch();
          }}
        >
          Look again
        </Button>
        <ButtonLink to="/record">Record</ButtonLink>
      </TitleBlock>
      <Await query={query}>{(computer) => <Found computer={computer} now={query.dataUpdatedAt} />}</Await>
    </main>
  );
}

interface FoundProps {
  readonly computer: BenchComputer;
  /** When that was, ms since 1970. */
  readonly now: number;
}

function Found({ computer, now }: FoundProps): ReactElement {
  const doubts = doubtsOf(computer, now);
  return (
    <div className="flex flex-col gap-8 px-5 py-4">
      <section aria-label="In a sentence">
        {doubts.length === 0 ? (
          <p className="font-semibold">It is well.</p>
        ) : (
          <ul className="flex flex-col gap-2">
            {doubts.map((doubt) => (
              <li key={doubt}>
                <Notice className="p-3 font-semibold">{doubt}</Notice>
              </li>
            ))}
          </ul>
        )}
      </section>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 min-[1000px]:grid-cols-2">
        <Facts computer={computer} />
        <Waiting waiting={computer.waiting} cards={computer.cardsWaiting} />
        <Slow slowest={computer.slowest} />
        <Troubles troubles={computer.troubles} />
      </div>
    </div>
  );
}

/** A moment of the notebook's own place. */
function Moment({ at }: { readonly at: string }): ReactElement {
  const { notebook } = useSession();
  return (
    <span className="whitespace-nowrap">
      {day(at, notebook.zone)} <span className="figure">{clockTime(Date.parse(at), notebook.zone)}</span>
    </span>
  );
}

function Facts({ computer }: { readonly computer: BenchComputer }): ReactElement {
  const { version, since, servers, postgres, notebook_bytes, disk, memory_bytes, lastBackup } = computer;
  return (
    <section aria-label="The computer">
      <h2>The computer</h2>
      <Rows>
        <tbody>
          <Fact what="Bent Pail">{version}</Fact>
          <Fact what="PostgreSQL">{postgres.split(' ')[0]}</Fact>
          <Fact what="open since">
            <Moment at={since} />
          </Fact>
          <Fact what="servers on this notebook">{fixed(servers, 0)}</Fact>
          <Fact what="the notebook takes">{sizeInWords(notebook_bytes)}</Fact>
          {disk !== undefined && (
            <Fact what="room on its disk">
              {sizeInWords(disk.free_bytes)} of {sizeInWords(disk.total_bytes)}
            </Fact>
          )}
          <Fact what="memory of this server">{sizeInWords(memory_bytes)}</Fact>
          <Fact what="last backup">{lastBackup === undefined ? 'none yet' : <Moment at={lastBackup.madeAt} />}</Fact>
        </tbody>
      </Rows>
      <p className="mt-2">
        <ButtonLink look="tie" to="/record/files">
          Backups
        </ButtonLink>
      </p>
    </section>
  );
}

const Fact = ({ what, children }: { readonly what: string; readonly children: ReactNode }): ReactElement => (
  <tr>
    <th scope="row">{what}</th>
    <td className="figure">{children}</td>
  </tr>
);

function Waiting({
  waiting,
  cards,
}: {
  readonly waiting: readonly WaitingSaid[];
  readonly cards: number;
}): ReactElement {
  return (
    <section aria-label="What waits">
      <h2>What waits</h2>
      <p>
        {cards === 0
          ? 'Every card follows its readings.'
          : `${counted(cards, 'card is', 'cards are')} being worked out anew.`}
      </p>
      {waiting.length === 0 ? (
        <p className="mt-1 text-ink2">No browser has said that readings wait in it.</p>
      ) : (
        <Rows className="mt-2">
          <thead>
            <tr>
              <th scope="col">in the browser of</th>
              <th scope="col">waiting</th>
              <th scope="col">said</th>
            </tr>
          </thead>
          <tbody>
            {waiting.map(({ name, readings, at }) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                <td>{counted(readings, 'reading', 'readings')}</td>
                <td>
                  <Moment at={at} />
                </td>
              </tr>
            ))}
          </tbody>
        </Rows>
      )}
    </section>
  );
}

const seconds = (ms: number): string => `${fixed(ms / 1000, ms < 10_000 ? 1 : 0)} s`;

function Slow({ slowest }: { readonly slowest: readonly SlowRequest[] }): ReactElement {
  return (
    <section aria-label="What took long">
      <h2>What took long</h2>
      {slowest.length === 0 ? (
        <p className="text-ink2">Nothing took longer than a third of a second since it was opened.</p>
      ) : (
        <Sideways label="Requests that took long">
          <Rows>
            <thead>
              <tr>
                <th scope="col">what was asked</th>
                <th scope="col">longest</th>
                <th scope="col">when</th>
                <th scope="col">over 0.3 s</th>
              </tr>
            </thead>
            <tbody>
              {slowest.map(({ route, longest_ms, at, times }) => (
                <tr key={route}>
                  <th scope="row" className="figure" translate="no">
                    {route}
                  </th>
                  <td className="figure pl-3 whitespace-nowrap">{seconds(longest_ms)}</td>
                  <td className="pl-3">
                    <Moment at={at} />
                  </td>
                  <td className="pl-3 whitespace-nowrap">{counted(times, 'time', 'times')}</td>
                </tr>
              ))}
            </tbody>
          </Rows>
        </Sideways>
      )}
    </section>
  );
}

function Troubles({ troubles }: { readonly troubles: readonly ServerTrouble[] }): ReactElement {
  return (
    <section aria-label="What went wrong">
      <h2>What went wrong</h2>
      {troubles.length === 0 ? (
        <p className="text-ink2">Nothing since it was opened.</p>
      ) : (
        <ul className="border-t-[1.5px]">
          {troubles.map(({ words, route, at, times, requestId }) => (
            <li key={`${words} ${route ?? ''}`} className="border-b border-zinc2 py-2">
              <p className="font-semibold">{words}</p>
              <p className="text-small text-ink2">
                <Moment at={at} /> · {counted(times, 'time', 'times')}
                {route !== undefined && (
                  <span className="figure" translate="no">
                    {' '}
                    · {route}
                  </span>
                )}
              </p>
              {requestId !== undefined && (
                <p className="text-small text-ink2">
                  in the log as{' '}
                  <code className="figure wrap-anywhere" translate="no">
                    {requestId}
                  </code>
                </p>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
