import type { GroupPage, JoinPage } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useState, type SyntheticEvent, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { counted } from '../kit/format';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { showGroup } from '../shared/resources/group';
import { usePageTitle } from '../shared/titleStore';
import { noteJoined } from './joinedBy';

interface ChooseGroupProps {
  /** As the QR on the wall has it. */
  readonly code: string | undefined;
  readonly onJoined: () => void;
}

/** The code on the wall, then which group this phone is of. */
export function ChooseGroup({ code, onJoined }: ChooseGroupProps): ReactElement {
  usePageTitle('Join a class');
  const [typed, setTyped] = useState(code ?? '');
  const look = useMutation({ mutationFn: (asked: string) => api.post<JoinPage>('/join', { code: asked }) });
  const { mutate } = look;
  useEffect(() => {
    if (code !== undefined) mutate(code);
  }, [code, mutate]);
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault();
    mutate(typed);
  };
  return (
    <main className="mx-auto flex min-h-screen max-w-[560px] flex-col gap-5 p-5">
      <header className="flex items-end gap-4">
        <PailMark
          shape={shapeOf({ height_cm: 12 }, 'vessel')}
          fill={{ kind: 'empty' }}
          state="class"
          tier="medium"
          k={4}
          label="The pail"
        />
        <h1 className="text-title leading-none">{look.data?.title ?? 'Join a class'}</h1>
      </header>
      {look.data === undefined ? (
        <form className="flex flex-col items-stretch gap-3" onSubmit={submit}>
          <Field
            label="Code on the wall"
            value={typed}
            onChange={setTyped}
            placeholder="six letters or digits"
            sorry={look.error === null ? undefined : sentenceOf(look.error)}
          />
          <Button type="submit" look="act" disabled={look.isPending || typed.trim() === ''}>
            Go in
          </Button>
        </form>
      ) : (
        <Groups page={look.data} code={typed} onJoined={onJoined} />
      )}
      <p className="mt-auto text-small text-ink2">
        No account and no name: only the number of your group is kept, and what you measure. It ends with the class.
      </p>
    </main>
  );
}

interface GroupsProps {
  readonly page: JoinPage;
  readonly code: string;
  readonly onJoined: () => void;
}

function Groups({ page, code, onJoined }: GroupsProps): ReactElement {
  const join = useMutation({
    mutationFn: (group: number) => api.post<GroupPage>('/join/group', { code, group }),
    onSuccess: (next) => {
      noteJoined(code);
      showGroup(next);
      onJoined();
    },
  });
  return (
    <section aria-labelledby="which-group">
      <h2 id="which-group" className="text-lead">
        Which group are you?
      </h2>
      <ul className="mt-3 grid grid-cols-3 gap-2.5">
        {page.groups.map(({ number, phones }) => (
          <li key={number}>
            <button
              type="button"
              disabled={join.isPending}
              className="flex min-h-20 w-full flex-col items-center justify-center border-2 border-ink bg-paper py-2 active:bg-ink active:text-paper"
              onClick={() => {
                join.mutate(number);
              }}
            >
              <span className="text-small font-semibold">Group</span>
              <span className="figure text-title leading-none font-medium">{number}</span>
              <small className="text-ink2">{phones === 0 ? 'free' : counted(phones, 'phone', 'phones')}</small>
            </button>
          </li>
        ))}
      </ul>
      {join.error !== null && <Sorry className="mt-3">{sentenceOf(join.error)}</Sorry>}
    </section>
  );
}
