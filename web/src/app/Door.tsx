import type { SessionState } from '@bent-pail/contract';
import { DEMO_PEOPLE, ROLE_NAMES } from '@bent-pail/contract/choices';
import { useMutation } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { api, sentenceOf } from '../shared/api';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { comeIn } from './comeIn';
import { later } from '../kit/later';

const SIGN = { kind: 'parted', solid: 0.34, water: 0.4, air: 0.26 } as const;

/** What each of the demo's people sees first. */
const SEES: Readonly<Record<(typeof DEMO_PEOPLE)[number]['name'], string>> = {
  'Isla Brandreth': 'everything',
  'Tam Oswin': 'shelf, bench, blend, score',
  'Wyn Harker': 'own score sheets, blind',
  'Petra Lund': 'likewise; one sheet is open',
  Visitor: 'looks, changes nothing',
};

// Whoever is signed in already, or opens the demo with a press, needs no forms yet.
const SignIn = later(async () => (await import('./DoorForms')).SignIn);
const FirstLead = later(async () => (await import('./DoorForms')).FirstLead);

/** The door: sign in, open the demo with one click, or name the first lead of an empty notebook. */
export function Door({ session }: { readonly session: SessionState }): ReactElement {
  return (
    <main className="grid min-h-screen items-center gap-10 p-8 md:grid-cols-[auto_minmax(0,420px)] md:justify-center">
      <div className="flex items-end gap-6">
        <PailMark
          shape={{ ...shapeOf({ height_cm: 12 }, 'vessel'), baseDiameter_cm: 9 }}
          fill={SIGN}
          state="measured"
          tier="large"
          k={15}
          sign
          label="Bent Pail"
        />
        <div>
          <h1 className="text-key leading-none font-bold">Bent Pail</h1>
          <p className="text-ink2 mt-2 max-w-[26ch]">
            Weigh what you have, know what your blend will do, say which bag is worth it, and be able to show why.
          </p>
        </div>
      </div>
      <div>
        {session.needsFirstLead ? <FirstLead /> : session.demo ? <Demo /> : <SignIn place={session.notebook.place} />}
        <p className="mt-6 text-small">
          In a shop? <Link to="/shop">Compare packs without signing in</Link>.
        </p>
      </div>
    </main>
  );
}

function Demo(): ReactElement {
  const enter = useMutation({
    mutationFn: (body: { readonly name: string }) => api.post<SessionState>('/session/demo', body),
    onSuccess: comeIn,
  });
  const [first, ...others] = DEMO_PEOPLE;
  return (
    <section className="flex flex-col gap-4">
      <h2 className="text-lead">The Tollgarth notebook</h2>
      <p>This is a demo with made-up data. Anyone at this computer can open it with one click, without a password.</p>
      <Button
        look="act"
        disabled={enter.isPending}
        onClick={() => {
          enter.mutate({ name: first.name });
        }}
      >
        Open as {first.name}, {ROLE_NAMES[first.role]}
      </Button>
      <ul className="border-t-[1.5px]">
        {others.map((person) => (
          <li key={person.name} className="border-b border-zinc2">
            <button
              type="button"
              className="flex min-h-11 w-full items-center justify-between text-left"
              onClick={() => {
                enter.mutate({ name: person.name });
              }}
            >
              <span>
                <b>{person.name}</b>, {ROLE_NAMES[person.role]}
              </span>
              <small>{SEES[person.name]}</small>
            </button>
          </li>
        ))}
      </ul>
      {enter.error !== null && <Sorry>{sentenceOf(enter.error)}</Sorry>}
      <details>
        <summary className="min-h-8 cursor-pointer font-semibold">Sign in with a password</summary>
        <SignIn place="Tollgarth" />
      </details>
    </section>
  );
}
