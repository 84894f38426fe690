import type { TrainingPage } from '@bent-pail/contract';
import { HAND_KINDS } from '@bent-pail/contract/choices';
import { handKindFace, handRecord } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Await } from '../../shared/Await';
import { CautionStrip } from '../../shared/CautionStrip';
import { EmptyPail } from '../../shared/EmptyPail';
import { trainingQuery } from '../../shared/resources/classes';
import { TitleBlock } from '../../shared/TitleBlock';
import { useWorks } from '../../shared/useSession';
import { HandTry } from './HandTry';
import { OverTime } from './OverTime';
import { PutOut } from './PutOut';

/** A hand against what was measured: blind samples, one's own error over time. */
export function HandPage(): ReactElement {
  const query = useQuery(trainingQuery);
  return <Await query={query}>{(page) => <Hand page={page} />}</Await>;
}

function Hand({ page }: { readonly page: TrainingPage }): ReactElement {
  const works = useWorks();
  const [asked, setAsked] = useState<string>();
  const open = page.samples.filter((sample) => sample.open.length > 0);
  const sample = open.find(({ id }) => id === asked) ?? open[0];
  const tried = HAND_KINDS.filter((kind) => page.tries.some((one) => one.kind === kind));
  return (
    <main>
      <TitleBlock
        title="Train the hand"
        line="Measured media under a code: estimate by hand and eye, then see what was measured. Your tries are yours alone."
      />
      <CautionStrip caution="germs" />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 px-5 py-4 min-[1000px]:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
        <div className="flex flex-col gap-6">
          {sample === undefined ? (
            <EmptyPail
              question={page.samples.length === 0 ? 'Nothing stands out yet.' : 'You have tried all that stands out.'}
            >
              {works
                ? 'Put a measured lot out below, in a tray with its code.'
                : 'Ask whoever runs the bench for another.'}
            </EmptyPail>
          ) : (
            <>
              <nav className="flex flex-wrap gap-2" aria-label="Samples">
                {open.map(({ id, code }) => (
                  <button
                    key={id}
                    type="button"
                    aria-current={id === sample.id ? 'step' : undefined}
                    className="figure min-h-14 min-w-16 border-2 border-ink bg-paper text-lead aria-[current=step]:bg-ink aria-[current=step]:text-paper"
                    onClick={() => {
                      setAsked(id);
                    }}
                  >
                    {code}
                  </button>
                ))}
              </nav>
              <HandTry key={sample.id} sample={sample} last={page.tries.at(-1)} />
            </>
          )}
          {works && <PutOut samples={page.samples} />}
        </div>
        <section aria-label="Your hand over time">
          <h2>Your hand over time</h2>
          {tried.length === 0 ? (
            <p className="max-w-[50ch] text-ink2">
              After the first try its distance from what was measured stands here, and from six on how you did lately.
            </p>
          ) : (
            tried.map((kind) => (
              <OverTime
                key={kind}
                kind={kind}
                face={handKindFace(kind)}
                tries={page.tries.filter((one) => one.kind === kind)}
                record={handRecord(page.tries.filter((one) => one.kind === kind))}
              />
            ))
          )}
        </section>
      </div>
    </main>
  );
}
