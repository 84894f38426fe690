import type { FilledPotPage as Page } from '@bent-pail/contract';
import { sinceRepotted, standNow, standOf } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { ButtonLink } from '../../kit/Button';
import { counted, day } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { Await } from '../../shared/Await';
import { Album } from '../../shared/photos/Album';
import { potFor } from '../../shared/pot/pots';
import { PutAway, WasPutAway } from '../../shared/putAway/PutAway';
import { filledPotQuery, filledPotsKey } from '../../shared/resources/filledPots';
import { TitleBlock } from '../../shared/TitleBlock';
import { useSession, useWorks } from '../../shared/useSession';
import { DiaryLines } from './DiaryLines';
import { PourTests } from './PourTests';
import { TouchOrNot } from './TouchOrNot';
import { useTaught } from './useTaught';
import { Weights } from './Weights';
import { later } from '../../kit/later';

// The diary stands first; what is entered and worked out follows.
const EntryForm = later(async () => (await import('./EntryForm')).EntryForm);
const Settled = later(async () => (await import('./Settled')).Settled);
const Qr = later(async () => (await import('../../shared/Qr')).Qr, <span className="size-24" />);

/** A filled pot: its diary, and what its weights and depths teach. */
export function FilledPotPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(filledPotQuery(id));
  return <Await query={query}>{(page) => <Pot page={page} />}</Await>;
}

function Pot({ page: whole }: { readonly page: Page }): ReactElement {
  const works = useWorks();
  const { notebook } = useSession();
  // What it teaches, it teaches since its medium was new.
  const page = useMemo(() => sinceRepotted(whole), [whole]);
  const { id, name, plant, place, count, medium, mediumKind, mediumId, mediumN, shape, emptiedAt } = page;
  const away = { address: `/pots/${id}`, queryKey: filledPotsKey, name, archived: whole.archived === true };
  const stand = standNow(page.stand, page.diary);
  const taught = useTaught(page);
  const about = [plant, place, standOf(stand).words, count > 1 ? counted(count, 'pot alike', 'pots alike') : undefined];
  return (
    <main>
      <TitleBlock
        title={name}
        line={about.filter(Boolean).join(', ')}
        cells={[
          { term: 'In it', value: mediumN === undefined ? medium : `${medium}, version ${String(mediumN)}` },
          { term: 'Pot', value: potFor(shape).name },
          { term: 'Filled', value: day(whole.filledOn, notebook.zone) },
          ...(page === whole ? [] : [{ term: 'Repotted', value: day(page.filledOn, notebook.zone) }]),
        ]}
      >
        <ButtonLink to={`/pot?with=${mediumKind}:${mediumId}&stand=${stand}`}>Its days ahead</ButtonLink>
        {emptiedAt !== undefined && <PutAway {...away} />}
      </TitleBlock>
      <WasPutAway {...away} />
      {emptiedAt !== undefined && (
        <Notice className="mx-5 my-3 p-2">
          It was emptied on {day(emptiedAt, notebook.zone)}; its diary is closed.
        </Notice>
      )}
      {works && emptiedAt === undefined && <EntryForm pot={whole} />}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 px-5 py-3 min-[1000px]:grid-cols-[minmax(0,6fr)_minmax(0,5fr)]">
        <div>
          <Weights {...taught} />
          <TouchOrNot page={page} {...taught} />
          <Settled page={page} />
          {taught.medium !== undefined && <PourTests page={page} medium={taught.medium} />}
        </div>
        <section aria-label="Diary">
          <h2 className="flex items-baseline justify-between gap-3">
            Diary
            <a
              className="inline-flex min-h-11 items-center px-1 text-small font-normal"
              href={`/api/exports/diaries.csv?pot=${id}`}
              download
            >
              as CSV
            </a>
          </h2>
          <DiaryLines potId={id} diary={whole.diary} />
          <Album of="pots" id={id} label="A photo of it; it shows" />
          <figure className="mt-4 flex items-center gap-3">
            <Qr page={`/pot/diary/${id}`} size={96} />
            <figcaption className="text-small text-ink2">For the pot: a phone opens its diary.</figcaption>
          </figure>
        </section>
      </div>
    </main>
  );
}
