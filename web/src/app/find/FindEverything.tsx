import type { Found as Thing, Me } from '@bent-pail/contract';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { FindSheet } from '../../kit/FindSheet';
import type { Found } from '../../kit/FoundLine';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { useFind } from '../../shared/findStore';
import { useSettled } from '../../shared/useSettled';
import { lineOf, runOn, startOn } from './foundThings';
import { FIND_HINT, FIND_LABEL } from './findWords';
import { useLately } from './latelyStore';
import { placesFor } from './places';

/** So many pages and acts are shown. */
const MOST_PLACES = 5;

/** One box over everything: things of the notebook, pages, acts; where one was lately before a word is typed. */
export function FindEverything({ me }: { readonly me: Me }): ReactElement {
  const navigate = useNavigate();
  const { isOpen, from, text, setOpen, setText } = useFind();
  const typed = text.trim();
  const lotWords = runOn(typed);
  const asked = useSettled(lotWords ?? typed);
  const { data: things = [], error } = useQuery({
    queryKey: ['find', asked],
    queryFn: ({ signal }) => api.get<Thing[]>(`/find?for=${encodeURIComponent(asked.slice(0, 100))}`, signal),
    enabled: isOpen && asked !== '',
    placeholderData: keepPreviousData,
  });
  const lately = useLately((state) => state.pages);
  const found =
    typed === ''
      ? lately.map(({ to, words }) => ({ key: to, words, group: 'Lately' }))
      : linesOf(typed, lotWords, things, me);
  return (
    <FindSheet
      label={FIND_LABEL}
      open={isOpen}
      onOpenChange={setOpen}
      from={from}
      text={text}
      onText={setText}
      placeholder={FIND_HINT}
      found={found}
      nothing={error === null ? nothingSaid(typed) : <Sorry>{sentenceOf(error)}</Sorry>}
      onChoose={(key) => {
        setOpen(false);
        void navigate(key.replace(/#\d+$/, ''));
      }}
    />
  );
}

const nothingSaid = (typed: string): string =>
  typed === '' ? 'Write a word of its name, or what you want to do.' : 'Nothing is called so.';

/** Things by their kind, then pages and acts; only the act where a run is to be started. */
function linesOf(typed: string, lotWords: string | undefined, things: readonly Thing[], me: Me): readonly Found[] {
  if (lotWords !== undefined) return things.filter(({ kind }) => kind === 'lot').map(startOn);
  const places = placesFor(typed, me.role)
    .slice(0, MOST_PLACES)
    .map(({ to, words }, i) => ({ key: `${to}#${String(i)}`, words, group: 'Pages and acts' }));
  return [...things.map(lineOf), ...places];
}
