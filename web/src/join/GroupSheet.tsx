import type { GroupPage } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { counted } from '../kit/format';
import { Notice } from '../kit/Notice';
import { api } from '../shared/api';
import { usePageTitle } from '../shared/titleStore';
import { queryClient } from '../shared/resources/client';
import { groupQuery } from '../shared/resources/group';
import { CautionStrip } from '../shared/CautionStrip';
import { Found } from './Found';
import { GuessScreen } from './GuessScreen';
import { Revealed } from './Revealed';
import { StepScreen } from './StepScreen';
import { useSheetState, type Cell, type SheetState } from './sheetState';

interface GroupSheetProps {
  readonly page: GroupPage;
  /** Why nothing more is kept: the class has ended, or the phone was sent away. What was found stays in sight. */
  readonly over: string | undefined;
  readonly onLeft: () => void;
}

/** A group's way through its lesson: guess, measure, what was found, what all found. */
export function GroupSheet({ page, over, onLeft }: GroupSheetProps): ReactElement | null {
  usePageTitle(`Group ${String(page.number)}`);
  const [sampleId, setSampleId] = useState(page.samples[0]?.id ?? '');
  const state = useSheetState(page, sampleId);
  if (state === undefined) return null;
  const leave = async (): Promise<void> => {
    await api.remove('/group').catch(() => undefined);
    queryClient.removeQueries({ queryKey: groupQuery.queryKey });
    onLeft();
  };
  return (
    <main className="mx-auto flex min-h-screen max-w-[560px] flex-col">
      <header className="flex border-b-[3px] border-ink">
        <span className="w-[72px] bg-slab py-1.5 text-center text-inverse">
          <small className="text-inverse">group</small>
          <b className="figure block text-title leading-none font-medium">{page.number}</b>
        </span>
        <span className="min-w-0 px-3 py-2">
          <h1 className="text-lead leading-tight">{page.title}</h1>
          <small className="text-ink2">{waitingWords(state)}</small>
        </span>
      </header>
      {page.samples.length > 1 && <Samples page={page} sampleId={sampleId} onSample={setSampleId} />}
      {state.refused.map((sentence) => (
        <Notice key={sentence} role="alert" className="m-3 p-3">
          {sentence}
        </Notice>
      ))}
      {over !== undefined && (
        <Notice role="status" className="m-3 p-3">
          {over}
        </Notice>
      )}
      <Way key={sampleId} page={page} state={state} isOver={over !== undefined} />
      <footer className="mt-auto flex items-center justify-between gap-3 px-4 py-2 text-small text-ink2">
        <span>Sample {page.samples.find(({ id }) => id === sampleId)?.code}</span>
        <Button look="small" onClick={() => void leave()}>
          Leave group {page.number}
        </Button>
      </footer>
    </main>
  );
}

const waitingWords = ({ waiting }: SheetState): string =>
  waiting === 0
    ? 'All is kept.'
    : `${counted(waiting, 'value waits', 'values wait')} to be sent, and ${waiting === 1 ? 'is' : 'are'} safe in this phone.`;

interface SamplesProps {
  readonly page: GroupPage;
  readonly sampleId: string;
  readonly onSample: (id: string) => void;
}

function Samples({ page, sampleId, onSample }: SamplesProps): ReactElement {
  return (
    <nav className="flex border-b border-zinc3" aria-label="Samples">
      {page.samples.map(({ id, code }) => (
        <button
          key={id}
          type="button"
          aria-current={id === sampleId ? 'step' : undefined}
          className="figure min-h-12 flex-1 border-zinc3 text-lead not-first:border-l aria-[current=step]:bg-zinc1 aria-[current=step]:font-bold aria-[current=step]:shadow-[inset_0_-3px_var(--ink)]"
          onClick={() => {
            onSample(id);
          }}
        >
          {code}
        </button>
      ))}
    </nav>
  );
}

interface WayProps {
  readonly page: GroupPage;
  readonly state: SheetState;
  readonly isOver: boolean;
}

function Way({ page, state, isOver }: WayProps): ReactElement {
  const [chosen, setChosen] = useState<Cell>();
  const toGuess = state.toGuess.find(({ key }) => !state.guessed.has(key));
  const isFresh = state.readings.length === 0;
  if (page.revealed !== undefined) return <Revealed page={page} state={state} />;
  if (isOver) return <Found state={state} page={page} onCell={undefined} />;
  if (toGuess !== undefined)
    return (
      <>
        {state.guessed.size === 0 && <CautionStrip caution="pupils" />}
        <GuessScreen
          key={toGuess.key}
          groupId={page.groupId}
          sampleId={state.sampleId}
          figure={toGuess}
          aim={page.aim}
        />
      </>
    );
  const cell = chosen ?? state.next;
  if (cell === undefined) return <Found state={state} page={page} onCell={setChosen} />;
  return (
    <StepScreen
      key={`${String(cell.repeat)} ${cell.step.key}`}
      page={page}
      state={state}
      cell={cell}
      isFirst={isFresh}
      onCell={setChosen}
      onDone={() => {
        setChosen(undefined);
      }}
    />
  );
}
