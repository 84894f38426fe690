import type { ClassPage } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { Button, ButtonLink } from '../../kit/Button';
import { counted } from '../../kit/format';
import { OneOf } from '../../kit/OneOf';
import { Sorry } from '../../kit/Sorry';
import { sentenceOf } from '../../shared/api';
import { Await } from '../../shared/Await';
import { classQuery } from '../../shared/resources/classes';
import { usePageTitle } from '../../shared/titleStore';
import { useWorks } from '../../shared/useSession';
import { ClassCode } from '../ClassCode';
import { allGuessed, figureSeen, progressOf, sheetOfClass } from '../classView';
import { useClassActs } from '../useClassActs';
import { ComingIn } from './ComingIn';
import { Dots } from './Dots';
import { Ready } from './Ready';
import { later } from '../../kit/later';

// A group is opened now and then.
const GroupAsked = later(async () => (await import('./GroupAsked')).GroupAsked, null);

/** On the projector: who is ready, dots coming in, the class's mean and band, the bench's value, who differs and why. */
export function WallPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(classQuery(id));
  return <Await query={query}>{(page) => <Wall page={page} />}</Await>;
}

function Wall({ page }: { readonly page: ClassPage }): ReactElement {
  usePageTitle(`${page.name}, the wall`);
  const works = useWorks();
  const acts = useClassActs(page.id);
  const sheet = sheetOfClass(page);
  const [figureKey, setFigureKey] = useState(sheet.figures[0]?.key ?? '');
  const [sampleId, setSampleId] = useState(page.samples[0]?.id ?? '');
  const [asked, setAsked] = useState<string>();
  const [shows, setShows] = useState(false);
  const figure = sheet.figures.find(({ key }) => key === figureKey) ?? sheet.figures[0];
  const sample = page.samples.find(({ id }) => id === sampleId) ?? page.samples[0];
  if (figure === undefined || sample === undefined) return <p className="p-5">This class has nothing to show.</p>;
  const seen = figureSeen(page, sample, figure);
  const isRevealed = page.revealedAt !== undefined;
  const waits = page.groups.filter(({ id }) => {
    const { hasJoined, hasGuessed } = progressOf(page, id);
    return hasJoined && !hasGuessed;
  });
  const hides = page.isOpen && !isRevealed && !shows && !allGuessed(page);
  // While nothing can be shown, the code takes the room.
  const isComingIn = page.isOpen && (hides || (!isRevealed && seen.result.groups.length === 0));
  const isAsking = asked !== undefined && !hides;
  return (
    // What stands beside the strip of a group stays in sight where there is room for both.
    <main data-fills className={`flex min-h-[calc(100vh-72px)] flex-col ${isAsking ? 'min-[1100px]:pr-[380px]' : ''}`}>
      <header className="flex flex-wrap items-end justify-between gap-x-8 gap-y-2 border-b-[3px] border-ink px-5 py-3">
        <div>
          <h1 className="text-title leading-none min-[1600px]:text-key">{page.plan.title}</h1>
          <p className="text-body text-ink2">{page.plan.aim}</p>
        </div>
        <div className="flex flex-wrap items-center gap-3">
          <ButtonLink to={`/class/${page.id}`}>{page.name}</ButtonLink>
          {works && !isRevealed && (
            <Button look="act" disabled={acts.isBusy} onClick={acts.reveal}>
              Reveal to all
            </Button>
          )}
        </div>
      </header>
      {acts.error !== null && <Sorry className="m-3">{sentenceOf(acts.error)}</Sorry>}
      <div className="grid flex-1 grid-cols-[minmax(0,1fr)] min-[1000px]:grid-cols-[minmax(240px,20vw)_minmax(0,1fr)]">
        <aside className="flex flex-col gap-5 border-zinc3 px-5 py-4 min-[1000px]:border-r" aria-label="Groups">
          {page.isOpen && !isComingIn && <ClassCode page={page} size={150} />}
          <Ready page={page} seen={seen} isHidden={hides} asked={asked} onAsk={setAsked} />
        </aside>
        <section className="flex flex-col gap-3 px-5 py-4" aria-label="What the groups found">
          <div className="flex flex-wrap items-end gap-x-8">
            {page.samples.length > 1 && (
              <OneOf
                label="Sample"
                value={sample.id}
                options={page.samples.map(({ id, code }) => ({ key: id, words: code }))}
                onChange={setSampleId}
              />
            )}
            <OneOf
              label="Shown"
              unseen
              value={figure.key}
              options={sheet.figures.map(({ key, label }) => ({ key, words: label }))}
              onChange={setFigureKey}
            />
          </div>
          {isComingIn ? (
            <ComingIn
              page={page}
              line={
                hides
                  ? `${counted(waits.length, 'group has', 'groups have')} still to guess.`
                  : 'Come in with a phone, guess, then measure.'
              }
              {...(works && hides
                ? {
                    onShow: () => {
                      setShows(true);
                    },
                  }
                : {})}
            />
          ) : (
            <Dots seen={seen} isRevealed={isRevealed} onPick={setAsked} />
          )}
        </section>
      </div>
      {isAsking && (
        <GroupAsked
          page={page}
          seen={seen}
          groupId={asked}
          mayAct={works}
          onClose={() => {
            setAsked(undefined);
          }}
        />
      )}
    </main>
  );
}
