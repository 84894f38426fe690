import type { Found as Thing, Me } from '@bent-pail/contract';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Command } from 'cmdk';
import { Dialog as Primitive } from 'radix-ui';
import { useState, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { DIM } from '../../kit/Dialog';
import { FoundLine, GROUP_HEADING, type Found } from '../../kit/FoundLine';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { useFind } from '../../shared/findStore';
import { useSettled } from '../../shared/useSettled';
import { lineOf, runOn, startOn } from './foundThings';
import { useLately } from './latelyStore';
import { placesFor } from './places';

/** So many places and acts are shown before the things. */
const MOST_PLACES = 5;

/** One box over everything: things of the notebook, pages, acts; where one was lately before a word is typed. */
export function FindEverything({ me }: { readonly me: Me }): ReactElement {
  const { isOpen, setOpen } = useFind();
  const [text, setText] = useState('');
  const close = (): void => {
    setOpen(false);
    setText('');
  };
  return (
    <Primitive.Root
      open={isOpen}
      onOpenChange={(open) => {
        if (open) setOpen(true);
        else close();
      }}
    >
      <Primitive.Portal>
        <Primitive.Overlay className={DIM} />
        <Primitive.Content
          aria-describedby={undefined}
          className="fixed top-[8vh] left-1/2 z-30 w-[min(620px,94vw)] -translate-x-1/2 border-[3px] border-ink bg-paper"
        >
          <Primitive.Title className="sr-only">Find anything</Primitive.Title>
          <Answers me={me} text={text} onText={setText} onLeave={close} />
        </Primitive.Content>
      </Primitive.Portal>
    </Primitive.Root>
  );
}

interface AnswersProps {
  readonly me: Me;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onLeave: () => void;
}

function Answers({ me, text, onText, onLeave }: AnswersProps): ReactElement {
  const navigate = useNavigate();
  const typed = text.trim();
  const lotWords = runOn(typed);
  const asked = useSettled(lotWords ?? typed);
  const { data: things = [], error } = useQuery({
    queryKey: ['find', asked],
    queryFn: ({ signal }) => api.get<Thing[]>(`/find?for=${encodeURIComponent(asked.slice(0, 100))}`, signal),
    enabled: asked !== '',
    placeholderData: keepPreviousData,
  });
  const lines = typed === '' ? [] : linesOf(typed, lotWords, things, me);
  const lately = useLately((state) => state.pages);
  const shown: readonly Found[] =
    typed === '' ? lately.map(({ to, words }) => ({ key: to, words, group: 'Lately' })) : lines;
  const groups = [...new Set(shown.map(({ group }) => group))];
  // What answers comes after the typing: the first of it is the one that Enter takes.
  const [pointed, setPointed] = useState('');
  const current = shown.some(({ key }) => key === pointed) ? pointed : (shown[0]?.key ?? '');
  const choose = (key: string): void => {
    onLeave();
    void navigate(key.replace(/#\d+$/, ''));
  };
  return (
    <Command shouldFilter={false} label="Find anything" loop value={current} onValueChange={setPointed}>
      <Command.Input
        value={text}
        onValueChange={(next) => {
          setPointed('');
          onText(next);
        }}
        placeholder="a lot, run 87, a blend, a pot, a note, start a run on …"
        className="h-14 w-full border-b-[1.5px] border-ink bg-transparent px-4 text-lead outline-none placeholder:text-head max-[520px]:placeholder:text-small"
      />
      <Command.List className="max-h-[min(60vh,480px)] overflow-y-auto">
        {error === null ? (
          <Command.Empty className="px-4 py-5 text-small text-ink2">
            {typed === '' ? 'Write a word of its name, or what you want to do.' : 'Nothing is called so.'}
          </Command.Empty>
        ) : (
          <Sorry className="m-3">{sentenceOf(error)}</Sorry>
        )}
        {groups.map((group) => (
          <Command.Group key={group} heading={group} className={GROUP_HEADING}>
            {shown
              .filter((one) => one.group === group)
              .map((one) => (
                <FoundLine
                  key={one.key}
                  one={one}
                  onChoose={() => {
                    choose(one.key);
                  }}
                />
              ))}
          </Command.Group>
        ))}
      </Command.List>
    </Command>
  );
}

/** Acts and pages first where they are meant, then things by their kind. */
function linesOf(typed: string, lotWords: string | undefined, things: readonly Thing[], me: Me): readonly Found[] {
  if (lotWords !== undefined) return things.filter(({ kind }) => kind === 'lot').map(startOn);
  const places = placesFor(typed, me.role)
    .slice(0, MOST_PLACES)
    .map(({ to, words }, i) => ({ key: `${to}#${String(i)}`, words, group: 'Pages and acts' }));
  return [...things.map(lineOf), ...places];
}
