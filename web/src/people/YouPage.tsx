import type { Me } from '@bent-pail/contract';
import { ROLE_NAMES } from '@bent-pail/contract/choices';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { api, sentenceOf } from '../shared/api';
import { forgetOpen } from '../shared/offline';
import { useOutbox } from '../shared/outbox/useOutbox';
import { forgetAllButSession, queryClient, sessionQuery } from '../shared/resources/client';
import { useTheme, type Theme } from '../shared/theme';
import { TitleBlock } from '../shared/TitleBlock';
import { useMe, useSession } from '../shared/useSession';
import { OwnPassword } from './OwnPassword';
import { OwnSessions } from './OwnSessions';
import { Bell } from './Bell';
import { OwnUnits } from './OwnUnits';
import { People } from './People';
import { ThisBench } from './ThisBench';
import { Switch } from '../kit/Switch';
import type { Option } from '../kit/Choice';
import { OneOf } from '../kit/OneOf';
import { Sorry } from '../kit/Sorry';
import { Button, ButtonLink } from '../kit/Button';
import { Notice } from '../kit/Notice';
import { counted } from '../kit/format';

const THEMES: readonly Option<Theme>[] = [
  { key: 'device', words: 'as the device says' },
  { key: 'light', words: 'light' },
  { key: 'dark', words: 'dark' },
];

/** One's own settings, the way out, and for the lead everyone's names. */
export function YouPage(): ReactElement {
  const me = useMe();
  const { notebook } = useSession();
  const { theme, choose } = useTheme();
  const keys = useMutation({
    mutationFn: (singleKeys: boolean) => api.patch<Me>('/me', { singleKeys }),
    // The box and the keys must never say different things, also while the server has not answered yet.
    onMutate: (singleKeys) => {
      queryClient.setQueryData(sessionQuery.queryKey, (was) =>
        was?.me === undefined ? was : { ...was, me: { ...was.me, singleKeys } },
      );
    },
    onSettled: () => queryClient.invalidateQueries({ queryKey: sessionQuery.queryKey }),
  });
  return (
    <main>
      <TitleBlock title={me.name} line={`${ROLE_NAMES[me.role]} at ${notebook.place}`} />
      <div className="grid gap-8 p-5 md:grid-cols-2">
        <section className="flex flex-col gap-4">
          <h2>This page</h2>
          <Switch
            label="Single keys work: 0 to 8, /, W, ?"
            on={me.singleKeys}
            onChange={(on) => {
              keys.mutate(on);
            }}
          />
          {keys.error !== null && <Sorry>{sentenceOf(keys.error)}</Sorry>}
          <OneOf label="Colours" value={theme} options={THEMES} onChange={choose} />
          <p className="flex flex-wrap gap-3">
            <ButtonLink look="tie" to="/words">
              The words used here
            </ButtonLink>
            <ButtonLink look="tie" to="/verdicts">
              What findings mean for a use
            </ButtonLink>
          </p>
          <OwnUnits />
          {me.role !== 'panellist' && <Bell />}
          <h3 className="mt-2">Your password</h3>
          <OwnPassword />
          <OwnSessions />
          <SignOut />
        </section>
        <ThisBench />
        {me.role === 'lead' && <People />}
      </div>
    </main>
  );
}

/** Signing out warns while readings wait: they stay in this browser, but only this person can send them. */
function SignOut(): ReactElement {
  const waiting = useOutbox() ?? [];
  const [asked, setAsked] = useState(false);
  const out = useMutation({
    mutationFn: () => api.remove<undefined>('/session'),
    onSuccess: async () => {
      forgetAllButSession();
      await forgetOpen();
      await queryClient.invalidateQueries({ queryKey: sessionQuery.queryKey });
    },
  });
  const warn = waiting.length > 0 && asked;
  return (
    <div className="flex flex-col items-start gap-2">
      {warn && (
        <Notice className="p-3" role="alert">
          {counted(waiting.length, 'reading waits', 'readings wait')} in this browser for the bench computer. Signed
          out, they stay here and are sent when you sign in again.
        </Notice>
      )}
      {out.error !== null && <Sorry>{sentenceOf(out.error)}</Sorry>}
      <Button
        disabled={out.isPending}
        onClick={() => {
          if (waiting.length > 0 && !asked) setAsked(true);
          else out.mutate();
        }}
      >
        {warn ? 'Sign out all the same' : 'Sign out'}
      </Button>
    </div>
  );
}
