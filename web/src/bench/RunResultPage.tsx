import type { RunSheet } from '@bent-pail/contract';
import { foundInRun, property, type RunProperty } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { runQuery } from '../shared/resources/runs';
import { TitleBlock } from '../shared/TitleBlock';
import { ButtonLink } from '../kit/Button';
import { RunFigure } from './RunFigure';
import { runSentence } from './runSentence';
import { useLiveRun } from './useRunSheet';
import { later } from '../kit/later';

// The result stands first; what it is fit for follows.
const VerdictPanel = later(async () => (await import('../shared/verdicts/VerdictPanel')).VerdictPanel);

/** What a run found, to be shown and talked about: by whoever measured it, by the name of their group. */
export function RunResultPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(runQuery(id));
  return <Await query={query}>{(sheet) => <Found sheet={sheet} />}</Await>;
}

const NONE: readonly never[] = [];

function Found({ sheet }: { readonly sheet: RunSheet }): ReactElement {
  const run = useLiveRun(sheet, NONE);
  const { properties } = run.result;
  const found = properties.filter(({ summary }) => summary !== undefined);
  const who = sheet.groupName ?? sheet.startedBy;
  const back = <ButtonLink to={`/bench/runs/${sheet.id}`}>Back to the sheet</ButtonLink>;
  return (
    <main>
      <TitleBlock
        title={`What ${who} found`}
        tab={`${sheet.lot.name} ${sheet.lot.code}, what ${who} found`}
        line={`${sheet.protocol.label}, run ${String(sheet.number)}, of ${sheet.lot.name}, ${sheet.lot.code}.`}
      >
        {back}
        <ButtonLink to={`/bench/runs/${sheet.id}/print`}>On paper</ButtonLink>
      </TitleBlock>
      {found.length === 0 ? (
        <EmptyPail question="Nothing has come out yet: fill the sheet, and it stands here." />
      ) : (
        <div className="grid gap-6 px-5 py-4 md:grid-cols-[auto_minmax(0,1fr)]">
          <Pail found={found} height_cm={run.record.vessels[0]?.height_cm ?? 12} />
          <section aria-label="What came out" className="max-w-[68ch]">
            <p className="text-title leading-tight font-semibold">{runSentence(run.result)}</p>
            <ul className="mt-4">
              {found.map((one) => (
                <Line key={one.property} one={one} />
              ))}
            </ul>
            {sheet.finishedAt === undefined && (
              <p className="mt-3">It is not finished yet: what is still read can move it.</p>
            )}
            <VerdictPanel found={foundInRun(run.record, run.result)} materialClass={sheet.lot.classId} />
          </section>
        </div>
      )}
    </main>
  );
}

/** The mean of the replicates, drawn. */
function Pail({
  found,
  height_cm,
}: {
  readonly found: readonly RunProperty[];
  readonly height_cm: number;
}): ReactElement | null {
  const mean = (key: string): number | undefined => found.find(({ property: one }) => one === key)?.summary?.mean;
  const air = mean('airSpace');
  if (air === undefined) return null;
  const water = mean('containerCapacity');
  return (
    <PailMark
      shape={shapeOf({ height_cm }, 'vessel')}
      fill={water === undefined ? { kind: 'unsplit', air } : { kind: 'parted', solid: 1 - water - air, water, air }}
      state="measured"
      tier="large"
      k={260 / height_cm}
    />
  );
}

function Line({ one }: { readonly one: RunProperty }): ReactElement {
  const { label, plain } = property(one.property);
  return (
    <li className="flex flex-wrap items-baseline justify-between gap-x-4 border-t border-zinc2 py-2">
      <span>
        <b>{label}</b>
        <small className="text-ink2 block">{plain}.</small>
      </span>
      <RunFigure one={one} className="text-lead" />
    </li>
  );
}
