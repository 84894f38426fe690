import type { RaterSheet } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { ButtonLink } from '../../kit/Button';
import { counted } from '../../kit/format';
import { Await } from '../../shared/Await';
import { EmptyPail } from '../../shared/EmptyPail';
import { sheetQuery } from '../../shared/resources/sittings';
import { KnowsIt } from './KnowsIt';
import { panelOf, SheetMarks } from './SheetMarks';
import { WarmUp } from './WarmUp';
import { usePageTitle } from '../../shared/titleStore';
import { useArrival } from '../../shared/useArrival';

/** A rater's own sheet on a phone: one sample, one criterion at a time, blind. */
export function RatePage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(sheetQuery(id));
  return <Await query={query}>{(sheet) => <Sheet key={sheet.scorecardId} sheet={sheet} />}</Await>;
}

function Sheet({ sheet }: { readonly sheet: RaterSheet }): ReactElement {
  // A warm-up that was begun is finished first, and what is known of it read before the next cup.
  const [isWarm, setWarm] = useState(sheet.warmUp === undefined || sheet.warmUp.said !== undefined);
  const { warmUp } = sheet;
  const heading = useArrival<HTMLHeadingElement>();
  usePageTitle(`${sheet.rubric.label}, sample ${sheet.sampleCode}`);
  const isClosed = sheet.handedIn || sheet.excused !== undefined;
  const warmsUp = warmUp !== undefined && !isWarm && !isClosed;
  return (
    <main data-fills className="flex min-h-[calc(100vh-72px)] max-w-[560px] flex-col">
      <header className="flex border-b-[3px] border-ink">
        <span className="w-[66px] bg-slab py-1.5 text-center text-inverse">
          <small className="text-inverse">{warmsUp ? 'warm-up' : 'sample'}</small>
          <b className="figure block text-title leading-none font-medium">
            {warmsUp ? warmUp.sampleCode : sheet.sampleCode}
          </b>
        </span>
        <span className="px-3 py-2">
          <h1 ref={heading} tabIndex={-1} className="text-lead leading-tight outline-none">
            {sheet.rubric.label}, your sheet
          </h1>
          <small>{warmsUp ? 'Known values, to set your scale. It counts for nothing.' : lineOf(sheet)}</small>
        </span>
      </header>
      {warmsUp ? (
        <WarmUp
          sheet={sheet}
          warmUp={warmUp}
          onDone={() => {
            setWarm(true);
          }}
        />
      ) : isClosed ? (
        <Closed sheet={sheet} />
      ) : (
        <>
          <SheetMarks sheet={sheet} />
          <KnowsIt sheet={sheet} />
        </>
      )}
    </main>
  );
}

function lineOf({ ratings, rubric, raters, place, samples }: RaterSheet): string {
  const which = samples === 1 ? '' : `Sample ${String(place)} of ${String(samples)} for you. `;
  const scored = `${String(ratings.length)} of ${String(panelOf(rubric).length)} scored. `;
  return `${which}${scored}Blind until all ${String(raters)} are in.`;
}

/** A sheet on which nothing more can be written, and the way to the next. */
function Closed({ sheet }: { readonly sheet: RaterSheet }): ReactElement {
  const { excused, ratersIn, raters, next } = sheet;
  const title =
    excused !== undefined
      ? 'This sheet was closed.'
      : next !== undefined
        ? 'Handed in. Rest your nose a minute.'
        : ratersIn === raters
          ? 'All are in. Thank you.'
          : 'Handed in. Thank you.';
  return (
    <EmptyPail question={title}>
      <p className="max-w-[28ch]">
        {excused === undefined
          ? `${String(ratersIn)} of ${counted(raters, 'rater has', 'raters have')} handed in. Marks open once everyone has handed in.`
          : `The panel goes on without it: ${excused}.`}
      </p>
      {next !== undefined && (
        <ButtonLink look="act" to={`/score/sheets/${next.scorecardId}`} className="mt-3">
          Next: sample {next.sampleCode}
        </ButtonLink>
      )}
    </EmptyPail>
  );
}
